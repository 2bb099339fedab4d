import type { Marker, MarkerKind } from './markers.ts'

/** How deep a marker stands below the question it belongs to. */
const DEPTH: Readonly<Record<MarkerKind, number>> = { question: 0, letter: 1, roman: 2, number: 3, bullet: 4 }

/**
 * The numbering of a sheet as it is read from top to bottom. A bare number is a question where lettered parts begin under it,
 * and the step of a method everywhere else.
 */
export class Numbering {
  private readonly path: (Marker | undefined)[] = []
  private block = 0
  private begun = false
  private readonly plain: string

  constructor(plain: string) {
    this.plain = plain
  }

  /** The number and question of what comes after some markers. */
  after(markers: readonly Marker[], opens = false): { readonly number: string; readonly block: number } {
    // A new line without a marker is no more part of the step before it.
    if (opens && markers.length === 0 && this.path.length > DEPTH.number) this.path.length = DEPTH.number
    for (const marker of markers) this.take(marker)
    return { number: this.name(), block: this.block }
  }

  private take(marker: Marker): void {
    // "Experiment 2" under a lettered part is one of its runs.
    const isRun = marker.kind === 'question' && this.path[DEPTH.letter] !== undefined && /^experiment/i.test(marker.name)
    const isQuestion = (marker.kind === 'question' && !isRun) || (marker.kind === 'number' && this.opensQuestion(marker))
    const depth = isQuestion ? 0 : isRun ? DEPTH.number : DEPTH[marker.kind]
    if (isQuestion) {
      if (this.begun) this.block++
      this.begun = true
    }
    this.path.length = depth + 1
    this.path[depth] = marker
  }

  /** Whether "(a)" follows before the next number does. */
  private opensQuestion(marker: Marker): boolean {
    // "Test 5", and the last step of a numbered method, open none, whatever lettered parts come after them.
    const before = this.path[DEPTH.number]?.name
    if (!/^\d+$/.test(marker.name) || (before !== undefined && Number(before) === Number(marker.name) - 1)) return false
    const next = Number(marker.name) + 1
    const ahead = this.plain.slice(marker.to, marker.to + AHEAD)
    const further = this.goesOn(next - 1)
    const letter = new RegExp(`(?:^|[\\s.:;?!|])\\(?(?:a|i${further === '' ? '' : `|${further}`})\\)\\s`).exec(ahead)
    if (!letter) return false
    const number = new RegExp(`(?:\\n|[.:;?!]\\s+)\\s*${next}[.)]?\\s+[A-Z(]`).exec(ahead)
    const otherLetter = [...ahead.matchAll(/(?:^|\n|[.:;?!]\s)\s*\(([b-h])\)\s/g)].find(([, name]) => name !== further)
    return (number?.index ?? AHEAD) > letter.index && (otherLetter?.index ?? AHEAD) > letter.index
  }

  /** Letters may go on from one question to the next: "(c)" under the second. */
  private goesOn(number: number): string {
    const [before, last] = [this.path[0]?.name.replace(/^question\s+/i, ''), this.path[DEPTH.letter]?.name]
    if (before !== String(number - 1) || last?.length !== 1) return ''
    return String.fromCharCode(last.charCodeAt(0) + 1)
  }

  private name(): string {
    return this.path
      .map((marker, depth) => {
        if (!marker || marker.kind === 'bullet') return ''
        const name = marker.name.replace(/^question\s+/i, '')
        return depth === 0 ? name : depth === DEPTH.number ? `${this.path[0] || this.path[1] ? '.' : ''}${name}` : `(${name})`
      })
      .join('')
  }
}

/** Signs that a question is looked ahead in. */
const AHEAD = 4000

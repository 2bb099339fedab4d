import { sameJson } from './sameJson.ts'

/** What a thing in a list of the record is called: its id; a sample of a rack has the material's. */
export function itemName(value: unknown): string | undefined {
  if (typeof value !== 'object' || value === null) return undefined
  const { id, material, tubes } = value as { id?: unknown; material?: unknown; tubes?: unknown }
  const name = Array.isArray(tubes) ? material : id
  return typeof name === 'string' && name !== '' ? name : undefined
}

const ALPHABET = 'abcdefghijkmnpqrstuvwxyz23456789'

/**
 * A short id for a thing that is added: a word and the number after the highest in use (`t2`). Two devices that add the
 * next run to the same record call it the same, so that it becomes one run, with both readings where they differ.
 *
 * @param taken - ids in use
 */
export function freshId(word: string, taken: Iterable<string>): string {
  let highest = 0
  for (const id of taken) {
    const number = id.startsWith(word) ? id.slice(word.length) : ''
    if (/^[1-9]\d{0,8}$/.test(number)) highest = Math.max(highest, Number(number))
  }
  return `${word}${highest + 1}`
}

/** What runs of each kind are called in their ids: as people call them, `run2`. */
const RUN_WORDS = { rough: 'rough', accurate: 'run', blank: 'blank' } as const

/** The word a run's id begins with; one of no known kind is a run. */
export const runWord = (kind: unknown): string => RUN_WORDS[kind as keyof typeof RUN_WORDS] ?? 'run'

/** The id of a run that is added. Two devices that add a run of one kind add the same one; of two kinds, two. */
export function freshRunId(kind: keyof typeof RUN_WORDS, runs: readonly { readonly id: string }[]): string {
  return freshId(
    runWord(kind),
    runs.map(({ id }) => id),
  )
}

/** An id for a whole task, from chance that is passed in: 12 characters, none easily mistaken for another. */
export function taskId(random: () => number): string {
  return Array.from({ length: 12 }, () => ALPHABET[Math.floor(random() * ALPHABET.length)]).join('')
}

/** Whether two items of a list are one: by their names where they have them, else by their contents. */
export function isSameThing(one: unknown, other: unknown): boolean {
  const [a, b] = [itemName(one), itemName(other)]
  return a !== undefined || b !== undefined ? a === b : sameJson(one, other)
}

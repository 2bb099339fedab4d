import { Memory } from '../memory/index.ts'
import { FILLER, FIRST_SIGN, withColourSigns } from './colours.ts'
import type { Observation, ObservedFact, Read } from './facts.ts'
import { GAS_PATTERNS } from './gasPatterns.ts'
import { PATTERNS } from './patterns.ts'
import type { Pattern } from './words.ts'

/** Words that say nothing by themselves. */
const IDLE = new Set(
  `a an and the of in on to with was were is are it then which that this there so but also when after at by as from for into
   formed forms form seen observed produced given gave giving gives off evolved gas paper tube test added adding drops drop few
   excess xs more slowly quickly immediately at once settled settles left solution soln liquid warm warmed warming heated heating
   cold hot shaken shaking damp moist red blue litmus splint turned turns turning goes went became becomes acid alkali sample its
   all some very clear both first before again still has had be been colour color formation appears appeared not no`
    .split(/\s+/)
    .filter((word) => word !== ''),
)

/** Signs that stand for colours here are nobody's letters. */
const PRIVATE_USE = new RegExp(`[${FIRST_SIGN}-${FILLER}]`, 'g')

const WORD = /[a-z][a-z'()-]*/gi

/** Blanks what has been read, so that no word is read twice, and places stay where they are. */
function blank(text: string, from: number, to: number): string {
  return `${text.slice(0, from)}${'\u0000'.repeat(to - from)}${text.slice(to)}`
}

function same(one: ObservedFact, other: ObservedFact): boolean {
  return JSON.stringify(one) === JSON.stringify(other)
}

/** Texts that were read before: a record is read again at every keystroke. */
const MOST_KNOWN = 2000
const known = new Memory<string, Observation>(MOST_KNOWN)

/**
 * Reads an observation as a student typed it.
 *
 * What it does not understand it says; it never guesses silently. Every fact has the span of text it was read from.
 */
export function readObservation(text: string): Observation {
  return known.recall(text, read)
}

/** Takes what patterns find out of a text, and hands on the rest. */
function take(text: string, patterns: readonly Pattern[], facts: Read[]): string {
  let left = text
  for (const { pattern, read: readMatch } of patterns) {
    pattern.lastIndex = 0
    for (let match = pattern.exec(left); match; match = pattern.exec(left)) {
      if (match[0].trim() === '') {
        pattern.lastIndex++
        continue
      }
      const start = match.index + (match[0].length - match[0].trimStart().length)
      const end = match.index + match[0].trimEnd().length
      for (const fact of readMatch(match))
        if (!facts.some((one) => same(one.fact, fact))) facts.push({ fact, span: [start, end] })
      left = blank(left, start, end)
      pattern.lastIndex = end
    }
  }
  return left
}

function read(text: string): Observation {
  // Typographic signs count as the plain ones; every one is replaced by one character, so that spans stay true.
  const plain = text
    .replace(/[‐‑‒–—]/g, '-')
    .replace(/[’‘]/g, "'")
    .replace(/[→⟶]/g, '>')
    .replace(PRIVATE_USE, ' ')
  const facts: Read[] = []
  const afterGases = take(plain, GAS_PATTERNS, facts)
  const left = take(withColourSigns(afterGases), PATTERNS, facts)
  // A colour that nothing took is a word again.
  const words = left.replace(PRIVATE_USE, (_, place: number) => plain.charAt(place))
  const notUnderstood = [...words.matchAll(WORD)]
    .filter(([word]) => !IDLE.has(word.toLowerCase()))
    .map((match) => ({ text: match[0], span: [match.index, match.index + match[0].length] as const }))
  return { facts: facts.toSorted((a, b) => a.span[0] - b.span[0]), notUnderstood }
}

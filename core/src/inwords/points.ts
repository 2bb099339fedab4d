import type { Point, Way } from './answer.ts'

/** A point, by the words that show it: each text is one way, `&` between words that must all be there, `|` between any. */
export const point = (says: string, ...ways: readonly string[]): Point => ({
  says,
  shownBy: ways.map((words) => words.split(' & ').map((word) => new RegExp(`(?<![a-z])(?:${word})`, 'i'))),
})

/** A way whose sentence is made of its points. */
export const way = (says: string, ...points: readonly Point[]): Way => ({ says, points })

const COMMON = new Set(
  'that this with from have been were will would their there which when what less more than into over only also they them then some such very each other taken made does done'.split(
    ' ',
  ),
)

/** The words of a sentence that carry it, in their stems, for a reader who looks for the same thought in other words. */
export function carrying(sentence: string): readonly string[] {
  const words = sentence.toLowerCase().match(/[a-z]{4,}/g) ?? []
  return [...new Set(words.filter((word) => !COMMON.has(word)).map((word) => word.slice(0, Math.max(4, word.length - 2))))]
}

/** A point that is shown by any two of the words that carry its sentence. */
export function pointOf(says: string): Point {
  const words = carrying(says)
  const pairs = words.flatMap((one, index) => words.slice(index + 1).map((other) => [one, other]))
  return {
    says,
    shownBy: (pairs.length > 0 ? pairs : [words]).map((pair) => pair.map((word) => new RegExp(`(?<![a-z])${word}`, 'i'))),
  }
}

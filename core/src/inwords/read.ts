import type { InWords, Point, Way } from './answer.ts'

/** What of an answer is there. What is not found may still be there in words that nobody thought of: it is never called wrong. */
export interface Read {
  readonly wanted: number
  readonly found: readonly Point[]
  readonly missing: readonly Point[]
}

const isShown = ({ shownBy }: Point, text: string) => shownBy.some((words) => words.every((word) => word.test(text)))

/** Reads an answer for the points that a question wants: for as many ways as are asked for, those that are most nearly there. */
export function readAnswer(text: string, { ways, times }: InWords): Read {
  const looked = ways.map((one: Way) => {
    const found = one.points.filter((point) => isShown(point, text))
    return { found, missing: one.points.filter((point) => !found.includes(point)) }
  })
  const nearest = looked
    .toSorted(
      (a, b) => b.found.length / (b.found.length + b.missing.length) - a.found.length / (a.found.length + a.missing.length),
    )
    .slice(0, times)
  const found = nearest.flatMap((one) => one.found)
  const missing = nearest.flatMap((one) => one.missing)
  return { wanted: found.length + missing.length, found, missing }
}

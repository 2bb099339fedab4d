import type { Point } from './line.ts'

/** How steeply a curve goes between two neighbouring points, as of the place half-way. */
interface Chord {
  readonly from: Point
  readonly to: Point
  readonly middle: number
  readonly slope: number
}

/** A steep place of a curve: an equivalence, where the second derivative passes through nought. */
export interface Step {
  /** The steepest chord, and those before and after it. */
  readonly chords: readonly [Chord, Chord, Chord]
  /** Between the middles of the chords: where each change of steepness is counted to be, and the second derivative there. */
  readonly bends: readonly [Point, Point]
  readonly x: number
}

/** So much of the steepest chord a place must have to be another step, and so much it must stand above what lies between. */
const WORTH_A_STEP = 0.2
const STANDS_OUT = 1.5

function chordsOf(points: readonly Point[]): readonly Chord[] {
  const sorted = points.toSorted((a, b) => a.x - b.x)
  return sorted.slice(1).flatMap((to, index): Chord[] => {
    const from = sorted[index] as Point
    return to.x === from.x ? [] : [{ from, to, middle: (from.x + to.x) / 2, slope: (to.y - from.y) / (to.x - from.x) }]
  })
}

function bendBetween(left: Chord, right: Chord): Point {
  return { x: (left.middle + right.middle) / 2, y: (right.slope - left.slope) / (right.middle - left.middle) }
}

function stepAt(chords: readonly Chord[], index: number): Step | undefined {
  const [left, steepest, right] = [chords[index - 1], chords[index], chords[index + 1]]
  if (!left || !steepest || !right) return undefined
  const bends = [bendBetween(left, steepest), bendBetween(steepest, right)] as const
  const [first, second] = bends
  if (first.y === second.y) return undefined
  return { chords: [left, steepest, right], bends, x: first.x + ((second.x - first.x) * first.y) / (first.y - second.y) }
}

/** Whether between two steep chords the curve is enough less steep for them to be two steps. */
function standApart(sizes: readonly number[], one: number, other: number): boolean {
  const [low, high] = [Math.min(one, other), Math.max(one, other)]
  const valley = Math.min(...sizes.slice(low, high + 1))
  return Math.min(sizes[one] ?? 0, sizes[other] ?? 0) > STANDS_OUT * valley
}

/**
 * Finds the steep places of a curve, such as the equivalences of a pH curve: each where the first derivative, from
 * reading to reading, is largest, at the place where the second derivative passes through nought between the two
 * readings beside it (common practice of potentiometric titration).
 *
 * @returns in order of x; a steepest place at an end, where nothing shows that it is one, is none
 */
export function stepsOf(points: readonly Point[]): readonly Step[] {
  const chords = chordsOf(points)
  const sizes = chords.map(({ slope }) => Math.abs(slope))
  const steepest = Math.max(...sizes, 0)
  const chosen: number[] = []
  const bySize = sizes.map((_, index) => index).toSorted((a, b) => (sizes[b] ?? 0) - (sizes[a] ?? 0))
  for (const index of bySize) {
    const size = sizes[index] ?? 0
    if (size < steepest * WORTH_A_STEP || size === 0) break
    if (chosen.every((other) => standApart(sizes, index, other))) chosen.push(index)
  }
  return chosen.toSorted((a, b) => a - b).flatMap((index) => stepAt(chords, index) ?? [])
}

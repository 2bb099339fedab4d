import type { Point } from './line.ts'
import type { SmoothCurve } from './smooth.ts'

interface Piece {
  readonly from: Point
  readonly to: Point
  readonly width: number
  readonly steepness: number
}

/** Points in order of x; of several at one x their mean. */
function inOrder(points: readonly Point[]): readonly Point[] {
  const heights = new Map<number, number[]>()
  for (const { x, y } of points) heights.set(x, [...(heights.get(x) ?? []), y])
  return [...heights]
    .map(([x, ys]) => ({ x, y: ys.reduce((total, y) => total + y, 0) / ys.length }))
    .toSorted((a, b) => a.x - b.x)
}

/** Steepness at a point between two pieces: their weighted harmonic mean, and level where the curve turns. */
function between(left: Piece, right: Piece): number {
  if (left.steepness * right.steepness <= 0) return 0
  const [a, b] = [2 * right.width + left.width, right.width + 2 * left.width]
  return (a + b) / (a / left.steepness + b / right.steepness)
}

/** Steepness at an end, by the parabola through its three points, kept from overshooting. */
function atEnd(near: Piece, next: Piece): number {
  const slope = ((2 * near.width + next.width) * near.steepness - near.width * next.steepness) / (near.width + next.width)
  if (slope * near.steepness <= 0) return 0
  const overshoots = near.steepness * next.steepness < 0 && Math.abs(slope) > 3 * Math.abs(near.steepness)
  return overshoots ? 3 * near.steepness : slope
}

/** Height and steepness of the cubic that leaves and reaches both ends of a piece as steeply as is said. */
function cubicAt({ from, to, width }: Piece, leaves: number, reaches: number, x: number): readonly [number, number] {
  const t = (x - from.x) / width
  const height =
    (1 + 2 * t) * (1 - t) ** 2 * from.y +
    t * (1 - t) ** 2 * width * leaves +
    t * t * (3 - 2 * t) * to.y +
    t * t * (t - 1) * width * reaches
  const slope = (6 * t * (1 - t) * (to.y - from.y)) / width + (1 - t) * (1 - 3 * t) * leaves + t * (3 * t - 2) * reaches
  return [height, slope]
}

/**
 * Draws a curve through every point that rises where they rise and turns only where they turn, as a curve of pH or of
 * solubility is drawn by hand: cubics from point to point. Beyond the ends it goes on as they do.
 * Source: F. N. Fritsch and J. Butland's monotone piecewise cubic interpolation; from memory.
 *
 * @returns undefined with fewer than three different x
 */
export function curveThrough(points: readonly Point[]): SmoothCurve | undefined {
  const sorted = inOrder(points)
  if (sorted.length < 3) return undefined
  const pieces = sorted.slice(1).map((to, index): Piece => {
    const from = sorted[index] as Point
    return { from, to, width: to.x - from.x, steepness: (to.y - from.y) / (to.x - from.x) }
  })
  const at = (index: number) => pieces.at(index) as Piece
  const slopes = [atEnd(at(0), at(1)), ...pieces.slice(1).map((right, index) => between(at(index), right)), atEnd(at(-1), at(-2))]
  const read = (x: number): readonly [number, number] => {
    const found = pieces.findIndex(({ to }) => x <= to.x)
    const index = found === -1 ? pieces.length - 1 : found
    return cubicAt(at(index), slopes[index] as number, slopes[index + 1] as number, x)
  }
  return { heightAt: (x) => read(x)[0], slopeAt: (x) => read(x)[1] }
}

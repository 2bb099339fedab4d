import { fitLine, heightAt, type Line, type Point, tooFewForLine, varianceAt } from './line.ts'
import { growingMoments, lineOf } from './moments.ts'

/** Two straight lines, one through the points up to a split and one through the rest, and where they cross. */
export interface TwoLines {
  readonly before: Line
  readonly after: Line
  /** How many points, in order of x, the first line takes. */
  readonly split: number
  readonly crossing: Point
  /** Standard uncertainty of the crossing's x from the scatter of the points; undefined where neither line has more than two points. */
  readonly uncertainty?: number
}

/** A line through two points fits whatever they are, so three are asked for on each side where there are enough. */
const WANTED_ON_EACH_SIDE = 3
const LEAST_ON_EACH_SIDE = 2

/**
 * Standard uncertainty of the crossing x₀ = (b₂ − b₁) / (m₁ − m₂), from the variances of both lines.
 * ∂x₀/∂b = ∓1/(m₁ − m₂) and ∂x₀/∂m = ∓x₀/(m₁ − m₂), so each line brings its variance at x₀ over (m₁ − m₂)².
 */
function crossingUncertainty(before: Line, after: Line, x: number): number | undefined {
  if (before.scatter === undefined && after.scatter === undefined) return undefined
  return Math.sqrt(varianceAt(before, x) + varianceAt(after, x)) / Math.abs(before.slope - after.slope)
}

function splitAfter(sorted: readonly Point[], split: number): TwoLines | undefined {
  const [left, right] = [sorted.slice(0, split), sorted.slice(split)]
  if (tooFewForLine(left) || tooFewForLine(right)) return undefined
  const [before, after] = [fitLine(left), fitLine(right)]
  if (before.slope === after.slope) return undefined
  const x = (after.intercept - before.intercept) / (before.slope - after.slope)
  const uncertainty = crossingUncertainty(before, after, x)
  return { before, after, split, crossing: { x, y: heightAt(before, x) }, ...(uncertainty === undefined ? {} : { uncertainty }) }
}

/** A place to split at, looked at quickly: how far the points lie from both lines, and whether the lines cross near it. */
interface Look {
  readonly split: number
  readonly misfit: number
  readonly near: boolean
}

/** Every place to split at, from sums that grow by a point at a time: the points are gone through twice in all. */
function looksAt(sorted: readonly Point[], least: number): readonly Look[] {
  const [lefts, rights] = [growingMoments(sorted), growingMoments(sorted.toReversed())]
  const splits = Array.from({ length: Math.max(0, sorted.length - 2 * least + 1) }, (_, index) => index + least)
  return splits.flatMap((split): Look[] => {
    const [left, right] = [lefts[split], rights[sorted.length - split]]
    if (!left || !right || left.xx === 0 || right.xx === 0) return []
    const [before, after] = [lineOf(left), lineOf(right)]
    const x = (after.intercept - before.intercept) / (before.slope - after.slope)
    const [low, high] = [sorted[split - 2] ?? sorted[split - 1], sorted[split + 1] ?? sorted[split]]
    const near = low !== undefined && high !== undefined && x >= low.x && x <= high.x
    return [{ split, misfit: before.residual + after.residual, near }]
  })
}

/** Of those that look best so many are drawn exactly: what looks alike to rounding is told apart. */
const DRAWN = 8

/**
 * Draws two best lines and finds their crossing.
 *
 * The split is where the points lie closest to both lines together, among those whose lines cross near it; or where
 * `splitAt` puts it.
 *
 * @param points - in any order
 * @param splitAt - x up to which points belong to the first line
 * @returns undefined while there are too few points, or when the lines are parallel
 */
export function fitTwoLines(points: readonly Point[], splitAt?: number): TwoLines | undefined {
  const sorted = points.toSorted((a, b) => a.x - b.x)
  if (splitAt !== undefined) return splitAfter(sorted, sorted.filter(({ x }) => x <= splitAt).length)
  const least = sorted.length >= 2 * WANTED_ON_EACH_SIDE ? WANTED_ON_EACH_SIDE : LEAST_ON_EACH_SIDE
  const looks = looksAt(sorted, least).toSorted((a, b) => a.misfit - b.misfit)
  const near = looks.filter((look) => look.near)
  const found = (near.length > 0 ? near : looks).slice(0, DRAWN).flatMap(({ split }) => splitAfter(sorted, split) ?? [])
  const misfit = ({ before, after }: TwoLines) => before.residual + after.residual
  return found.toSorted((a, b) => misfit(a) - misfit(b) || a.split - b.split)[0]
}

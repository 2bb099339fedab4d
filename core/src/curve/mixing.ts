import { fitLine, heightAt, type Line, type Point, tooFewForLine, varianceAt } from './line.ts'

/** What a cooling or warming curve comes to when both its straight parts are drawn on to the moment of mixing. */
export interface Mixing {
  readonly at: number
  readonly before: Line
  readonly after: Line
  /** Height of each line at the moment of mixing, and the step between them. */
  readonly from: number
  readonly to: number
  readonly rise: number
  /** Standard uncertainty of the step from the scatter about both lines; undefined where neither line has more than two points. */
  readonly uncertainty?: number
}

/**
 * Draws the line before mixing and the line of the steady change after it on to the moment of mixing. The step between
 * them is what would have been read had mixing taken no time and nothing been lost (common practice).
 *
 * After mixing the line begins at the point that lies farthest from the first line: what comes before it is still rising.
 *
 * @param at - the moment of mixing, in units of x; a point at that moment belongs to neither line
 * @returns undefined while either side has fewer than two points
 */
export function extrapolateToMixing(points: readonly Point[], at: number): Mixing | undefined {
  const sorted = points.toSorted((a, b) => a.x - b.x)
  const early = sorted.filter(({ x }) => x < at)
  const late = sorted.filter(({ x }) => x > at)
  if (tooFewForLine(early) || tooFewForLine(late)) return undefined
  const before = fitLine(early)
  const away = late.map((point) => Math.abs(point.y - heightAt(before, point.x)))
  const turn = Math.min(away.indexOf(Math.max(...away)), late.length - 2)
  const after = fitLine(late.slice(turn))
  const [from, to] = [heightAt(before, at), heightAt(after, at)]
  const uncertainty =
    before.scatter === undefined && after.scatter === undefined
      ? undefined
      : Math.sqrt(varianceAt(before, at) + varianceAt(after, at))
  return { at, before, after, from, to, rise: to - from, ...(uncertainty === undefined ? {} : { uncertainty }) }
}

import { fitLine, heightAt, type Point, tooFewForLine } from './line.ts'

/** A point this many times further off than the others scatter is asked about (common practice: it is queried, not dropped). */
const TIMES_THE_SCATTER = 4

/**
 * Indexes of points that do not fit the line through the others, judged one at a time with that point left out.
 *
 * @param step - how finely y is read: nearer than two steps nothing is asked
 */
export function doubtfulPoints(points: readonly Point[], step: number): readonly number[] {
  if (points.length < 4) return []
  return points.flatMap((point, index) => {
    const others = points.filter((_, place) => place !== index)
    if (tooFewForLine(others)) return []
    const line = fitLine(others)
    const off = Math.abs(point.y - heightAt(line, point.x))
    return off > Math.max(TIMES_THE_SCATTER * (line.scatter?.deviation ?? 0), 2 * step) ? [index] : []
  })
}

import { fitLine, heightAt, type Point, tooFewForLine } from './line.ts'

/** A point this many times further off than the others scatter is asked about (common practice: it is queried, not dropped). */
const TIMES_THE_SCATTER = 4
/** A point on which the line rests alone cannot be judged by the others: they do not differ in x. */
const ALONE = 1 - 1e-9

/**
 * Indexes of points that do not fit the line through the others, judged one at a time with that point left out.
 *
 * What a point would be off a line without it follows from the line with it: with h = 1/n + (x − x̄)²/Σ(x − x̄)² it is
 * e/(1 − h), and the squares left about that line are Σe² − e²/(1 − h). Source: N. R. Draper, H. Smith, Applied Regression
 * Analysis, on deleted residuals; from memory.
 *
 * @param step - how finely y is read: nearer than two steps nothing is asked
 */
export function doubtfulPoints(points: readonly Point[], step: number): readonly number[] {
  if (points.length < 4 || tooFewForLine(points)) return []
  const line = fitLine(points)
  const mean = points.reduce((sum, { x }) => sum + x, 0) / points.length
  const spread = points.reduce((sum, { x }) => sum + (x - mean) ** 2, 0)
  return points.flatMap((point, index) => {
    const leverage = 1 / points.length + (point.x - mean) ** 2 / spread
    if (leverage > ALONE) return []
    const error = point.y - heightAt(line, point.x)
    const left = Math.max(0, line.residual - error ** 2 / (1 - leverage))
    const deviation = Math.sqrt(left / (points.length - 3))
    return Math.abs(error) / (1 - leverage) > Math.max(TIMES_THE_SCATTER * deviation, 2 * step) ? [index] : []
  })
}

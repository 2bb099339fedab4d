import { fitLine, heightAt, type Point, tooFewForLine } from './line.ts'

/**
 * By the number of points, how many times further off than is usual a point must lie to be asked about (common practice: it
 * is queried, not dropped): Student's t for n − 3 degrees of freedom at 5 % shared among n points. A few points that happen
 * to lie well on a line would otherwise make the next one look odd.
 */
const TIMES_USUAL: Readonly<Record<number, number>> = { 4: 50.9, 5: 9.92, 6: 6.23, 7: 5.07, 8: 4.53, 9: 4.22 }
const TIMES_USUAL_OF_MANY = 4

/** How many times further off than is usual a point of so many is asked about. */
export const timesUsual = (points: number): number => TIMES_USUAL[points] ?? TIMES_USUAL_OF_MANY

/** A point on which the line rests alone cannot be judged by the others: they do not differ in x. */
const ALONE = 1 - 1e-9

/**
 * Indexes of points that do not fit the line through the others, judged one at a time with that point left out.
 *
 * What a point would be off a line without it follows from the line with it: with h = 1/n + (x − x̄)²/Σ(x − x̄)² it is
 * e/(1 − h), usual for which is s/√(1 − h), and the squares left about that line are Σe² − e²/(1 − h). Source: N. R. Draper, H. Smith, Applied Regression
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
    const usual = deviation / Math.sqrt(1 - leverage)
    return Math.abs(error) / (1 - leverage) > Math.max(timesUsual(points.length) * usual, 2 * step) ? [index] : []
  })
}

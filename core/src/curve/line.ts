import { ChemistryError } from '../problem/index.ts'

/** A point of a series: what was changed, and what was read. */
export interface Point {
  readonly x: number
  readonly y: number
}

/** The straight line of least squares through points, y = slope × x + intercept. */
export interface Line {
  readonly slope: number
  readonly intercept: number
  /** Sum of the squared distances of the points from the line, along y. */
  readonly residual: number
  readonly points: number
  /** Standard uncertainties and covariance of slope and intercept from the scatter; undefined with two points, which have none. */
  readonly scatter?: {
    readonly deviation: number
    readonly slope: number
    readonly intercept: number
    readonly covariance: number
  }
}

/** Whether points are too few, or too alike in x, for a line. */
export function tooFewForLine(points: readonly Point[]): boolean {
  return new Set(points.map(({ x }) => x)).size < 2
}

/**
 * Fits y = slope × x + intercept by least squares.
 *
 *   slope = Σ(x − x̄)(y − ȳ) / Σ(x − x̄)²,  intercept = ȳ − slope × x̄,  s² = Σr² / (n − 2)
 *
 * Sums are taken about the means, so that large x with little spread lose no figures.
 *
 * @throws ChemistryError `curve.tooFewPoints` with fewer than two different x
 */
export function fitLine(points: readonly Point[]): Line {
  const n = points.length
  if (tooFewForLine(points)) {
    throw new ChemistryError('curve.tooFewPoints', 'A line needs two points that differ in x. Take another reading.', {
      points: n,
    })
  }
  const [meanX, meanY] = [sum(points.map(({ x }) => x)) / n, sum(points.map(({ y }) => y)) / n]
  const spread = sum(points.map(({ x }) => (x - meanX) ** 2))
  const slope = sum(points.map(({ x, y }) => (x - meanX) * (y - meanY))) / spread
  const intercept = meanY - slope * meanX
  const residual = sum(points.map(({ x, y }) => (y - meanY - slope * (x - meanX)) ** 2))
  if (n < 3) return { slope, intercept, residual, points: n }
  const variance = residual / (n - 2)
  const scatter = {
    deviation: Math.sqrt(variance),
    slope: Math.sqrt(variance / spread),
    intercept: Math.sqrt(variance * (1 / n + meanX ** 2 / spread)),
    covariance: (-variance * meanX) / spread,
  }
  return { slope, intercept, residual, points: n, scatter }
}

/**
 * Fits y = slope × x by least squares, through the origin: slope = Σxy / Σx², s² = Σr² / (n − 1).
 *
 * @throws ChemistryError `curve.tooFewPoints` where every x is nought
 */
export function fitLineFromOrigin(points: readonly Point[]): Line {
  const squares = sum(points.map(({ x }) => x ** 2))
  if (squares === 0) {
    throw new ChemistryError('curve.tooFewPoints', 'A line from the origin needs a point away from it. Take another reading.', {
      points: points.length,
    })
  }
  const slope = sum(points.map(({ x, y }) => x * y)) / squares
  const residual = sum(points.map(({ x, y }) => (y - slope * x) ** 2))
  const line = { slope, intercept: 0, residual, points: points.length }
  if (points.length < 2) return line
  const deviation = Math.sqrt(residual / (points.length - 1))
  return { ...line, scatter: { deviation, slope: deviation / Math.sqrt(squares), intercept: 0, covariance: 0 } }
}

/** Height of a line at x. */
export function heightAt({ slope, intercept }: Pick<Line, 'slope' | 'intercept'>, x: number): number {
  return slope * x + intercept
}

/** Where a line has a height; undefined where it is level. */
export function placeAtHeight({ slope, intercept }: Pick<Line, 'slope' | 'intercept'>, y: number): number | undefined {
  return slope === 0 ? undefined : (y - intercept) / slope
}

function sum(values: readonly number[]): number {
  return values.reduce((total, value) => total + value, 0)
}

/** Variance of the height of a best line at x, from the scatter of its points; nought where there is none. */
export function varianceAt({ scatter }: Line, x: number): number {
  if (scatter === undefined) return 0
  return Math.max(0, scatter.intercept ** 2 + x ** 2 * scatter.slope ** 2 + 2 * x * scatter.covariance)
}

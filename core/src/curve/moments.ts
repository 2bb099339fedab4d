import type { Point } from './line.ts'

/** Sums about the means of points, which grow by a point at a time without losing figures. */
export interface Moments {
  readonly count: number
  readonly meanX: number
  readonly meanY: number
  /** Σ(x − x̄)², Σ(x − x̄)(y − ȳ) and Σ(y − ȳ)². */
  readonly xx: number
  readonly xy: number
  readonly yy: number
}

const NO_POINTS: Moments = { count: 0, meanX: 0, meanY: 0, xx: 0, xy: 0, yy: 0 }

/** With one more point. Source: B. P. Welford, Technometrics 1962; from memory. */
function withPoint({ count, meanX, meanY, xx, xy, yy }: Moments, { x, y }: Point): Moments {
  const [dx, dy] = [x - meanX, y - meanY]
  const [newX, newY] = [meanX + dx / (count + 1), meanY + dy / (count + 1)]
  return {
    count: count + 1,
    meanX: newX,
    meanY: newY,
    xx: xx + dx * (x - newX),
    xy: xy + dx * (y - newY),
    yy: yy + dy * (y - newY),
  }
}

/** Moments of no point, of the first, of the first two and so on. */
export function growingMoments(points: readonly Point[]): readonly Moments[] {
  const all = [NO_POINTS]
  for (const point of points) all.push(withPoint(all.at(-1) as Moments, point))
  return all
}

/** The line of least squares, and the sum of squares left about it, give or take the rounding of yy. */
export function lineOf({ meanX, meanY, xx, xy, yy }: Moments): {
  readonly slope: number
  readonly intercept: number
  readonly residual: number
} {
  const slope = xy / xx
  return { slope, intercept: meanY - slope * meanX, residual: Math.max(0, yy - slope * xy) }
}

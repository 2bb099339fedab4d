import { type Axis, heightAt, type Line, type Point, type SeriesReading } from '@hop-lark/core/curve'

/** Something drawn on the paper that a height can be read off. */
export interface Drawn {
  readonly name: string
  readonly heightAt: (x: number) => number
  /** Where it is steepest to speak of: the tangent's gradient, for a curve. */
  readonly slopeAt?: (x: number) => number
}

/** The lines or the curve of a reading. */
export function drawnIn({ line, twoLines, mixing, smooth }: SeriesReading): readonly Drawn[] {
  const straight = (name: string, drawn: Line): Drawn => ({ name, heightAt: (x) => heightAt(drawn, x) })
  if (mixing) return [straight('line before mixing', mixing.before), straight('line after it', mixing.after)]
  if (twoLines) return [straight('first line', twoLines.before), straight('second line', twoLines.after)]
  if (line) return [straight('line', line)]
  return smooth ? [{ name: 'curve', ...smooth }] : []
}

/** The straight lines of a reading. */
export function linesIn({ line, twoLines, mixing }: SeriesReading): readonly Line[] {
  if (mixing) return [mixing.before, mixing.after]
  if (twoLines) return [twoLines.before, twoLines.after]
  return line ? [line] : []
}

/** A straight line as far as the paper goes. */
export function segmentOf(line: Line, x: Axis, y: Axis): [Point, Point] {
  const inside = (at: number) => {
    const height = heightAt(line, at)
    if (height >= y.from && height <= y.to) return at
    const edge = height > y.to ? y.to : y.from
    return line.slope === 0 ? at : (edge - line.intercept) / line.slope
  }
  const [start, end] = [inside(x.from), inside(x.to)]
  return [
    { x: start, y: heightAt(line, start) },
    { x: end, y: heightAt(line, end) },
  ]
}

/** Places a curve is drawn through. */
const PLACES = 60

/** The curve of a reading, from its first point to its last. */
export function curveOf({ points, smooth }: SeriesReading): readonly Point[] {
  if (!smooth) return []
  const xs = points.map(({ x }) => x)
  const [low, high] = [Math.min(...xs), Math.max(...xs)]
  return Array.from({ length: PLACES + 1 }, (_, index) => {
    const x = low + ((high - low) * index) / PLACES
    return { x, y: smooth.heightAt(x) }
  })
}

/** The tangent to a curve at a place, as a straight line. */
export function tangentAt({ smooth }: SeriesReading, x: number): Line | undefined {
  if (!smooth) return undefined
  const slope = smooth.slopeAt(x)
  return { slope, intercept: smooth.heightAt(x) - slope * x, residual: 0, points: 0 }
}

import type { Axis } from './axis.ts'
import { heightAt, type Line, type Point } from './line.ts'
import type { SeriesReading } from './series.ts'

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

/** Places a curve is drawn through, and so many from each point to the next, so that it is steep where they are. */
const PLACES = 60
const BETWEEN_POINTS = 6

/** The curve of a reading, from its first point to its last. */
export function curveOf({ points, smooth }: SeriesReading): readonly Point[] {
  if (!smooth) return []
  const xs = points.map(({ x }) => x).toSorted((a, b) => a - b)
  const between = (low: number, high: number, pieces: number) =>
    Array.from({ length: pieces + 1 }, (_, index) => low + ((high - low) * index) / pieces)
  const [low, high] = [xs[0] ?? 0, xs.at(-1) ?? 0]
  const close = xs.length > PLACES ? [] : xs.slice(1).flatMap((x, index) => between(xs[index] ?? x, x, BETWEEN_POINTS))
  const places = [...new Set([...between(low, high, PLACES), ...close])].toSorted((a, b) => a - b)
  return places.map((x) => ({ x, y: smooth.heightAt(x) }))
}

/** The tangent to a curve at a place, as a straight line. */
export function tangentAt({ smooth }: SeriesReading, x: number): Line | undefined {
  if (!smooth) return undefined
  const slope = smooth.slopeAt(x)
  return { slope, intercept: smooth.heightAt(x) - slope * x, residual: 0, points: 0 }
}

import { type Axis, sensibleAxis } from './axis.ts'
import type { Point } from './line.ts'
import { powerOf } from './scaled.ts'
import type { SeriesReading } from './series.ts'

/** The axes of a sheet of graph paper. */
export interface Axes {
  readonly x: Axis
  readonly y: Axis
}

/** Large squares there is room for, across and up. */
const SQUARES = { x: 10, y: 8 }
/** Points where lines meet or are read, which the paper must reach as well. */
function keyPoints({ twoLines, mixing }: SeriesReading): readonly Point[] {
  if (mixing) return [mixing.from, mixing.to].map((height) => ({ x: mixing.at, y: height }))
  return twoLines ? [twoLines.crossing] : []
}

/** Axes on which everything that is drawn has its place. */
export function axesFor(runs: readonly SeriesReading[], readAt: readonly Point[]): Axes {
  const seen = [...readAt, ...runs.flatMap((run) => [...run.points, ...keyPoints(run)])]
  const along = (axis: 'x' | 'y') =>
    sensibleAxis(
      seen.map((point) => point[axis]),
      SQUARES[axis],
    )
  return { x: along('x'), y: along('y') }
}

/** Where lines are ruled along an axis, a step apart. */
export function ticksOf({ from, to }: Axis, step: number): number[] {
  const count = Math.round((to - from) / step)
  return Array.from({ length: count + 1 }, (_, index) => Number((from + index * step).toPrecision(12)))
}

/** The power of ten that stands in the head of an axis, so that its labels are short. */
export const powerAlong = ({ from, to, large }: Axis) => powerOf([from, to], large)

/** A label of an axis. */
export function tickLabel(axis: Axis, value: number): string {
  const power = powerAlong(axis)
  return (value / 10 ** power).toFixed(Math.max(0, axis.places + power))
}

import { findPart, type PartOf, partTitle, type Task } from '../record/index.ts'
import type { Point } from './line.ts'
import { readSeries, type SeriesReading } from './series.ts'
import { stepsOf } from './steps.ts'
import { lookUpUnknowns } from './unknowns.ts'

/** Another run drawn on the same paper. */
export interface OtherRun {
  readonly name: string
  readonly reading: SeriesReading
}

/** The runs that are drawn on the same paper, as they are read by themselves. */
export function otherRuns(task: Task, part: PartOf<'series'>): readonly OtherRun[] {
  return (part.compareWith ?? []).flatMap((id) => {
    const other = findPart(task, 'series', id)
    return other ? [{ name: partTitle(task, other), reading: readSeries(other) }] : []
  })
}

/** Where unknowns stand on the line, and where a curve through its points is steepest. */
export function placesRead(part: PartOf<'series'>, { points, smooth }: SeriesReading): readonly Point[] {
  const unknowns = lookUpUnknowns(part).flatMap(({ x, y }) => (x === undefined || y === undefined ? [] : [{ x, y }]))
  if (part.reading !== 'curve-through-points' || !smooth) return unknowns
  return [...unknowns, ...stepsOf(points).map(({ x }) => ({ x, y: smooth.heightAt(x) }))]
}

/** Where tangents are asked for; on a curve the one at its beginning is always drawn. */
export function tangentsOf(task: Task, part: PartOf<'series'>, { points, smooth }: SeriesReading): readonly number[] {
  if (!smooth) return []
  const asked = task.questions.flatMap(({ find }) =>
    find.quantity === 'gradient' && find.in === part.id && find.at !== undefined ? [Number(find.at)] : [],
  )
  return part.reading === 'curve' ? [Math.min(...points.map(({ x }) => x)), ...asked] : asked
}

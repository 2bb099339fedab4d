import { drawnAxis, lookUpUnknowns, readSeries } from '../curve/index.ts'
import { Exact, formatFigures } from '../number/index.ts'
import type { Problem } from '../problem/index.ts'
import { entryText, findById, type PartOf, type Path, path } from '../record/index.ts'
import { recordProblem } from './says.ts'

const FIGURES = 3
const written = (value: number) => formatFigures(new Exact(value), FIGURES)

/** Points that cannot be plotted as their axes say. */
function checkPoints(part: PartOf<'series'>): readonly Problem[] {
  return part.points.flatMap((point) =>
    (['x', 'y'] as const).flatMap((axis): Problem[] => {
      const { of, name } = drawnAxis(part[axis])
      const text = entryText(point[axis])
      if (Number.isFinite(of(Number(text)))) return []
      return [recordProblem('series.cannotPlot', path('parts', part.id, 'points', point.id, axis), { text, name })]
    }),
  )
}

/** Readings of unknowns that cannot be plotted so. */
function checkUnknowns({ id: series, y, unknowns = [] }: PartOf<'series'>): readonly Problem[] {
  const { of, name } = drawnAxis(y)
  return unknowns.flatMap(({ id, readings }) =>
    readings.flatMap((reading): Problem[] => {
      const text = entryText(reading.y)
      const at = path('parts', series, 'unknowns', id, 'readings', reading.id, 'y')
      return Number.isFinite(of(Number(text))) ? [] : [recordProblem('series.cannotPlot', at, { text, name })]
    }),
  )
}

/** Where the first reading of an unknown stands. */
function firstReadingOf({ id: series, unknowns = [] }: PartOf<'series'>, id: string): Path {
  const [first] = findById(unknowns, id)?.readings ?? []
  return path('parts', series, 'unknowns', id, ...(first ? ['readings', first.id, 'y'] : []))
}

/** What is wrong with a series beside its doubtful points, which are ringed where they are drawn. */
export function checkSeries(part: PartOf<'series'>): readonly Problem[] {
  const heights = readSeries(part).points.map(({ y }) => y)
  const beyond = lookUpUnknowns(part).flatMap(({ id, label, y, beyond }) =>
    beyond && y !== undefined
      ? [
          recordProblem('series.unknownBeyond', firstReadingOf(part, id), {
            of: label || id,
            y: written(y),
            from: written(Math.min(...heights)),
            to: written(Math.max(...heights)),
          }),
        ]
      : [],
  )
  return [...checkPoints(part), ...checkUnknowns(part), ...beyond]
}

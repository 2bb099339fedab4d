import { axisHead, drawnAxis, lookUpUnknowns, readSeries } from '../../curve/index.ts'
import { Exact, formatFigures } from '../../number/index.ts'
import { entryText, type PartOf, partTitle, path } from '../../record/index.ts'
import { numberCell, readingCell, tableOf, wordCell } from '../cells.ts'
import type { Facts } from '../facts.ts'
import type { Cell, Table } from '../report.ts'

type Series = PartOf<'series'>
const PLOTTED_FIGURES = 3

/** What is plotted instead of what was read, where it is something else. */
function plottedCell(axis: Series['x'], read: string): Cell {
  const value = drawnAxis(axis).of(Number(read))
  return numberCell(Number.isFinite(value) ? formatFigures(new Exact(value), PLOTTED_FIGURES) : undefined)
}

/** The points of a run as they were read, with what is plotted of them where that is something else. */
export function seriesTable({ task }: Facts, part: Series): Table | undefined {
  if (part.points.length === 0) return undefined
  const { doubtful, places } = readSeries(part)
  const odd = new Set(doubtful.map((place) => places[place]))
  const plotted = ([part.x, part.y] as const).filter(({ plotted: how }) => how !== undefined)
  const rows = part.points.map(({ id, x, y }, index) => [
    readingCell(x, path('parts', part.id, 'points', id, 'x')),
    readingCell(y, path('parts', part.id, 'points', id, 'y')),
    ...plotted.map((axis) => plottedCell(axis, entryText(axis === part.x ? x : y))),
    ...(odd.size > 0 ? [wordCell(odd.has(index) ? 'does not fit the line' : '')] : []),
  ])
  return tableOf({
    id: `points ${part.id}`,
    caption: partTitle(task, part),
    head: [
      axisHead(part.x),
      axisHead(part.y),
      ...plotted.map((axis) => axisHead(drawnAxis(axis))),
      ...(odd.size > 0 ? [''] : []),
    ],
    rows,
  })
}

/** What was read of unknowns, and where they stand on the line. */
export function unknownsTable({ task }: Facts, part: Series): Table | undefined {
  const { unknowns = [] } = part
  if (unknowns.every(({ readings }) => readings.length === 0)) return undefined
  const found = lookUpUnknowns(part)
  return tableOf({
    id: `unknowns ${part.id}`,
    caption: `${partTitle(task, part)}: unknowns`,
    head: ['Sample', axisHead(part.y), `${axisHead(part.x)}, read off`],
    rows: unknowns.flatMap(({ id, label, readings }, place) =>
      readings.map((reading, index) => [
        wordCell(index === 0 ? label : ''),
        readingCell(reading.y, path('parts', part.id, 'unknowns', id, 'readings', reading.id, 'y')),
        index === 0
          ? numberCell(found[place]?.x === undefined ? undefined : formatFigures(new Exact(found[place].x), PLOTTED_FIGURES))
          : wordCell(''),
      ]),
    ),
  })
}

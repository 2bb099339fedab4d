import { type DrawnAxis, drawnAxis, type Line, readSeries, type SeriesReading, unitPer } from '../../../curve/index.ts'
import { decimalPlaces, Exact, formatFigures, unitSymbol } from '../../../number/index.ts'
import { entryText, findPart, type PartOf, path } from '../../../record/index.ts'
import type { Bench } from '../../Bench.ts'
import { onSeries } from '../../place.ts'
import type { Key, What } from '../../quantity.ts'
import { unitKept } from '../inUnit.ts'
import type { Target } from '../target.ts'

/** Figures that a number read off a drawn line is shown with. */
const FIGURES_OF_A_LINE = 4
const FIGURES_OF_A_FIT = 12

/** A quantity of a series, in the unit of its axis. */
export interface Said {
  readonly what: What
  /** Which line, or which end of it. */
  readonly detail?: string
  readonly says: string
  readonly symbol: string
  readonly unit: string
  readonly places?: number
}

/** A series as it is drawn, with the network in which something is asked of it. */
export interface Plot {
  readonly bench: Bench
  readonly part: PartOf<'series'>
  readonly reading: SeriesReading
  readonly x: DrawnAxis
  readonly y: DrawnAxis
  /** What it is called in a sentence. */
  readonly name: string
}

/** Lays what is asked of a series of the record; says so where it is not there. */
export function onPlot(bench: Bench, id: string, lay: (plot: Plot) => Target): Target {
  const part = findPart(bench.task, 'series', id)
  if (!part) return { missing: `a series called '${id}' in the record` }
  const [x, y] = [drawnAxis(part.x), drawnAxis(part.y)]
  return lay({ bench, part, reading: readSeries(part), x, y, name: part.title ?? y.name })
}

/** A place on an axis with its unit, in words. */
export const onAxis = (place: number | string, { unit }: DrawnAxis): string => `${place} ${unitSymbol(unit)}`.trim()

export function define({ bench, part }: Plot, { what, detail, says, symbol, unit, places }: Said): Key {
  return bench.network.define({
    of: { what, place: onSeries(part.id), ...(detail === undefined ? {} : { detail }) },
    says,
    symbol,
    fullSymbol: symbol,
    ...unitKept(unit),
    ...(places === undefined ? {} : { places }),
  })
}

/** How large the numbers of a series are along an axis, or its gradients. */
function sizeOf({ reading: { points }, x, y }: Plot, unit: string): number {
  const largest = (axis: 'x' | 'y') => Math.max(...points.map((point) => Math.abs(point[axis])), 0)
  if (unit === y.unit) return largest('y')
  return unit === x.unit ? largest('x') : largest('y') / largest('x')
}

/** A number as it would be read off: to so many figures, but to no finer place than the scale of its axis has. */
function textReadOff(value: Exact, size: number, figures: number): string {
  const text = formatFigures(value, figures)
  if (!(size > 0) || value.abs().gte(new Exact(size).div(10 ** figures))) return text
  return new Exact(0).toFixed(Math.max(0, figures - 1 - new Exact(size).e))
}

/** A number that a best line gives: worked out from all its points, shown as it would be read off. */
export function readOff(plot: Plot, said: Said, value: number, figures: number = FIGURES_OF_A_LINE): Key {
  const key = define(plot, said)
  // The last figures of a fitted line are those of the arithmetic, not of the points.
  const exactly = new Exact(value).toSignificantDigits(FIGURES_OF_A_FIT)
  plot.bench.network.give(key, {
    value: exactly,
    text: textReadOff(exactly, sizeOf(plot, said.unit), figures),
    at: path('parts', plot.part.id),
    reading: false,
  })
  return key
}

/** Decimals to which an axis was read; nothing to go by where something else is drawn along it. */
export function placesRead({ part }: Plot, axis: 'x' | 'y'): number | undefined {
  if (part[axis].plotted !== undefined || part.points.length === 0) return undefined
  return Math.max(...part.points.map((point) => decimalPlaces(entryText(point[axis]))))
}

/** Gradient and intercept of a straight line, read off it. */
export function lineOf(plot: Plot, line: Line, which: string, number = ''): { readonly slope: Key; readonly intercept: Key } {
  const points = `${which}line, through ${line.points} points`
  return {
    slope: readOff(
      plot,
      {
        what: 'gradient of a line',
        detail: number,
        says: `gradient of the ${points}`,
        symbol: `m${number}`,
        unit: unitPer(plot),
      },
      line.slope,
    ),
    intercept: readOff(
      plot,
      {
        what: 'intercept',
        detail: number,
        says: `where the ${points}, meets the ${plot.y.name} axis`,
        symbol: `b${number}`,
        unit: plot.y.unit,
      },
      line.intercept,
    ),
  }
}

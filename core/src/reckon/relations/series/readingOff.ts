import { type Line, type LookUp, lookUpOn, sensibleAxis } from '../../../curve/index.ts'
import { Exact } from '../../../number/index.ts'
import { entryText, type FindOf, findById, path } from '../../../record/index.ts'
import type { Bench } from '../../Bench.ts'
import type { Drawn } from '../../network.ts'
import type { Key } from '../../quantity.ts'
import type { Target } from '../target.ts'
import { type Asking, placeOnAxis } from './given.ts'
import { layHeight, layPlace, STRAIGHT } from './onLine.ts'
import { define, onPlot, type Plot, placesRead } from './plot.ts'

const LIKE_THE_POINTS = 'the unknown was read as the points were: same instrument, same cell, same conditions'

const isLine = (drawn: LookUp | Line): drawn is Line => 'slope' in drawn

const nothingDrawn = (plot: Plot): Target => ({
  missing: `more points of ${plot.name}: two that differ in ${plot.x.name} for a line, three for a curve`,
})

/** Large squares of a sheet of graph paper along either axis. */
const SQUARES = 8

/** What a small square is worth along an axis. */
const smallSquare = ({ reading: { points } }: Plot, axis: 'x' | 'y') =>
  sensibleAxis(
    points.map((point) => point[axis]),
    SQUARES,
  ).small

/** Heights of what is drawn. */
const heightsOf = (plot: Plot, { says, heightAt, slopeAt }: LookUp): Drawn => ({
  says,
  at: heightAt,
  slope: slopeAt,
  readTo: smallSquare(plot, 'y'),
})

/** What is drawn, looked up from its height: the first place that has it. */
function placesOf(plot: Plot, { says, placesAt, slopeAt }: LookUp): Drawn {
  const at = (y: number) => placesAt(y)[0]
  return {
    says,
    at,
    readTo: smallSquare(plot, 'x'),
    slope: (y) => {
      const place = at(y)
      const slope = place === undefined ? 0 : slopeAt(place)
      return slope === 0 ? 0 : 1 / slope
    },
  }
}

/** y that is read off a series at some x. */
export function relateYAt(bench: Bench, { in: id, x: given }: FindOf<'yAt'>, asking: Asking): Target {
  return onPlot(bench, id, (plot) => {
    const { reading, y } = plot
    const drawn = lookUpOn(reading) ?? reading.line
    if (!drawn) return nothingDrawn(plot)
    const x = placeOnAxis(plot, asking, 'x', given)
    if ('missing' in x) return x
    if (isLine(drawn)) return { key: layHeight(plot, drawn, x.key) }
    return { key: heightThere(plot, drawn, x.key, { says: `${y.name} on ${drawn.says} there`, symbol: 'y' }) }
  })
}

/** A height that is read off a curve, to the decimals it was measured to. */
export function heightThere(
  plot: Plot,
  drawn: LookUp,
  x: Key,
  { says, symbol, assumes }: { readonly says: string; readonly symbol: string; readonly assumes?: string },
): Key {
  const places = placesRead(plot, 'y')
  const value = define(plot, {
    what: 'looked up',
    detail: 'y',
    says,
    symbol,
    unit: plot.y.unit,
    ...(places === undefined ? {} : { places }),
  })
  plot.bench.network.readOff({ gives: value, of: x, from: heightsOf(plot, drawn), ...(assumes ? { assumes } : {}) })
  return value
}

/** The reading of an unknown: the mean where it was read several times. */
function readingOf(plot: Plot, id: string): Target {
  const { part, y, bench } = plot
  const unknown = part.unknowns && findById(part.unknowns, id)
  if (!unknown) return { missing: `an unknown called '${id}' in ${plot.name}` }
  const label = unknown.label || unknown.id
  const impossible = unknown.readings.find((reading) => !Number.isFinite(y.of(Number(entryText(reading.y)))))
  if (impossible)
    return { missing: `a reading of ${label} that can be plotted as ${y.name}, instead of ${entryText(impossible.y)}` }
  const readings = unknown.readings.map((reading, index): Key => {
    const text = entryText(reading.y)
    const key = define(plot, {
      what: 'reading of an unknown',
      detail: `${id} ${reading.id}`,
      says: `${y.name} of ${label}${unknown.readings.length > 1 ? `, reading ${index + 1}` : ''}`,
      symbol: 'y',
      unit: y.unit,
    })
    const value = part.y.plotted === undefined ? new Exact(text) : new Exact(y.of(Number(text)))
    bench.network.give(key, {
      value,
      text: part.y.plotted === undefined ? text : value.toSignificantDigits(6).toString(),
      at: path('parts', part.id, 'unknowns', id, 'readings', reading.id, 'y'),
      reading: part.y.plotted === undefined,
    })
    return key
  })
  const [only] = readings
  if (only === undefined) return { missing: `the ${y.name} of ${label}` }
  if (readings.length === 1) return { key: only }
  const mean = define(plot, {
    what: 'reading of an unknown',
    detail: id,
    says: `mean ${y.name} of ${label}`,
    symbol: 'y',
    unit: y.unit,
  })
  bench.network.mean({ gives: mean, of: readings })
  return { key: mean }
}

/** x that is read off a series: where it has some height, or that of an unknown. */
export function relateXAt(bench: Bench, { in: id, y: given }: FindOf<'xAt'>, asking: Asking): Target {
  return onPlot(bench, id, (plot) => {
    const { reading, x } = plot
    const drawn = lookUpOn(reading) ?? reading.line
    if (!drawn) return nothingDrawn(plot)
    const isUnknown = typeof given === 'object' && 'unknown' in given
    const y = isUnknown ? readingOf(plot, given.unknown) : placeOnAxis(plot, asking, 'y', given)
    if ('missing' in y) return y
    const says = isUnknown ? `${x.name} in ${labelOf(plot, given.unknown)}` : `${x.name} there`
    if (isLine(drawn)) return layPlace(plot, drawn, y.key, { says, assumes: isUnknown ? LIKE_THE_POINTS : STRAIGHT })
    const several = typeof given === 'string' ? drawn.placesAt(Number(given)).length : 1
    const value = define(plot, {
      what: 'looked up',
      detail: 'x',
      says: several > 1 ? `${says}, the first of ${several} places with that height` : says,
      symbol: 'x',
      unit: x.unit,
    })
    bench.network.readOff({ gives: value, of: y.key, from: placesOf(plot, drawn) })
    return { key: value }
  })
}

const labelOf = ({ part }: Plot, id: string) => findById(part.unknowns ?? [], id)?.label || id

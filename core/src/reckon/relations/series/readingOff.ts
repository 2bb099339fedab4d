import { type LookUp, lookUpOn, sensibleAxis } from '../../../curve/index.ts'
import { Exact } from '../../../number/index.ts'
import { entryText, type FindOf, findById, path } from '../../../record/index.ts'
import type { Bench } from '../../Bench.ts'
import type { Drawn } from '../../network.ts'
import type { Key } from '../../quantity.ts'
import type { Target } from '../target.ts'
import { type Asking, placeOnAxis } from './given.ts'
import { define, lineOf, onPlot, type Plot, placesRead } from './plot.ts'

const LIKE_THE_POINTS = 'the unknown was read as the points were: same instrument, same cell, same conditions'
const STRAIGHT = 'the line is straight as far as it is read'

const NOTHING_DRAWN = (plot: Plot): Target => ({
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

/** y on the line of a series at x: y = mx + b. */
function onLineAt(plot: Plot, x: Key): Key {
  const { reading, y } = plot
  if (!reading.line) throw new Error('asked of a series without a line')
  const says = `${y.name} on the line there`
  const { network } = plot.bench
  const value = define(plot, { what: 'looked up', detail: 'y', says, symbol: 'y', unit: y.unit })
  if (plot.part.reading === 'line-from-origin') {
    const { slope } = lineOf(plot, reading.line, '')
    network.product({ gives: value, over: [slope, x], oneWay: true, assumes: STRAIGHT, formulas: { [value]: 'y = mx' } })
    return value
  }
  const { slope, intercept } = lineOf(plot, reading.line, '')
  const rise = define(plot, { what: 'rise along a line', says: 'rise of the line up to there', symbol: 'mx', unit: y.unit })
  network.product({ gives: rise, over: [slope, x], oneWay: true, formulas: { [rise]: 'mx' } })
  network.sum({ gives: value, plus: [rise, intercept], oneWay: true, assumes: STRAIGHT, formulas: { [value]: 'y = mx + b' } })
  return value
}

/** x at which the line of a series has a height: x = (y − b)/m. */
function onLineWith(plot: Plot, y: Key, { says, assumes }: { readonly says: string; readonly assumes: string }): Target {
  const { reading, x } = plot
  if (!reading.line) throw new Error('asked of a series without a line')
  if (reading.line.slope === 0) return { missing: `a line of ${plot.name} that rises or falls` }
  const { network } = plot.bench
  const value = define(plot, { what: 'looked up', detail: 'x', says, symbol: 'x', unit: x.unit })
  const { slope, intercept } = lineOf(plot, reading.line, '')
  if (plot.part.reading === 'line-from-origin') {
    network.product({ gives: value, over: [y], under: [slope], oneWay: true, assumes, formulas: { [value]: 'x = y/m' } })
    return { key: value }
  }
  const above = define(plot, {
    what: 'above the intercept',
    says: `${plot.y.name} above where the line begins`,
    symbol: 'y − b',
    unit: plot.y.unit,
  })
  network.sum({ gives: above, plus: [y], minus: [intercept], oneWay: true, formulas: { [above]: 'y − b' } })
  network.product({ gives: value, over: [above], under: [slope], oneWay: true, assumes, formulas: { [value]: 'x = (y − b)/m' } })
  return { key: value }
}

/** y that is read off a series at some x. */
export function relateYAt(bench: Bench, { in: id, x: given }: FindOf<'yAt'>, asking: Asking): Target {
  return onPlot(bench, id, (plot) => {
    const { reading, y } = plot
    const drawn = lookUpOn(reading)
    if (!drawn && !reading.line) return NOTHING_DRAWN(plot)
    const x = placeOnAxis(plot, asking, 'x', given)
    if ('missing' in x) return x
    if (!drawn) return { key: onLineAt(plot, x.key) }
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
    const drawn = lookUpOn(reading)
    if (!drawn && !reading.line) return NOTHING_DRAWN(plot)
    const isUnknown = typeof given === 'object' && 'unknown' in given
    const y = isUnknown ? readingOf(plot, given.unknown) : placeOnAxis(plot, asking, 'y', given)
    if ('missing' in y) return y
    const says = isUnknown ? `${x.name} in ${labelOf(plot, given.unknown)}` : `${x.name} there`
    const assumes = isUnknown ? LIKE_THE_POINTS : STRAIGHT
    if (!drawn) return onLineWith(plot, y.key, { says, assumes })
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

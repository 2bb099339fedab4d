import { heightAt, lookUpOn, reachOf } from '../../../curve/index.ts'
import { Exact } from '../../../number/index.ts'
import { type FindOf, path } from '../../../record/index.ts'
import type { Bench } from '../../Bench.ts'
import { ofQuestion } from '../../place.ts'
import type { Key } from '../../quantity.ts'
import { unitKept } from '../inUnit.ts'
import type { Target } from '../target.ts'
import { define, onAxis, onPlot, type Plot, readOff } from './plot.ts'

/** Strips a curve's area is cut into; more where there are more points than so many. */
const STRIPS = 10
const FINER = 20

const unitTimes = (x: string, y: string) =>
  [y, x]
    .map((unit) => unit.trim())
    .filter(Boolean)
    .join(' ')

interface Ends {
  readonly low: number
  readonly high: number
}

/** What is drawn, as heights; and into how many strips it is cut. */
function outlineOf({ reading }: Plot): { readonly at: (x: number) => number | undefined; readonly strips: number } | undefined {
  const { line, points } = reading
  if (line) return { at: (x) => heightAt(line, x), strips: 1 }
  const drawn = lookUpOn(reading)
  return drawn && { at: drawn.heightAt, strips: points.length > STRIPS + 1 ? FINER : STRIPS }
}

/** The width of what is measured, from its ends as they stand in the question or the series. */
function widthOf(plot: Plot, question: string, find: FindOf<'area'>, { low, high }: Ends): Key {
  const end = (name: 'from' | 'to', value: number) => {
    const says = `${plot.x.name} ${name === 'from' ? 'where it begins' : 'where it ends'}`
    const stated = find[name]
    if (stated === undefined)
      return readOff(plot, { what: 'x read off', detail: name, says, symbol: `x(${name})`, unit: plot.x.unit }, value)
    const key = plot.bench.network.define({
      of: { what: 'worked with', detail: name, place: ofQuestion(question) },
      says,
      symbol: `x(${name})`,
      fullSymbol: `x(${name})`,
      ...unitKept(plot.x.unit),
    })
    plot.bench.network.give(key, {
      value: new Exact(stated),
      text: stated,
      at: path('questions', question, 'find', name),
      reading: true,
    })
    return key
  }
  const width = define(plot, { what: 'run', says: `${plot.x.name} in all`, symbol: 'Δx', unit: plot.x.unit })
  plot.bench.network.sum({
    gives: width,
    plus: [end('to', high)],
    minus: [end('from', low)],
    oneWay: true,
    formulas: { [width]: 'Δx = x(to) − x(from)' },
  })
  return width
}

/** Area under what is drawn, by strips of equal width (the trapezium rule): their width times the mean of both ends and the heights between. */
export function relateArea(bench: Bench, question: string, find: FindOf<'area'>): Target {
  return onPlot(bench, find.in, (plot) => {
    const outline = outlineOf(plot)
    if (!outline) return { missing: `more points of ${plot.name}: two for a line, three for a curve` }
    const reach = reachOf(plot.reading.points)
    const [low, high] = [Number(find.from ?? reach.low), Number(find.to ?? reach.high)]
    if (low >= high) return { missing: `an area that begins before it ends, instead of from ${low} to ${high}` }
    const { strips } = outline
    const places = Array.from({ length: strips + 1 }, (_, index) => low + ((high - low) * index) / strips)
    const heights = places.map((x, index) => {
      const height = outline.at(x)
      const at = Number(x.toPrecision(6))
      return height === undefined
        ? undefined
        : readOff(
            plot,
            {
              what: 'y read off',
              detail: `${index} of ${strips} from ${low} to ${high}`,
              says: `${plot.y.name} at ${onAxis(at, plot.x)}`,
              symbol: `y${index}`,
              unit: plot.y.unit,
            },
            height,
          )
    })
    const known = heights.filter((height) => height !== undefined)
    if (known.length < heights.length)
      return { missing: `an area between ${reach.low} and ${reach.high}: the curve is not drawn beyond its points` }
    return { key: layStrips(plot, known, widthOf(plot, question, find, { low, high })) }
  })
}

function layStrips(plot: Plot, heights: readonly Key[], width: Key): Key {
  const { x, y } = plot
  const { network } = plot.bench
  const strips = heights.length - 1
  const [first, last] = [heights[0] as Key, heights.at(-1) as Key]
  const ends = define(plot, { what: 'rise', detail: 'both ends', says: 'both ends', symbol: 'y(ends)', unit: y.unit })
  network.sum({ gives: ends, plus: [first, last], oneWay: true, formulas: { [ends]: 'y(ends) = y(from) + y(to)' } })
  const area = define(plot, {
    what: 'area',
    says: `area under the ${plot.reading.line ? 'line' : `curve, by ${strips} strips`}`,
    symbol: 'A',
    unit: unitTimes(x.unit, y.unit),
  })
  const half = { over: 1, under: 2 }
  if (strips === 1) {
    network.product({ gives: area, over: [ends, width], factor: half, oneWay: true, formulas: { [area]: 'A = y(ends)Δx/2' } })
    return area
  }
  const mean = define(plot, { what: 'rise', detail: 'half the ends', says: 'mean of both ends', symbol: 'y(mean)', unit: y.unit })
  const all = define(plot, { what: 'rise', detail: 'all', says: 'it and the heights between', symbol: 'Σy', unit: y.unit })
  network.product({ gives: mean, over: [ends], factor: half, oneWay: true, formulas: { [mean]: 'y(mean) = y(ends)/2' } })
  network.sum({
    gives: all,
    plus: [mean, ...heights.slice(1, -1)],
    oneWay: true,
    formulas: { [all]: 'Σy = y(mean) + y1 + y2 + …' },
  })
  network.product({
    gives: area,
    over: [all, width],
    factor: { over: 1, under: strips },
    oneWay: true,
    formulas: { [area]: `A = Σy × Δx/${strips}` },
  })
  return area
}

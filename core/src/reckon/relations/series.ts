import { heightAt, type Line, readSeries } from '../../curve/index.ts'
import { Exact, formatFigures } from '../../number/index.ts'
import { entryText, findPart, type PartOf, path } from '../../record/index.ts'
import type { Bench } from '../Bench.ts'
import { onSeries } from '../place.ts'
import type { Key, What } from '../quantity.ts'
import { unitKept } from './inUnit.ts'
import type { Target } from './target.ts'

/** Figures that a number read off a drawn line is shown with. */
const FIGURES_OF_A_LINE = 4
const FIGURES_OF_A_FIT = 12

interface Said {
  readonly what: What
  /** Which line, or which end of it. */
  readonly detail?: string
  readonly says: string
  readonly symbol: string
  readonly unit: string
}

/** A quantity of a series, in the unit of its axis. */
function define(bench: Bench, part: PartOf<'series'>, { what, detail, says, symbol, unit }: Said): Key {
  return bench.network.define({
    of: { what, place: onSeries(part.id), ...(detail === undefined ? {} : { detail }) },
    says,
    symbol,
    fullSymbol: symbol,
    ...unitKept(unit),
  })
}

/** How large the numbers of a series are along an axis, or its gradients. */
function sizeOf({ points, x, y }: PartOf<'series'>, unit: string): number {
  const largest = (axis: 'x' | 'y') => Math.max(...points.map((point) => Math.abs(Number(entryText(point[axis])))), 0)
  if (unit === y.unit) return largest('y')
  return unit === x.unit ? largest('x') : largest('y') / largest('x')
}

/** A number as it would be read off: to four figures, but to no finer place than the scale of its axis has. */
function textReadOff(value: Exact, size: number): string {
  const text = formatFigures(value, FIGURES_OF_A_LINE)
  if (!(size > 0) || value.abs().gte(new Exact(size).div(10 ** FIGURES_OF_A_LINE))) return text
  return new Exact(0).toFixed(Math.max(0, FIGURES_OF_A_LINE - 1 - new Exact(size).e))
}

/** A number that a best line gives: worked out from all its points, shown as it would be read off. */
function readOff(bench: Bench, part: PartOf<'series'>, said: Said, value: number): Key {
  const key = define(bench, part, said)
  // The last figures of a fitted line are those of the arithmetic, not of the points.
  const exactly = new Exact(value).toSignificantDigits(FIGURES_OF_A_FIT)
  bench.network.give(key, {
    value: exactly,
    text: textReadOff(exactly, sizeOf(part, said.unit)),
    at: path('parts', part.id),
    reading: false,
  })
  return key
}

/** The unit of a gradient: that of y over that of x, either of which may be a plain number. */
function per({ x, y }: PartOf<'series'>): string {
  if (x.unit.trim() === '') return y.unit
  return `${y.unit.trim() === '' ? '1' : y.unit}/${/[\s/·]/.test(x.unit.trim()) ? `(${x.unit})` : x.unit}`
}

function lineOf(bench: Bench, part: PartOf<'series'>, line: Line, which: string, number: string): { slope: Key; intercept: Key } {
  const points = `${which} line, through ${line.points} points`
  return {
    slope: readOff(
      bench,
      part,
      { what: 'gradient of a line', detail: number, says: `gradient of the ${points}`, symbol: `m${number}`, unit: per(part) },
      line.slope,
    ),
    intercept: readOff(
      bench,
      part,
      {
        what: 'intercept',
        detail: number,
        says: `where the ${points}, meets the ${part.y.name} axis`,
        symbol: `b${number}`,
        unit: part.y.unit,
      },
      line.intercept,
    ),
  }
}

const several = (part: PartOf<'series'>) => part.title ?? part.y.name

/** Where the two best lines of a series cross: m₁x + b₁ = m₂x + b₂. */
export function relateCrossing(bench: Bench, id: string): Target {
  const part = findPart(bench.task, 'series', id)
  if (!part) return { missing: `a series called '${id}' in the record` }
  if (part.reading !== 'two-lines')
    return { missing: `two best lines through the points of ${several(part)}: set its reading to two lines` }
  const { twoLines } = readSeries(part)
  if (!twoLines) return { missing: `more points in ${several(part)}: two lines that cross need at least two on each side` }
  const [before, after] = [lineOf(bench, part, twoLines.before, 'first', '1'), lineOf(bench, part, twoLines.after, 'second', '2')]
  const { network } = bench
  const apart = define(bench, part, {
    what: 'difference of intercepts',
    says: 'difference of the intercepts',
    symbol: 'b2 − b1',
    unit: part.y.unit,
  })
  const steeper = define(bench, part, {
    what: 'difference of gradients',
    says: 'difference of the gradients',
    symbol: 'm1 − m2',
    unit: per(part),
  })
  const crossing = define(bench, part, {
    what: 'crossing',
    says: `${part.x.name} where the lines cross`,
    symbol: 'x',
    unit: part.x.unit,
  })
  network.sum({
    gives: apart,
    plus: [after.intercept],
    minus: [before.intercept],
    oneWay: true,
    formulas: { [apart]: 'b2 − b1' },
  })
  network.sum({ gives: steeper, plus: [before.slope], minus: [after.slope], oneWay: true, formulas: { [steeper]: 'm1 − m2' } })
  network.product({
    gives: crossing,
    over: [apart],
    under: [steeper],
    oneWay: true,
    formulas: { [crossing]: 'x = (b2 − b1)/(m1 − m2)' },
  })
  return { key: crossing }
}

/** Ends of a drawn line or tangent: where it is read, as far apart as it reaches. */
interface Drawn {
  readonly low: number
  readonly high: number
  readonly heightAt: (x: number) => number
}

/** The tangent to a curve is drawn across this part of the points' reach, so that its ends can be read well apart. */
const TANGENT_REACH = 0.5

/** The straight line whose gradient is asked: the best line, or the tangent to the curve at a place. */
function drawnLine(part: PartOf<'series'>, at: string | undefined): Drawn | undefined {
  const { points, line, twoLines, smooth } = readSeries(part)
  const sorted = points.map(({ x }) => x).toSorted((a, b) => a - b)
  const [first, last] = [sorted[0], sorted.at(-1)]
  if (first === undefined || last === undefined) return undefined
  if (smooth) {
    const place = at === undefined ? first : Number(at)
    const half = ((last - first) * TANGENT_REACH) / 2
    const [height, slope] = [smooth.heightAt(place), smooth.slopeAt(place)]
    // At the start the tangent is drawn onwards from it, elsewhere as far to either side.
    const low = Math.max(first, place - half)
    return { low, high: low + 2 * half, heightAt: (x) => height + slope * (x - place) }
  }
  const best = line ?? twoLines?.before
  if (!best) return undefined
  const xs = line ? sorted : sorted.slice(0, twoLines?.split)
  return { low: Math.min(...xs), high: Math.max(...xs), heightAt: (x) => heightAt(best, x) }
}

function gradientSays(part: PartOf<'series'>, at: string | undefined): string {
  if (part.reading !== 'curve') return 'gradient'
  return at === undefined
    ? 'initial rate: gradient of the tangent where the curve begins'
    : `gradient of the tangent at ${at} ${part.x.unit}`
}

/** Ends of a drawn line as they are read off: x and y of each. */
function readEnds(bench: Bench, part: PartOf<'series'>, drawn: Drawn, at: string | undefined) {
  const which = at === undefined ? '' : ` ${at}`
  const kind = kindOfLine(part)
  const end = (name: string, x: number) => {
    const read = (axis: 'x' | 'y', says: string, value: number) =>
      readOff(
        bench,
        part,
        { what: `${axis} read off`, detail: `${name}${which}`, says, symbol: `${axis}(${name})`, unit: part[axis].unit },
        value,
      )
    return {
      x: read('x', `${part.x.name} at the ${name} of the ${kind}`, x),
      y: read('y', `${part.y.name} on the ${kind} there`, drawn.heightAt(x)),
    }
  }
  return [end('start', drawn.low), end('end', drawn.high)] as const
}

const kindOfLine = (part: PartOf<'series'>) => (part.reading === 'curve' ? 'tangent' : 'line')

/** Gradient of the best line of a series, or of the tangent to its curve, from two places far apart on it. */
export function relateGradient(bench: Bench, id: string, at?: string): Target {
  const part = findPart(bench.task, 'series', id)
  if (!part) return { missing: `a series called '${id}' in the record` }
  const drawn = drawnLine(part, at)
  const points = part.reading === 'curve' ? 'three points' : 'two points'
  if (!drawn) return { missing: `${points} of ${several(part)} that differ in ${part.x.name}` }
  const [start, finish] = readEnds(bench, part, drawn, at)
  const { network } = bench
  const ofTangent = at === undefined ? {} : { detail: at }
  const change = (what: 'rise' | 'run', axis: 'x' | 'y', symbol: string) =>
    define(bench, part, {
      what,
      ...ofTangent,
      says: `change of ${part[axis].name} along the ${kindOfLine(part)}`,
      symbol,
      unit: part[axis].unit,
    })
  const [rise, run] = [change('rise', 'y', 'Δy'), change('run', 'x', 'Δx')]
  const gradient = define(bench, part, {
    what: 'gradient',
    ...ofTangent,
    says: gradientSays(part, at),
    symbol: 'gradient',
    unit: per(part),
  })
  network.sum({ gives: rise, plus: [finish.y], minus: [start.y], oneWay: true, formulas: { [rise]: 'Δy = y(end) − y(start)' } })
  network.sum({ gives: run, plus: [finish.x], minus: [start.x], oneWay: true, formulas: { [run]: 'Δx = x(end) − x(start)' } })
  network.product({ gives: gradient, over: [rise], under: [run], oneWay: true, formulas: { [gradient]: 'gradient = Δy/Δx' } })
  return { key: gradient }
}

/** The step between both straight parts of a series, drawn on to the moment of mixing. */
export function relateRise(bench: Bench, id: string): Target {
  const part = findPart(bench.task, 'series', id)
  if (!part) return { missing: `a series called '${id}' in the record` }
  if (part.reading !== 'two-lines' || part.mixedAt === undefined)
    return { missing: `the ${part.x.name} at which things were mixed in ${several(part)}, with two lines as its reading` }
  const { mixing } = readSeries(part)
  if (!mixing) return { missing: `two points of ${several(part)} before mixing, and two after it` }
  const at = `${part.mixedAt} ${part.x.unit}`
  const line = (detail: string, says: string, symbol: string, value: number) =>
    readOff(
      bench,
      part,
      { what: 'y read off', detail, says: `${part.y.name} on the line ${says}, at ${at}`, symbol, unit: part.y.unit },
      value,
    )
  const [from, to] = [line('before', 'before mixing', 'y1', mixing.from), line('after', 'after mixing', 'y2', mixing.to)]
  const rise = define(bench, part, { what: 'step', says: `change of ${part.y.name} on mixing`, symbol: 'Δy', unit: part.y.unit })
  bench.network.sum({ gives: rise, plus: [to], minus: [from], oneWay: true, formulas: { [rise]: 'Δy = y2 − y1' } })
  return { key: rise }
}

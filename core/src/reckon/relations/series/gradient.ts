import { heightAt, reachOf, unitPer } from '../../../curve/index.ts'
import type { Bench } from '../../Bench.ts'
import type { Target } from '../target.ts'
import { define, onAxis, onPlot, type Plot, readOff } from './plot.ts'

/** Ends of a drawn line or tangent: where it is read, as far apart as it reaches. */
interface DrawnLine {
  readonly low: number
  readonly high: number
  readonly heightAt: (x: number) => number
}

/** The tangent to a curve is drawn across this part of the points' reach, so that its ends can be read well apart. */
const TANGENT_REACH = 0.5

/** The straight line whose gradient is asked: the best line, or the tangent to the curve at a place. */
function drawnLine({ reading }: Plot, at: string | undefined): DrawnLine | undefined {
  const { points, line, twoLines, smooth } = reading
  if (points.length === 0) return undefined
  const { low: first, high: last } = reachOf(points)
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
  const sorted = points.toSorted((a, b) => a.x - b.x)
  const { low, high } = reachOf(line ? sorted : sorted.slice(0, twoLines?.split))
  return { low, high, heightAt: (x) => heightAt(best, x) }
}

const kindOfLine = ({ reading }: Plot) => (reading.smooth ? 'tangent' : 'line')

function gradientSays(plot: Plot, at: string | undefined): string {
  if (!plot.reading.smooth) return 'gradient'
  return at === undefined
    ? 'initial rate: gradient of the tangent where the curve begins'
    : `gradient of the tangent at ${onAxis(at, plot.x)}`
}

/** Ends of a drawn line as they are read off: x and y of each. */
function readEnds(plot: Plot, drawn: DrawnLine, at: string | undefined) {
  const which = at === undefined ? '' : ` ${at}`
  const kind = kindOfLine(plot)
  const end = (name: string, x: number) => {
    const read = (axis: 'x' | 'y', says: string, value: number) =>
      readOff(
        plot,
        { what: `${axis} read off`, detail: `${name}${which}`, says, symbol: `${axis}(${name})`, unit: plot[axis].unit },
        value,
      )
    return {
      x: read('x', `${plot.x.name} at the ${name} of the ${kind}`, x),
      y: read('y', `${plot.y.name} on the ${kind} there`, drawn.heightAt(x)),
    }
  }
  return [end('start', drawn.low), end('end', drawn.high)] as const
}

/** Gradient of the best line of a series, or of the tangent to its curve, from two places far apart on it. */
export function relateGradient(bench: Bench, id: string, at?: string): Target {
  return onPlot(bench, id, (plot) => {
    const { part, x, y, name } = plot
    const drawn = drawnLine(plot, at)
    const points = part.reading?.startsWith('curve') ? 'three points' : 'two points'
    if (!drawn) return { missing: `${points} of ${name} that differ in ${x.name}` }
    const [start, finish] = readEnds(plot, drawn, at)
    const { network } = bench
    const ofTangent = at === undefined ? {} : { detail: at }
    const change = (what: 'rise' | 'run', axis: 'x' | 'y', symbol: string) =>
      define(plot, {
        what,
        ...ofTangent,
        says: `change of ${plot[axis].name} along the ${kindOfLine(plot)}`,
        symbol,
        unit: plot[axis].unit,
      })
    const [rise, run] = [change('rise', 'y', 'Δy'), change('run', 'x', 'Δx')]
    const gradient = define(plot, {
      what: 'gradient',
      ...ofTangent,
      says: gradientSays(plot, at),
      symbol: 'gradient',
      unit: unitPer({ x, y }),
    })
    network.sum({ gives: rise, plus: [finish.y], minus: [start.y], oneWay: true, formulas: { [rise]: 'Δy = y(end) − y(start)' } })
    network.sum({ gives: run, plus: [finish.x], minus: [start.x], oneWay: true, formulas: { [run]: 'Δx = x(end) − x(start)' } })
    network.product({ gives: gradient, over: [rise], under: [run], oneWay: true, formulas: { [gradient]: 'gradient = Δy/Δx' } })
    return { key: gradient }
  })
}

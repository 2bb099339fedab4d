import type { Bench } from '../../Bench.ts'
import type { Target } from '../target.ts'
import { define, onAxis, onPlot, readOff } from './plot.ts'

/** The step between both straight parts of a series, drawn on to the moment of mixing. */
export function relateRise(bench: Bench, id: string): Target {
  return onPlot(bench, id, (plot) => {
    const { part, x, y, name, reading } = plot
    if (part.reading !== 'two-lines' || part.mixedAt === undefined)
      return { missing: `the ${x.name} at which things were mixed in ${name}, with two lines as its reading` }
    const { mixing } = reading
    if (!mixing) return { missing: `two points of ${name} before mixing, and two after it` }
    const at = onAxis(part.mixedAt, x)
    const line = (detail: string, says: string, symbol: string, value: number) =>
      readOff(plot, { what: 'y read off', detail, says: `${y.name} on the line ${says}, at ${at}`, symbol, unit: y.unit }, value)
    const [from, to] = [line('before', 'before mixing', 'y1', mixing.from), line('after', 'after mixing', 'y2', mixing.to)]
    const rise = define(plot, { what: 'step', says: `change of ${y.name} on mixing`, symbol: 'Δy', unit: y.unit })
    bench.network.sum({ gives: rise, plus: [to], minus: [from], oneWay: true, formulas: { [rise]: 'Δy = y2 − y1' } })
    return { key: rise }
  })
}

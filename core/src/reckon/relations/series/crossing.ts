import { unitPer } from '../../../curve/index.ts'
import type { Bench } from '../../Bench.ts'
import type { Key } from '../../quantity.ts'
import type { Target } from '../target.ts'
import { define, lineOf, onPlot, type Plot } from './plot.ts'

/** Both lines, and where they cross: m₁x + b₁ = m₂x + b₂. */
interface Crossing {
  readonly x: Key
  readonly first: { readonly slope: Key; readonly intercept: Key }
}

function layCrossing(plot: Plot): Crossing | { readonly missing: string } {
  const { bench, part, reading, x, y, name } = plot
  if (part.reading !== 'two-lines')
    return { missing: `two best lines through the points of ${name}: set its reading to two lines` }
  const { twoLines } = reading
  if (!twoLines) return { missing: `more points in ${name}: two lines that cross need at least two on each side` }
  const [before, after] = [lineOf(plot, twoLines.before, 'first ', '1'), lineOf(plot, twoLines.after, 'second ', '2')]
  const { network } = bench
  const apart = define(plot, {
    what: 'difference of intercepts',
    says: 'difference of the intercepts',
    symbol: 'b2 − b1',
    unit: y.unit,
  })
  const steeper = define(plot, {
    what: 'difference of gradients',
    says: 'difference of the gradients',
    symbol: 'm1 − m2',
    unit: unitPer(plot),
  })
  const crossing = define(plot, { what: 'crossing', says: `${x.name} where the lines cross`, symbol: 'x', unit: x.unit })
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
  return { x: crossing, first: before }
}

/** Height of the crossing: that of the first line there, y = m₁x + b₁. */
function heightOfCrossing(plot: Plot, { x: crossing, first }: Crossing): Key {
  const { y } = plot
  const rise = define(plot, {
    what: 'rise along a line',
    says: 'rise of the first line up to there',
    symbol: 'm1x',
    unit: y.unit,
  })
  const height = define(plot, {
    what: 'crossing',
    detail: 'y',
    says: `${y.name} where the lines cross`,
    symbol: 'y',
    unit: y.unit,
  })
  const { network } = plot.bench
  network.product({ gives: rise, over: [first.slope, crossing], oneWay: true, formulas: { [rise]: 'm1x' } })
  network.sum({
    gives: height,
    plus: [rise, first.intercept],
    oneWay: true,
    formulas: { [height]: 'y = m1x + b1' },
  })
  return height
}

/** Where the two best lines of a series cross, along either axis. */
export function relateCrossing(bench: Bench, id: string, axis: 'x' | 'y' = 'x'): Target {
  return onPlot(bench, id, (plot) => {
    const crossing = layCrossing(plot)
    if ('missing' in crossing) return crossing
    return { key: axis === 'x' ? crossing.x : heightOfCrossing(plot, crossing) }
  })
}

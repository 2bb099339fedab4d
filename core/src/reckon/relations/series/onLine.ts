import type { Line } from '../../../curve/index.ts'
import type { Key } from '../../quantity.ts'
import type { Target } from '../target.ts'
import { define, lineOf, type Plot } from './plot.ts'

/** What is taken for granted where a place on a best line is worked out. */
export const STRAIGHT = 'the line is straight as far as it is read'

const isFromOrigin = ({ part }: Plot) => part.reading === 'line-from-origin'

/** Height of a best line at x: y = mx + b, or y = mx. */
export function layHeight(plot: Plot, line: Line, x: Key): Key {
  const { bench, y } = plot
  const { network } = bench
  const { slope, intercept } = lineOf(plot, line, '')
  const says = `${y.name} on the line there`
  const height = define(plot, { what: 'looked up', detail: 'y', says, symbol: 'y', unit: y.unit })
  if (isFromOrigin(plot)) {
    network.product({ gives: height, over: [slope, x], oneWay: true, assumes: STRAIGHT, formulas: { [height]: 'y = mx' } })
    return height
  }
  const rise = define(plot, { what: 'rise along a line', says: 'rise of the line up to there', symbol: 'mx', unit: y.unit })
  network.product({ gives: rise, over: [slope, x], oneWay: true, formulas: { [rise]: 'mx' } })
  network.sum({
    gives: height,
    plus: [rise, intercept],
    oneWay: true,
    assumes: STRAIGHT,
    formulas: { [height]: 'y = mx + b' },
  })
  return height
}

interface Said {
  readonly says: string
  readonly assumes: string
}

/** x at which a best line has a height: x = (y − b)/m, or x = y/m. */
export function layPlace(plot: Plot, line: Line, y: Key, { says, assumes }: Said): Target {
  if (line.slope === 0) return { missing: `a line of ${plot.name} that rises or falls` }
  const { network } = plot.bench
  const { slope, intercept } = lineOf(plot, line, '')
  const place = define(plot, { what: 'looked up', detail: 'x', says, symbol: 'x', unit: plot.x.unit })
  if (isFromOrigin(plot)) {
    network.product({ gives: place, over: [y], under: [slope], oneWay: true, assumes, formulas: { [place]: 'x = y/m' } })
    return { key: place }
  }
  const above = define(plot, {
    what: 'above the intercept',
    says: `${plot.y.name} above where the line begins`,
    symbol: 'y − b',
    unit: plot.y.unit,
  })
  network.sum({ gives: above, plus: [y], minus: [intercept], oneWay: true, formulas: { [above]: 'y − b' } })
  network.product({ gives: place, over: [above], under: [slope], oneWay: true, assumes, formulas: { [place]: 'x = (y − b)/m' } })
  return { key: place }
}

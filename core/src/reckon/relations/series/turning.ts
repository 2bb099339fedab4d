import { reachOf, turningPoint } from '../../../curve/index.ts'
import type { FindOf } from '../../../record/index.ts'
import type { Bench } from '../../Bench.ts'
import type { Target } from '../target.ts'
import { relateCrossing } from './crossing.ts'
import { onPlot, readOff } from './plot.ts'

/** The highest or lowest place of a curve, or where two lines make one. */
export function relateTurning(bench: Bench, { quantity, in: id, axis }: FindOf<'highest' | 'lowest'>): Target {
  return onPlot(bench, id, (plot) => {
    const { twoLines, smooth, points } = plot.reading
    const [up, down] = [twoLines?.before.slope ?? 0, twoLines?.after.slope ?? 0]
    const turnsSo = quantity === 'highest' ? up > down : up < down
    if (twoLines && turnsSo) return relateCrossing(bench, id, axis)
    if (!smooth) return { missing: `a smooth curve through ${plot.name}, or two lines that meet in a ${quantity} place` }
    const turning = turningPoint(smooth, reachOf(points), quantity)
    if (!turning) return { missing: `points of ${plot.name} on both sides of the ${quantity} place: now it lies at an end` }
    const says = axis === 'x' ? `${plot.x.name} where the curve is ${quantity}` : `${quantity} ${plot.y.name} on the curve`
    const key = readOff(
      plot,
      { what: 'turning point', detail: `${quantity} ${axis}`, says, symbol: axis, unit: plot[axis].unit },
      turning[axis],
      bench.task.conventions.figures,
    )
    return { key }
  })
}

import { type LookUp, lookUpOn, type Step, stepsOf } from '../../../curve/index.ts'
import type { FindOf } from '../../../record/index.ts'
import type { Bench } from '../../Bench.ts'
import type { Key } from '../../quantity.ts'
import type { Target } from '../target.ts'
import { define, onPlot, type Plot } from './plot.ts'
import { heightThere } from './readingOff.ts'
import { type SteepPlace, StepLayer } from './stepLayer.ts'

const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth'] as const

const steepness = ({ chords: [, steepest] }: Step) => Math.abs(steepest.slope)

/** The steep place asked for, and the one before it. */
interface Asked {
  readonly place: SteepPlace
  readonly before: SteepPlace | undefined
}

function askedStep(plot: Plot, which: number | undefined): Asked | { readonly missing: string } {
  const steps = stepsOf(plot.reading.points)
  const [first, ...more] = steps
  if (!first) return { missing: `readings of ${plot.name} before, at and after a steep place: two on each side of it at least` }
  const steepest = more.reduce((most, step) => (steepness(step) > steepness(most) ? step : most), first)
  const index = which === undefined ? steps.indexOf(steepest) : which - 1
  const placeAt = (at: number): SteepPlace | undefined => {
    const step = steps[at]
    return step && { step, index: at, called: more.length === 0 ? '' : `${ORDINALS[at] ?? at + 1} of ${steps.length} ` }
  }
  const place = placeAt(index)
  return place
    ? { place, before: placeAt(index - 1) }
    : { missing: `a ${ORDINALS[index] ?? `${which}th`} steep place in ${plot.name}: ${steps.length} can be told apart` }
}

/** Where a curve is steepest, as at the equivalence of a titration followed by pH or voltage. */
export function relateEquivalence(bench: Bench, { in: id, which }: FindOf<'equivalence' | 'halfEquivalence'>): Target {
  return onPlot(bench, id, (plot) => {
    const asked = askedStep(plot, which)
    return 'missing' in asked ? asked : { key: new StepLayer(plot, asked.place).lay() }
  })
}

/** x half-way to an equivalence, from the one before it where there is one. */
function layHalfWay(plot: Plot, { place, before }: Asked): Key {
  const { x, bench } = plot
  const whole = new StepLayer(plot, place).lay()
  const half = define(plot, {
    what: 'equivalence',
    detail: `half of step ${place.index}`,
    says: `${x.name} half-way ${before ? 'from the equivalence before' : 'to the equivalence'}`,
    symbol: 'x(half)',
    unit: x.unit,
  })
  const halved = { over: 1, under: 2 }
  if (!before) {
    bench.network.product({ gives: half, over: [whole], factor: halved, oneWay: true, formulas: { [half]: 'x(half) = x(eq)/2' } })
    return half
  }
  const both = define(plot, {
    what: 'run',
    detail: `both of step ${place.index}`,
    says: 'sum of both',
    symbol: 'x(eq, before) + x(eq)',
    unit: x.unit,
  })
  const earlier = new StepLayer(plot, before).lay()
  bench.network.sum({ gives: both, plus: [earlier, whole], oneWay: true, formulas: { [both]: 'x(eq, before) + x(eq)' } })
  const formula = 'x(half) = (x(eq, before) + x(eq))/2'
  bench.network.product({ gives: half, over: [both], factor: halved, oneWay: true, formulas: { [half]: formula } })
  return half
}

/** Half-way to the equivalence of a strong acid or base the pH is still its own (common practice). */
const STRONG_BELOW = 2
const STRONG_ABOVE = 12

/** The pH half-way, where it is that of a strong acid or base; undefined where it is not, or no pH is drawn. */
function halfWayOfStrong({ part, y }: Plot, { place, before }: Asked, { heightAt }: LookUp): string | undefined {
  if (!/^pH\b/.test(y.name) || part.y.plotted !== undefined) return undefined
  const pH = heightAt(((before?.step.x ?? 0) + place.step.x) / 2)
  return pH !== undefined && (pH < STRONG_BELOW || pH > STRONG_ABOVE) ? pH.toFixed(1) : undefined
}

/** The height half-way to an equivalence: the pKa of the acid, where [HA] = [A−]. */
export function relateHalfEquivalence(bench: Bench, { in: id, which }: FindOf<'equivalence' | 'halfEquivalence'>): Target {
  return onPlot(bench, id, (plot) => {
    const asked = askedStep(plot, which)
    if ('missing' in asked) return asked
    const drawn = lookUpOn(plot.reading)
    if (!drawn) return { missing: `a smooth curve through ${plot.name}: set its reading to a curve` }
    const strong = halfWayOfStrong(plot, asked, drawn)
    if (strong !== undefined)
      return { missing: `a weak acid or base: half-way the pH is ${strong}, as of a strong one, which has no pKa to be read` }
    const where = asked.before ? 'between both equivalences' : 'to the equivalence'
    const says = `${plot.y.name} half-way ${where}: the pKa of the acid`
    return {
      key: heightThere(plot, drawn, layHalfWay(plot, asked), {
        says,
        symbol: 'pKa',
        assumes: 'the acid is weak, and half of it is neutralised there',
      }),
    }
  })
}

import { equilibrate, titrationCurve, totalsOf } from '@hop-lark/core/aqueous'
import { runSteps } from '@hop-lark/core/tube'
import { figure, perSecond, timeOf } from './figure.mjs'

const MIXTURES = [
  ['1+1+1 components (Cu, SO4, NaOH)', (part) => ({ CuSO4: 0.1, NaOH: 0.25 * part })],
  ['2+2+2 components (Cu, Zn, SO4, Cl, NH3, NaOH)', (part) => ({ CuSO4: 0.05, ZnCl2: 0.05, NH3: part, NaOH: 0.1 })],
]

/** Solves a second: cold from nothing, with the Davies equation, and warm from a neighbouring state; a curve; a tube. */
export function benchAqueous() {
  const figures = MIXTURES.flatMap(([name, contents]) => {
    const all = Array.from({ length: 50 }, (_, index) => totalsOf(contents(index / 50)))
    const near = Array.from({ length: 400 }, (_, index) => totalsOf(contents(index / 400)))
    const solve = (some, options = () => ({})) => {
      let turn = 0
      return () => equilibrate(some[turn++ % some.length], options())
    }
    let last
    const warm = () => {
      last = equilibrate(near[turnOf(near)], last ? { start: last } : {})
    }
    let turn = 0
    const turnOf = (some) => turn++ % some.length
    return [
      figure(`cold, ${name}`, perSecond(solve(all)), 'a second'),
      figure(`cold with Davies, ${name}`, perSecond(solve(all, () => ({ activity: 'davies' }))), 'a second'),
      figure(`warm from a neighbour, ${name}`, perSecond(warm), 'a second'),
    ]
  })
  const curve = () => titrationCurve({ flask: { CH3COOH: 0.1 }, volume: 25, burette: { NaOH: 0.1 } }, 50, 1000)
  const zinc = () =>
    runSteps({ 'Zn2+': 0.1, 'SO4^2-': 0.1 }, 1, [
      { do: 'add', reagent: 'NaOH(aq)', amount: 'drops' },
      { do: 'add', reagent: 'NaOH(aq)', amount: 'excess' },
    ])
  return [
    ...figures,
    figure('a titration curve of 1 000 points', timeOf(curve, 9), 'ms'),
    figure('a tube: zinc with sodium hydroxide, drops and excess', timeOf(zinc, 400), 'ms'),
  ]
}

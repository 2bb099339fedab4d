import { equilibrate, totalsOf } from '@hop-lark/core/aqueous'
import { levenbergMarquardt } from 'ml-levenberg-marquardt'
import { systemOf } from '../core/dist/aqueous/system.js'
import { figure, perSecond } from './figure.mjs'

const SYSTEMS = [
  { name: 'ethanoic acid and sodium hydroxide', contents: (x) => ({ CH3COOH: 0.1, NaOH: 0.09 * x }) },
  { name: 'copper(II), ammonia, sulfate', contents: (x) => ({ CuSO4: 0.01, NH3: 0.2 + 0.2 * x }) },
  {
    name: 'copper(II), zinc, nickel(II), ammonia, sulfate, chloride',
    contents: (x) => ({ CuSO4: 0.01, ZnCl2: 0.01, NiCl2: 0.01, NH3: 0.5 + 0.5 * x }),
  },
]
/** A solve counts when every balance holds to this part of its total. */
const HOLDS = 1e-6

/** The same balances as residuals, each as a part of its total, for a fit of ln activities. */
function residualsOf(system, totals) {
  const { components, begin, part, count, lnBeta } = system
  const total = components.map((name) => totals[name] ?? 0)
  const size = total.map((value) => Math.max(Math.abs(value), 1e-3))
  return (x) => {
    const sum = total.map((value) => -value)
    for (let i = 0; i < lnBeta.length; i++) {
      let ln = lnBeta[i]
      for (let p = begin[i]; p < begin[i + 1]; p++) ln += count[p] * x[part[p]]
      const c = Math.exp(Math.min(ln, 60))
      for (let p = begin[i]; p < begin[i + 1]; p++) sum[part[p]] += count[p] * c
    }
    return sum.map((value, j) => value / size[j])
  }
}

function fitted(system, totals) {
  const residuals = residualsOf(system, totals)
  const rows = system.components.map((_, index) => index)
  const found = levenbergMarquardt(
    { x: rows, y: rows.map(() => 0) },
    (x) => {
      const values = residuals(x)
      return (row) => values[row]
    },
    {
      initialValues: system.components.map((name) =>
        name === 'H' ? Math.log(1e-7) : Math.log(Math.max(1e-6, (totals[name] ?? 0) / 10)),
      ),
      damping: 1e-2,
      gradientDifference: 1e-6,
      centralDifference: true,
      maxIterations: 500,
      errorTolerance: 1e-14,
    },
  )
  return residuals(found.parameterValues).every((value) => Math.abs(value) < HOLDS)
}

/**
 * The solver against a general-purpose least-squares fitter (ml-levenberg-marquardt) on the same balances, without solids
 * (which the fitter has no way to choose).
 */
export function benchBaseline() {
  return SYSTEMS.map(({ name, contents }) => {
    const all = Array.from({ length: 50 }, (_, index) => totalsOf(contents(index / 50)))
    const without = systemOf(Object.keys(all[1])).solids
    const system = systemOf(Object.keys(all[1]), without)
    let turn = 0
    const own = perSecond(() => equilibrate(all[turn++ % 50], { without }), 700)
    const fit = perSecond(() => fitted(system, all[turn++ % 50]), 700)
    const held = all.filter((totals) => fitted(system, totals)).length
    return figure(
      `${name}: times as many as the fitter`,
      own / fit,
      '×',
      `${Math.round(own)} and ${Math.round(fit)} a second; it reached ${held} of 50`,
    )
  })
}

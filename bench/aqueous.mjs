import { equilibrate, titrationCurve, totalsOf } from '@hop-lark/core/aqueous'
import { runSteps } from '@hop-lark/core/tube'
import { Bench } from 'tinybench'

const drops = (part) => part % 50

/** Solves a second by size, a titration curve, and a row of the usual table. */
export async function benchAqueous() {
  const bench = new Bench({ time: 1500, warmupTime: 500 })
  let turn = 0
  bench.add('one cation, one anion, one reagent (Cu, SO4, NaOH)', () => {
    equilibrate(totalsOf({ CuSO4: 0.1, NaOH: 0.005 * drops(turn++) }))
  })
  bench.add('two cations, two anions, two reagents (Cu, Zn, SO4, Cl, NH3, NaOH)', () => {
    equilibrate(totalsOf({ CuSO4: 0.05, ZnCl2: 0.05, NH3: 0.02 * drops(turn++), NaOH: 0.1 }))
  })
  bench.add('the same with the Davies equation', () => {
    equilibrate(totalsOf({ CuSO4: 0.05, ZnCl2: 0.05, NH3: 0.02 * drops(turn++), NaOH: 0.1 }), { activity: 'davies' })
  })
  await bench.run()
  console.log('\nEquilibria, one core')
  for (const { name, result } of bench.tasks)
    console.log(`  ${name}: ${Math.round(1000 / result.latency.mean).toLocaleString('en-GB')} a second`)
  const begin = performance.now()
  titrationCurve({ flask: { CH3COOH: 0.1 }, volume: 25, burette: { NaOH: 0.1 } }, 50, 1000)
  console.log(`  a titration curve of 1 000 points: ${(performance.now() - begin).toFixed(0)} ms`)
  const tubes = new Bench({ time: 1500, warmupTime: 300 })
  tubes.add('zinc with sodium hydroxide, drops and excess', () => {
    runSteps({ 'Zn2+': 0.1, 'SO4^2-': 0.1 }, 1, [
      { do: 'add', reagent: 'NaOH(aq)', amount: 'drops' },
      { do: 'add', reagent: 'NaOH(aq)', amount: 'excess' },
    ])
  })
  await tubes.run()
  for (const { name, result } of tubes.tasks) console.log(`  a tube: ${name}: ${result.latency.p50.toFixed(2)} ms`)
}

import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { CANDIDATES } from '../identify/index.ts'
import { ChemistryError } from '../problem/index.ts'
import { residueOf } from './filtering.ts'
import { HEATED_SOLIDS, playSteps, REAGENTS, type TubeStep } from './index.ts'
import { dryTube, freshTube, type Tube } from './tubeState.ts'

const IONS = CANDIDATES.map(({ ion }) => ion)
const strength = fc.constantFrom(0.001, 0.02, 0.1, 0.3, 1)
const solution = fc
  .uniqueArray(fc.tuple(fc.constantFrom(...IONS), strength), { selector: ([ion]) => ion, minLength: 1, maxLength: 5 })
  .map((ions) => ({ solution: Object.fromEntries(ions) }))
const solid = fc
  .uniqueArray(fc.constantFrom('CuSO4', 'CaCO3', 'Na2S2O3', 'FeCl3', 'Zn', 'Mg', 'Fe', 'MnO2', ...Object.keys(HEATED_SOLIDS)), {
    minLength: 1,
    maxLength: 2,
  })
  .map((salts) => ({ dry: Object.fromEntries(salts.map((salt) => [salt, 5e-4])) }))
const sample = fc.oneof({ weight: 4, arbitrary: solution }, { weight: 1, arbitrary: solid })
const tubeOf = (made: { solution: Record<string, number> } | { dry: Record<string, number> }): Tube =>
  'dry' in made ? dryTube(made.dry) : freshTube(made.solution, 1)

const adding = fc.record({
  do: fc.constant('add' as const),
  reagent: fc.constantFrom(...Object.keys(REAGENTS)),
  amount: fc.constantFrom('drops', 'excess', 'equal', '2 cm3'),
  order: fc.constantFrom(undefined, undefined, undefined, 'sample into reagent'),
})
const other = fc
  .constantFrom('look', 'shake', 'warm', 'heat', 'boil', 'cool', 'stand', 'filter', 'residue', 'flame', 'smell', 'dissolve')
  .map((act): TubeStep => ({ do: act as TubeStep['do'] }))
const step: fc.Arbitrary<TubeStep> = fc.oneof({ weight: 2, arbitrary: adding }, { weight: 1, arbitrary: other })

describe('no act on any tube fails', () => {
  it('whatever is in it and whatever was done before; nothing comes to less than none', () => {
    fc.assert(
      fc.property(sample, fc.array(step, { minLength: 1, maxLength: 6 }), (made, steps) => {
        const { tube: after, shown } = playSteps(tubeOf(made), steps)
        expect(shown).toHaveLength(steps.length)
        for (const [name, amount] of Object.entries(after.contents.amounts))
          if (name !== 'H') expect(amount, name).toBeGreaterThanOrEqual(0)
      }),
      { numRuns: Number(process.env.HOP_LARK_RUNS ?? 600) },
    )
  })

  // Each once left less than nothing of an ion in the filtrate, by rounding.
  it.each([
    [{ 'Pb2+': 0.1, 'Zn2+': 0.1, 'Mg2+': 0.1, 'NO3-': 0.6 }, 'HCl(aq)'],
    [{ 'Ag+': 0.1, 'NO3-': 0.1 }, 'KI(aq)'],
    [{ 'Cu2+': 0.05, 'Ni2+': 0.05, 'SO4^2-': 0.1 }, 'H2S(g)'],
  ])('filtering %j after %s', (contains, reagent) => {
    for (const amount of ['drops', 'excess']) {
      const { tube } = playSteps(freshTube(contains, 1), [{ do: 'add', reagent, amount }, { do: 'filter' }])
      for (const [name, left] of Object.entries(tube.contents.amounts)) if (name !== 'H') expect(left).toBeGreaterThanOrEqual(0)
      expect(residueOf(tube)?.view.solids.length).toBeGreaterThan(0)
    }
  })

  it('but a reagent that no bottle has the name of', () => {
    expect(() => playSteps(freshTube({ 'Ag+': 0.1 }, 1), [{ do: 'add', reagent: 'Xx(aq)' }])).toThrow(ChemistryError)
  })
})

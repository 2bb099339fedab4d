import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { Exact } from '../number/index.ts'
import { readTask, type Task } from '../record/index.ts'
import { ionicStrengthOf, predictTitre, reckonTask, solubilityTrends } from './index.ts'

const demo = (name: string): Task =>
  readTask(JSON.parse(readFileSync(new URL(`../../../demo/${name}.hoplark.json`, import.meta.url), 'utf8')))

describe('ionic strength', () => {
  // ½ Σ c z², by hand; the definition of any textbook.
  it.each([
    [[{ solute: 'NaCl', concentration: 0.1 }], 0.1],
    [[{ solute: 'CaCl2', concentration: 0.1 }], 0.3],
    [[{ solute: 'MgSO4', concentration: 0.1 }], 0.4],
    [[{ solute: 'Al2(SO4)3', concentration: 0.01 }], 0.15],
    [
      [
        { solute: 'KNO3', concentration: 0.05 },
        { solute: 'Na2SO4', concentration: 0.1 },
      ],
      0.35,
    ],
  ])('%j: %d', (dissolved, expected) => {
    expect(ionicStrengthOf(dissolved)).toBeCloseTo(expected, 12)
  })
})

describe('limewater in three waters', () => {
  const task = demo('limewater-in-three-waters')
  const { answers } = reckonTask(task)
  const [trend] = solubilityTrends(task, answers)

  it('has each solubility by hand, the common ion of the background taken off', () => {
    // [OH-] = 0.0500 × titre / 25.0; s = [OH-]/2; in N calcium is s + 0.0500.
    const s = (titre: number) => (0.05 * titre) / 25 / 2
    const found = Object.fromEntries((trend?.rows ?? []).map((row) => [row.label, row]))
    expect(found.L?.solubility).toBeCloseTo(s(20.825), 12)
    expect(found.M?.solubility).toBeCloseTo(s(23.575), 12)
    expect(found.N?.solubility).toBeCloseTo(s(13.675), 12)
    expect(found.L?.product).toBeCloseTo(s(20.825) * (2 * s(20.825)) ** 2, 12)
    expect(found.N?.product).toBeCloseTo((s(13.675) + 0.05) * (2 * s(13.675)) ** 2, 12)
    expect(answers[1]?.unit).toBe('(mol/dm3)^3')
  })

  it('is set in order of ionic strength, and says what the common ion and the ions do', () => {
    expect(trend?.rows.map(({ label }) => label)).toEqual(['L', 'N', 'M'])
    // In M: 3 × 0.023575 from the hydroxide and 0.200 from the brine.
    expect(trend?.rows[2]?.ionicStrength).toBeCloseTo(3 * 0.023575 + 0.2, 9)
    expect(trend?.says[0]).toMatch(/CaCl2, which shares an ion with the salt, 0\.66 times as much dissolves: the common ion/)
    expect(trend?.says[1]).toMatch(/NaCl, which shares none, the product of the concentrations is 1\.5 times as large/)
  })

  it('wants two solutions to compare', () => {
    expect(solubilityTrends(task, answers.slice(0, 2))).toEqual([])
  })
})

describe('a titre foretold', () => {
  it('is half of it for half the sample of a direct titration', () => {
    expect(predictTitre(demo('iron-in-lawn-sand'), 't1', new Exact('0.5'))?.toNumber()).toBeCloseTo(20.675 / 2, 9)
  })

  it('is more for half the sample of a back titration: half the acid used is left over besides', () => {
    const shell = demo('chalk-in-oyster-shell')
    const one: Task = {
      ...shell,
      parts: shell.parts.map((part) =>
        part.kind === 'titration'
          ? {
              ...part,
              flask: [...part.flask, { weighing: part.runs.find(({ weighing }) => weighing)?.weighing ?? '' }],
              runs: part.runs.slice(0, 1).map(({ weighing: _, ...run }) => run),
            }
          : part,
      ),
    }
    // 25.0 mmol put in, 0.500 × 11.40 = 5.70 left; half of the 19.30 used is 9.65, so 15.35 mmol is left: 30.70 cm³.
    expect(predictTitre(one, 't1', new Exact('0.5'))?.toNumber()).toBeCloseTo(30.7, 9)
    // Twice the sample would use 38.6 mmol, more than was put in.
    expect(predictTitre(one, 't1', new Exact(2))?.isNegative()).toBe(true)
  })

  it('is not had while nothing agrees, nor for nought', () => {
    expect(predictTitre(demo('acid-in-orchard-vinegar'), 't2', new Exact('0.5'))).toBeUndefined()
    expect(predictTitre(demo('iron-in-lawn-sand'), 't1', new Exact(0))).toBeUndefined()
  })
})

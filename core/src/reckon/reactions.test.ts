import { describe, expect, it } from 'vitest'
import { newTask, type Part, readTask, type Task } from '../record/index.ts'
import { reckonTask } from './index.ts'

const SOLIDS = (label: string, solute?: string) => ({ id: label, label, form: 'solid', ...(solute ? { solute } : {}) }) as const
const SOLUTION = (label: string, solute?: string, value?: string, unit = 'mol/dm3') => ({
  id: label,
  label,
  form: 'solution' as const,
  ...(solute ? { solute } : {}),
  ...(value ? { strength: { value, unit } } : {}),
})
const runs = ['run1', 'run2', 'run3'].map((id) => ({ id, kind: 'accurate', initial: '0.00', final: '24.30' }) as const)

/** What a record answers to some questions, unrounded. */
function answers(materials: readonly object[], parts: readonly object[], finds: readonly object[]): readonly (number | null)[] {
  const task: Task = readTask({
    ...newTask('a test', 'empty', () => 0),
    materials,
    parts: parts as readonly Part[],
    questions: finds.map((find, index) => ({ id: `q${index}`, text: '?', find })),
  })
  return reckonTask(task).answers.map(({ unrounded }) =>
    unrounded === undefined || unrounded === null ? null : Number(unrounded),
  )
}

const near = (value: number | null | undefined, expected: number) =>
  expect(Math.abs(Number(value) / expected - 1)).toBeLessThan(0.003)

const titrationOfR = {
  id: 't1',
  kind: 'titration',
  burette: 'N',
  flask: [{ material: 'R', volume: '25.0', by: 'pipette' }],
  reactions: [{ equation: 'NaOH + HCl -> NaCl + H2O', role: 'titration' }],
  indicator: 'methyl orange',
  runs,
}

describe('a reaction before a solution is made up', () => {
  const bottles = [SOLIDS('Q'), SOLUTION('P', 'HCl', '1.20'), SOLUTION('N', 'NaOH', '0.100'), SOLUTION('R', 'HCl')]
  const weighed = { id: 'w1', kind: 'weighing', of: 'Q', withSample: '21.400', withResidue: '20.000' }
  const made = {
    id: 's1',
    kind: 'solution',
    from: [{ weighing: 'w1' }, { material: 'P', volume: '50.0' }],
    flask: '250',
    gives: 'R',
  }
  const asked = [
    { quantity: 'concentration', of: 'HCl', in: 'R' },
    { quantity: 'massPercent', of: 'CaO', in: 'Q' },
  ]

  // By hand: left over 0.100 × 0.02430 × 10 = 0.0243 of 0.0600 mol; used 0.0357, half of it CaO (56.08 g/mol).
  it('leaves over what was not used up, and tells what used it up', () => {
    const [left, percent] = answers(
      bottles,
      [weighed, { ...made, reactions: ['CaO + 2HCl -> CaCl2 + H2O'] }, titrationOfR],
      asked,
    )
    near(left, 0.0972)
    near(percent, ((0.0357 / 2) * 56.08 * 100) / 1.4)
  })

  it('by its ions gives the same', () => {
    const [, percent] = answers(bottles, [weighed, { ...made, reactions: ['CaO + 2H+ -> Ca2+ + H2O'] }, titrationOfR], asked)
    near(percent, ((0.0357 / 2) * 56.08 * 100) / 1.4)
  })
})

describe('a reaction in the heat', () => {
  const heated = (more: object) => ({
    id: 'h1',
    kind: 'heating',
    of: 'P',
    container: '20.00',
    masses: ['23.00', '22.12', '22.12'].map((mass, index) => ({ id: `m${index}`, mass })),
    ...more,
  })
  const asked = [{ quantity: 'massPercent', of: 'CuCO3', in: 'P' }]

  // By hand: 0.88 g of CO2 (44.01) are 0.0200 mol, as many of CuCO3 (123.55), 2.470 of 3.00 g.
  it('tells what fell apart by what was driven off', () => {
    near(answers([SOLIDS('P')], [heated({ lost: 'CO2', equation: 'CuCO3 -> CuO + CO2' })], asked)[0], 82.35)
  })

  it('tells nothing where it gives off something else than what was lost', () => {
    expect(answers([SOLIDS('P')], [heated({ lost: 'H2O', equation: 'CuCO3 -> CuO + CO2' })], asked)).toEqual([null])
    expect(answers([SOLIDS('P')], [heated({ lost: 'CO2' })], asked)).toEqual([null])
  })
})

describe('a solid of which so many grams are in 1 dm3', () => {
  const titration = (acid: string) => ({
    ...titrationOfR,
    flask: [{ material: 'F', volume: '25.0', by: 'pipette' }],
    reactions: [{ equation: `${acid} + 2NaOH -> Na2${acid.slice(2)} + 2H2O`, role: 'titration' }],
  })

  // By hand: c = 0.100 × 24.30 / 2 / 25.0 = 0.0486; M = 7.20 / 0.0486 = 148.1; x = (6.30 / 0.0486 − 90.03) / 18.015 = 2.198.
  it('gives its molar mass, and its water of crystallisation', () => {
    const unknown = [SOLUTION('F', 'H2Z', '7.20', 'g/dm3'), SOLUTION('N', 'NaOH', '0.100')]
    near(answers(unknown, [titration('H2Z')], [{ quantity: 'molarMass', of: 'F' }])[0], 148.15)
    const oxalic = [SOLUTION('F', 'H2C2O4.xH2O', '6.30', 'g/dm3'), SOLUTION('N', 'NaOH', '0.100')]
    near(answers(oxalic, [titration('H2C2O4')], [{ quantity: 'hydration', of: 'H2C2O4', in: 'F' }])[0], 2.198)
  })
})

describe('a titration that is followed by temperature', () => {
  const points = Array.from({ length: 9 }, (_, index) => ({
    id: `p${index}`,
    x: (index * 5).toFixed(2),
    y: (20 + 0.4 * Math.min(index * 5, 20) - 0.2 * Math.max(0, index * 5 - 20)).toFixed(2),
  }))
  const run = {
    id: 'm1',
    kind: 'series',
    x: { name: 'volume added', unit: 'cm3' },
    y: { name: 'temperature', unit: '°C' },
    points,
    reading: 'two-lines',
  }
  const titration = {
    ...titrationOfR,
    crossingOf: 'm1',
    flask: [{ material: 'K', volume: '25.0', by: 'pipette' }],
    burette: 'H',
    runs: [],
  }
  const bottles = [SOLUTION('K', 'NaOH'), SOLUTION('H', 'HCl', '1.50')]
  const asked = [{ quantity: 'concentration', of: 'NaOH', in: 'K' }]

  it('is worked out from where the lines cross', () => {
    near(answers(bottles, [run, titration], asked)[0], (1.5 * 20) / 25)
  })

  it('is not worked out before they cross', () => {
    expect(answers(bottles, [{ ...run, points: points.slice(0, 2) }, titration], asked)).toEqual([null])
  })
})

import { describe, expect, it } from 'vitest'
import { checkTask } from '../check/index.ts'
import { readTask, type Task } from '../record/index.ts'
import { reckonTask } from './index.ts'

interface Sheet {
  readonly solute: string
  readonly mass: string
  readonly titre: string
  readonly burette?: string
  readonly equation: string
  readonly indicator?: string
}

/** A solid in 250.0 cm³, of which 25.0 cm³ are titrated with 0.100 mol/dm³. */
function dissolved({ solute, mass, titre, burette = 'NaOH', equation, indicator }: Sheet, ...finds: readonly object[]): Task {
  return readTask({
    format: 'hop-lark/task',
    version: 2,
    id: 'x',
    title: 'x',
    conventions: { concordance: { runs: 1 } },
    materials: [
      { id: 'S', label: 'S', form: 'solid', ...(solute ? { solute } : {}) },
      { id: 'F', label: 'F', form: 'solution' },
      { id: 'B', label: 'B', form: 'solution', solute: burette, strength: { value: '0.100', unit: 'mol/dm3' } },
    ],
    parts: [
      { id: 'w', kind: 'weighing', of: 'S', mass },
      { id: 'f', kind: 'solution', from: [{ weighing: 'w' }], flask: '250.0', gives: 'F' },
      {
        id: 't',
        kind: 'titration',
        burette: 'B',
        flask: [{ material: 'F', volume: '25.0', by: 'pipette' }],
        reactions: [{ equation, role: 'titration' }],
        ...(indicator ? { indicator } : {}),
        runs: [{ id: 'a', kind: 'accurate', initial: '0.00', final: titre }],
      },
    ],
    questions: finds.map((find, index) => ({ id: `q${index}`, find })),
  })
}
const MOLAR = { quantity: 'molarMass', of: 'S' }
const unknown = (letter: string) => ({ quantity: 'unknownMass', of: letter, in: 'S' })
const valuesOf = (task: Task) => reckonTask(task).answers.map(({ value, missing }) => value ?? missing)
const HYDROCHLORIC = { burette: 'HCl', equation: 'M2CO3 + 2HCl -> 2MCl + H2O + CO2' }

describe('an unknown by its letter', () => {
  it.each<[string, Sheet, object, string]>([
    // n = 0.100 × 12.50/1000 × 10 = 0.0125 mol; 1.53/0.0125.
    ['HX', { solute: 'HX', mass: '1.53', titre: '12.50', equation: 'HX + NaOH -> NaX + H2O' }, MOLAR, '122'],
    ['HX by its ions', { solute: 'HX', mass: '1.53', titre: '12.50', equation: 'H+ + OH- -> H2O' }, MOLAR, '122'],
    // Succinic acid has 118.1: 1.18/(0.0200/2) = 118.
    ['H2X', { solute: 'H2X', mass: '1.18', titre: '20.00', equation: 'H2X + 2NaOH -> Na2X + 2H2O' }, MOLAR, '118'],
    // Potassium carbonate: 1.73/0.0125 = 138.4; (138.4 − 60.0)/2 = 39.2.
    ['M of M2CO3', { solute: 'M2CO3', mass: '1.73', titre: '25.00', ...HYDROCHLORIC }, unknown('M'), '39.2'],
    [
      'M by ions',
      { ...HYDROCHLORIC, solute: 'M2CO3', mass: '1.73', titre: '25.00', equation: 'CO3^2- + 2H+ -> H2O + CO2' },
      unknown('M'),
      '39.2',
    ],
    // Potassium hydroxide: 1.40/0.0250 = 56.0; less 17.0.
    [
      'X of XOH',
      { solute: 'XOH', mass: '1.40', titre: '25.00', burette: 'HCl', equation: 'XOH + HCl -> XCl + H2O' },
      unknown('X'),
      '39.0',
    ],
    // Washing soda: 2.86 g of Na2CO3.10H2O hold 0.0100 mol.
    [
      'x of Na2CO3.xH2O',
      { solute: 'Na2CO3.xH2O', mass: '2.86', titre: '20.00', burette: 'HCl', equation: 'Na2CO3 + 2HCl -> 2NaCl + H2O + CO2' },
      { quantity: 'hydration', of: 'Na2CO3.xH2O', in: 'S' },
      '10.0',
    ],
    [
      'its molar mass',
      { solute: 'Na2CO3.xH2O', mass: '2.86', titre: '20.00', burette: 'HCl', equation: 'CO3^2- + 2H+ -> H2O + CO2' },
      MOLAR,
      '286',
    ],
  ])('%s is found', (_, sheet, find, value) => {
    expect(valuesOf(dissolved(sheet, find))).toEqual([value])
  })

  it.each<[string, Sheet, object, RegExp]>([
    [
      'mass of HX',
      { solute: 'HX', mass: '1.53', titre: '12.50', equation: 'HX + NaOH -> NaX + H2O' },
      { quantity: 'massPercent', of: 'HX', in: 'S' },
      /the molar mass of HX, among the masses the sheet gives/,
    ],
    [
      'a letter that is not there',
      { solute: 'HX', mass: '1.53', titre: '12.50', equation: 'HX + NaOH -> NaX + H2O' },
      unknown('M'),
      /a formula of S on its label with M in it/,
    ],
    [
      'no label',
      { solute: '', mass: '1.53', titre: '12.50', equation: 'H+ + OH- -> H2O' },
      unknown('X'),
      /a formula of S on its label/,
    ],
    [
      'water unsaid',
      { solute: 'M2CO3.xH2O', mass: '1.53', titre: '12.50', ...HYDROCHLORIC, equation: 'CO3^2- + 2H+ -> H2O + CO2' },
      unknown('M'),
      /how much water M2CO3.xH2O holds/,
    ],
  ])('with %s it is refused', (_, sheet, find, says) => {
    expect(valuesOf(dissolved(sheet, find))[0]).toMatch(says)
  })

  it('is worked out in every school, with the letter’s own lines', () => {
    const task = dissolved({ solute: 'M2CO3', mass: '1.73', titre: '25.00', ...HYDROCHLORIC }, unknown('M'))
    for (const working of ['moles', 'proportion', 'ratio', 'chain'] as const)
      expect(valuesOf({ ...task, conventions: { ...task.conventions, working } })).toEqual(['39.2'])
  })
})

describe('an acid of two protons', () => {
  const once: Sheet = { solute: 'H2X', mass: '1.18', titre: '20.00', equation: 'H2X + NaOH -> NaHX + H2O' }

  it('does not pass for one of one without saying so', () => {
    expect(reckonTask(dissolved(once, MOLAR)).answers[0]?.assumes).toContain('only 1 of the 2 protons of each H2X react')
    const twice = dissolved({ ...once, equation: 'H2X + 2NaOH -> Na2X + 2H2O' }, MOLAR)
    expect(reckonTask(twice).answers[0]?.assumes.join()).not.toContain('protons')
  })

  it('nor where nobody says what was titrated', () => {
    const [answer] = reckonTask(dissolved({ ...once, solute: '', equation: 'H+ + OH- -> H2O' }, MOLAR)).answers
    expect(answer?.assumes).toContain('one unit of S holds one of what was titrated')
  })

  it.each([
    ['C4H6O6', 'C4H6O6 + NaOH -> NaC4H5O6 + H2O'],
    ['H2C2O4', 'H2C2O4 + NaOH -> NaHC2O4 + H2O'],
    ['H2SO4', 'H2SO4 + NaOH -> NaHSO4 + H2O'],
  ])('%s is asked about, where the indicator changes after both', (solute, equation) => {
    const task = dissolved({ solute, mass: '1.00', titre: '20.00', equation, indicator: 'phenolphthalein' })
    const found = checkTask(task).find(({ code }) => code === 'equation.moreReacts')
    expect(found?.says).toBe(`By the equation 1 NaOH reacts with each ${solute}, but where phenolphthalein changes 2 have.`)
  })
})

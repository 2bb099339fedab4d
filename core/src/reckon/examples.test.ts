import { describe, expect, it } from 'vitest'
import type { Task } from '../record/index.ts'
import { answerOf, task } from './testing/answers.ts'

function direct({
  burette,
  strength,
  flask,
  equation,
  titre,
  question,
  more = {},
}: {
  burette: string
  strength?: string
  flask: object
  equation: string
  titre: string
  question: object
  more?: { materials?: object[]; parts?: object[] }
}): Task {
  return task({
    conventions: { atomicMasses: 'standard', figures: 4, concordance: { runs: 1 } },
    materials: [
      {
        id: 'B',
        label: 'B',
        form: 'solution',
        solute: burette,
        ...(strength ? { strength: { value: strength, unit: 'mol/dm3' } } : {}),
      },
      ...(more.materials ?? []),
    ],
    parts: [
      ...(more.parts ?? []),
      {
        id: 't',
        kind: 'titration',
        burette: 'B',
        flask: [flask],
        reactions: [{ equation, role: 'titration' }],
        runs: [{ kind: 'accurate', initial: '0.00', final: titre }],
      },
    ],
    questions: [{ id: 'q', find: question }],
  })
}

const solid = (mass: string, solute?: string) => ({
  materials: [{ id: 'S', label: 'S', form: 'solid', ...(solute ? { solute } : {}) }],
  parts: [{ id: 'w', kind: 'weighing', of: 'S', mass }],
})

describe('worked examples from outside, recalled from memory', () => {
  it('EURACHEM/CITAC guide, example A2: 0.3888 g KHP takes 18.64 cm³, so NaOH is 0.1021 mol/dm³', () => {
    const example = direct({
      burette: 'NaOH',
      flask: { weighing: 'w' },
      equation: 'KHC8H4O4 + NaOH -> KNaC8H4O4 + H2O',
      titre: '18.64',
      question: { quantity: 'concentration', of: 'NaOH', in: 'B' },
      more: solid('0.3888', 'KHC8H4O4'),
    })
    expect(answerOf(example, 'q')).toMatchObject({ value: '0.1021' })
    expect(answerOf(example, 'q').unrounded).toBeCloseTo(0.10214, 5)
  })

  it('EURACHEM/CITAC guide, example A3: the same NaOH, 14.89 cm³ of it for 15 cm³ of HCl, so HCl is 0.1014 mol/dm³', () => {
    const a2 = direct({
      burette: 'NaOH',
      flask: { weighing: 'w' },
      equation: 'KHC8H4O4 + NaOH -> KNaC8H4O4 + H2O',
      titre: '18.64',
      question: { quantity: 'concentration', of: 'HCl', in: 'A' },
      more: { ...solid('0.3888', 'KHC8H4O4') },
    })
    const a3 = task({
      ...a2,
      materials: [...a2.materials, { id: 'A', label: 'acid', form: 'solution', solute: 'HCl' }],
      parts: [
        ...a2.parts,
        {
          id: 't2',
          kind: 'titration',
          burette: 'B',
          flask: [{ material: 'A', volume: '15' }],
          reactions: [{ equation: 'H+ + OH- -> H2O', role: 'titration' }],
          runs: [{ id: 'run1', kind: 'accurate', initial: '0.00', final: '14.89' }],
        },
      ],
    })
    expect(answerOf(a3, 'q').unrounded).toBeCloseTo(0.10139, 4)
  })

  it('Zumdahl, Chemistry, neutralisation titration: 1.3009 g KHP takes 41.20 cm³, so NaOH is 0.1546 mol/dm³', () => {
    const example = direct({
      burette: 'NaOH',
      flask: { weighing: 'w' },
      equation: 'KHC8H4O4 + NaOH -> KNaC8H4O4 + H2O',
      titre: '41.20',
      question: { quantity: 'concentration', of: 'NaOH', in: 'B' },
      more: solid('1.3009', 'KHC8H4O4'),
    })
    expect(answerOf(example, 'q').value).toBe('0.1546')
  })

  // The book's molar masses (Fe 55.847, Fe3O4 231.54) differ from ours in the fifth figure.
  it.each([
    ['Fe', 36.77],
    ['Fe3O4', 50.81],
  ])(
    'Skoog, West, Holler and Crouch, Fundamentals of Analytical Chemistry: 0.8040 g of ore takes 47.22 cm³ of 0.02242 mol/dm³ KMnO4, %s %d %%',
    (of, percent) => {
      const example = direct({
        burette: 'KMnO4',
        strength: '0.02242',
        flask: { weighing: 'w' },
        equation: 'MnO4- + 8H+ + 5Fe2+ -> Mn2+ + 5Fe3+ + 4H2O',
        titre: '47.22',
        question: { quantity: 'massPercent', of, in: 'S', ...(of === 'Fe' ? {} : { countedBy: 'Fe' }) },
        more: solid('0.8040'),
      })
      expect(answerOf(example, 'q').unrounded).toBeCloseTo(percent, 1)
    },
  )

  it('Brown and LeMay, Chemistry: The Central Science: 10.0 g of water takes 20.2 cm³ of 0.100 mol/dm³ silver, 0.717 % chloride', () => {
    const example = direct({
      burette: 'AgNO3',
      strength: '0.100',
      flask: { weighing: 'w' },
      equation: 'Ag+ + Cl- -> AgCl',
      titre: '20.2',
      question: { quantity: 'massPercent', of: 'Cl-', in: 'S' },
      more: solid('10.0'),
    })
    expect(answerOf(example, 'q').unrounded).toBeCloseTo(0.7161, 3)
  })

  // Vogel, Textbook of Quantitative Chemical Analysis, gives what 1 cm³ of a standard solution is worth.
  it.each([
    ['1 cm³ of 0.1 M HCl is 5.300 mg Na2CO3', 'HCl', '0.1', '2H+ + CO3^2- -> H2O + CO2', 'Na2CO3', 5.3],
    ['1 cm³ of 0.02 M KMnO4 is 5.585 mg Fe', 'KMnO4', '0.02', 'MnO4- + 8H+ + 5Fe2+ -> Mn2+ + 5Fe3+ + 4H2O', 'Fe', 5.585],
    [
      '1 cm³ of 0.02 M KMnO4 is 6.700 mg Na2C2O4',
      'KMnO4',
      '0.02',
      '2MnO4- + 5C2O4^2- + 16H+ -> 2Mn2+ + 10CO2 + 8H2O',
      'Na2C2O4',
      6.7,
    ],
    ['1 cm³ of 0.1 M Na2S2O3 is 12.69 mg I2', 'Na2S2O3', '0.1', '2S2O3^2- + I2 -> S4O6^2- + 2I-', 'I2', 12.69],
  ])('Vogel: %s', (_, burette, strength, equation, of, milligrams) => {
    const example = direct({
      burette,
      strength,
      flask: { weighing: 'w' },
      equation,
      titre: '1.00',
      question: { quantity: 'mass', of, in: 'w' },
      more: solid('1.0'),
    })
    expect((answerOf(example, 'q').unrounded ?? 0) * 1000).toBeCloseTo(milligrams, 2)
  })

  it('Harris, Quantitative Chemical Analysis: 0.3562 g Na2C2O4 in 250.0 cm³, 10.00 cm³ of it takes 48.36 cm³, blank 0.03: KMnO4 8.80e-4 mol/dm³', () => {
    const example = task({
      conventions: { atomicMasses: 'standard', concordance: { runs: 1 } },
      materials: [
        { id: 'B', label: 'B', form: 'solution', solute: 'KMnO4' },
        { id: 'S', label: 'oxalate', form: 'solid', solute: 'Na2C2O4' },
        { id: 'F', label: 'F', form: 'solution' },
      ],
      parts: [
        { id: 'w', kind: 'weighing', of: 'S', mass: '0.3562' },
        { id: 's', kind: 'solution', from: [{ weighing: 'w' }], flask: '250.0', gives: 'F' },
        {
          id: 't',
          kind: 'titration',
          burette: 'B',
          flask: [{ material: 'F', volume: '10.00', by: 'pipette' }],
          reactions: [{ equation: '2MnO4- + 5C2O4^2- + 16H+ -> 2Mn2+ + 10CO2 + 8H2O', role: 'titration' }],
          runs: [
            { kind: 'accurate', initial: '0.00', final: '48.36' },
            { kind: 'blank', initial: '0.00', final: '0.03' },
          ],
        },
      ],
      questions: [{ id: 'q', find: { quantity: 'concentration', of: 'KMnO4', in: 'B' } }],
    })
    expect(answerOf(example, 'q').value).toBe('8.80e-4')
  })
})

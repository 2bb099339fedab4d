import { describe, expect, it } from 'vitest'
import { type Question, readTask } from '../record/index.ts'
import { reckonTask } from './index.ts'
import { SCHOOLS } from './testing/knownTruth.ts'

/*
 * Worked examples and problems of textbooks, recalled from memory: Skoog, West, Holler and Crouch, Fundamentals of
 * Analytical Chemistry ("Skoog"), and Brown, LeMay and others, Chemistry: The Central Science ("Brown and LeMay"). The
 * numbers asked for are the books'; their molar masses may differ from ours in the fifth figure.
 */

interface Sheet {
  readonly materials: readonly object[]
  readonly parts: readonly object[]
  readonly find: Question['find']
  readonly unit?: string
}

function answerTo({ materials, parts, find, unit }: Sheet): number {
  const task = readTask({
    format: 'hop-lark/task',
    version: 1,
    id: 'book',
    title: 'book',
    conventions: { atomicMasses: 'standard', burette: { step: '0.01' }, concordance: { runs: 1 }, figures: 4 },
    materials,
    parts,
    questions: [{ id: 'q', find, ...(unit ? { unit } : {}) }],
  })
  const [answer] = reckonTask(task).answers
  expect(answer?.missing).toBeUndefined()
  // Every school comes to the same.
  for (const working of SCHOOLS) {
    const [other] = reckonTask({ ...task, conventions: { ...task.conventions, working } }).answers
    expect(other?.value, working).toBe(answer?.value)
  }
  return answer?.unrounded ?? Number.NaN
}

const solution = (id: string, solute?: string, strength?: string) => ({
  id,
  label: id,
  form: 'solution',
  ...(solute ? { solute } : {}),
  ...(strength ? { strength: { value: strength, unit: 'mol/dm3' } } : {}),
})
const solid = (id: string, solute?: string) => ({ id, label: id, form: 'solid', ...(solute ? { solute } : {}) })
const run = (titre: string) => [{ kind: 'accurate', initial: '0.00', final: titre }]
const weighed = (mass: string) => ({ id: 'w', kind: 'weighing', of: 'S', mass })

/** A weighed solid in the flask, titrated once. */
const ofWeighed = (mass: string, equation: string, titre: string) => [
  weighed(mass),
  {
    id: 't',
    kind: 'titration',
    burette: 'B',
    flask: [{ weighing: 'w' }],
    reactions: [{ equation, role: 'titration' }],
    runs: run(titre),
  },
]

describe('direct titrations', () => {
  // Written with the salts or with the ions that react, of which one barium hydroxide brings two.
  it.each(['Ba(OH)2 + 2HCl -> BaCl2 + 2H2O', 'H+ + OH- -> H2O'])(
    'Skoog: 50.00 cm³ of HCl takes 29.71 cm³ of 0.01963 mol/dm³ Ba(OH)2, so it is 0.02333 mol/dm³ (%s)',
    (equation) => {
      const found = answerTo({
        materials: [solution('B', 'Ba(OH)2', '0.01963'), solution('A', 'HCl')],
        parts: [
          {
            id: 't',
            kind: 'titration',
            burette: 'B',
            flask: [{ material: 'A', volume: '50.00', by: 'pipette' }],
            reactions: [{ equation, role: 'titration' }],
            runs: run('29.71'),
          },
        ],
        find: { quantity: 'concentration', of: 'HCl', in: 'A' },
      })
      expect(found).toBeCloseTo(0.02333, 5)
    },
  )

  it('Skoog: 0.2121 g of Na2C2O4 takes 43.31 cm³ of KMnO4, so that is 0.01462 mol/dm³', () => {
    const found = answerTo({
      materials: [solid('S', 'Na2C2O4'), solution('B', 'KMnO4')],
      parts: ofWeighed('0.2121', '2MnO4- + 5C2O4^2- + 16H+ -> 2Mn2+ + 10CO2 + 8H2O', '43.31'),
      find: { quantity: 'concentration', of: 'MnO4-', in: 'B' },
    })
    expect(found).toBeCloseTo(0.01462, 5)
  })

  it('Skoog: mercury of a 3.776 g ointment takes 21.30 cm³ of 0.1144 mol/dm³ thiocyanate, so it holds 6.472 %', () => {
    const found = answerTo({
      materials: [solid('S'), solution('B', 'NH4SCN', '0.1144')],
      parts: ofWeighed('3.776', 'Hg2+ + 2SCN- -> Hg(SCN)2', '21.30'),
      find: { quantity: 'massPercent', of: 'Hg', in: 'S' },
    })
    expect(found).toBeCloseTo(6.472, 2)
  })

  it('Skoog: a 0.7457 g foot powder takes 22.57 cm³ of 0.01639 mol/dm³ EDTA, so it holds 3.244 % zinc', () => {
    const found = answerTo({
      materials: [solid('S'), solution('B', 'Na2H2Y', '0.01639')],
      parts: ofWeighed('0.7457', 'Zn2+ + H2Y^2- -> ZnY^2- + 2H+', '22.57'),
      find: { quantity: 'massPercent', of: 'Zn', in: 'S' },
    })
    expect(found).toBeCloseTo(3.244, 2)
  })
})

describe('by way of another reaction', () => {
  it('Skoog: iodine from 0.1210 g of KIO3 takes 41.64 cm³ of thiosulfate, so that is 0.08147 mol/dm³', () => {
    const found = answerTo({
      materials: [solid('S', 'KIO3'), solution('B', 'Na2S2O3'), solution('I', 'KI', '1.0')],
      parts: [
        weighed('0.1210'),
        {
          id: 't',
          kind: 'titration',
          burette: 'B',
          flask: [{ weighing: 'w' }, { material: 'I', volume: '20' }],
          reactions: [
            { equation: 'IO3- + 5I- + 6H+ -> 3I2 + 3H2O', role: 'before' },
            { equation: 'I2 + 2S2O3^2- -> 2I- + S4O6^2-', role: 'titration' },
          ],
          inExcess: ['I-'],
          runs: run('41.64'),
        },
      ],
      find: { quantity: 'concentration', of: 'S2O3^2-', in: 'B' },
    })
    expect(found).toBeCloseTo(0.08147, 5)
  })

  it('Skoog: ammonia of 0.4755 g in 50.00 cm³ of 0.05035 mol/dm³ H2SO4, 11.13 cm³ of 0.1214 mol/dm³ NaOH back: 10.85 % N', () => {
    const found = answerTo({
      materials: [solid('S'), solution('A', 'H2SO4', '0.05035'), solution('B', 'NaOH', '0.1214')],
      parts: [
        weighed('0.4755'),
        {
          id: 't',
          kind: 'titration',
          burette: 'B',
          flask: [{ material: 'A', volume: '50.00', by: 'pipette' }, { weighing: 'w' }],
          reactions: [
            { equation: '2NH3 + H2SO4 -> (NH4)2SO4', role: 'before' },
            { equation: 'H2SO4 + 2NaOH -> Na2SO4 + 2H2O', role: 'titration' },
          ],
          runs: run('11.13'),
        },
      ],
      find: { quantity: 'massPercent', of: 'N', in: 'S' },
    })
    expect(found).toBeCloseTo(10.85, 2)
  })
})

describe('two indicators', () => {
  const mixture = (first: string, second: string, phenolphthalein: readonly string[], bromocresolGreen: readonly string[]) => ({
    materials: [solution('A', 'HCl', '0.100'), solution('M')],
    parts: [[phenolphthalein, first, 'phenolphthalein'] as const, [bromocresolGreen, second, 'bromocresol green'] as const].map(
      ([equations, titre, title], index) => ({
        id: `t${index}`,
        title,
        kind: 'titration',
        burette: 'A',
        flask: [{ material: 'M', volume: '50.0', by: 'pipette' }],
        reactions: equations.map((equation) => ({ equation, role: 'titration' })),
        runs: run(titre),
      }),
    ),
  })

  it('Skoog: 50.0 cm³ takes 22.1 cm³ of 0.100 mol/dm³ HCl to phenolphthalein and 48.4 to bromocresol green: 0.0442 carbonate, 0.0084 hydrogencarbonate', () => {
    const sheet = mixture('22.10', '48.40', ['CO3^2- + H+ -> HCO3-'], ['CO3^2- + 2H+ -> H2O + CO2', 'HCO3- + H+ -> H2O + CO2'])
    expect(answerTo({ ...sheet, find: { quantity: 'concentration', of: 'CO3^2-', in: 'M' } })).toBeCloseTo(0.0442, 6)
    expect(answerTo({ ...sheet, find: { quantity: 'concentration', of: 'HCO3-', in: 'M' } })).toBeCloseTo(0.0084, 6)
  })

  it('hydroxide beside carbonate, by hand: n1 = OH + CO3, n2 = OH + 2CO3', () => {
    // 2.40 and 3.00 mmol in 50.0 cm³: carbonate 0.60, hydroxide 1.80 mmol.
    const sheet = mixture(
      '24.00',
      '30.00',
      ['OH- + H+ -> H2O', 'CO3^2- + H+ -> HCO3-'],
      ['OH- + H+ -> H2O', 'CO3^2- + 2H+ -> H2O + CO2'],
    )
    expect(answerTo({ ...sheet, find: { quantity: 'concentration', of: 'OH-', in: 'M' } })).toBeCloseTo(0.036, 9)
    expect(answerTo({ ...sheet, find: { quantity: 'massConcentration', of: 'Na2CO3', in: 'M' } })).toBeCloseTo(0.012 * 105.988, 4)
  })

  it('one titration alone cannot tell them apart, and says so', () => {
    const sheet = mixture('24.00', '30.00', ['OH- + H+ -> H2O', 'CO3^2- + H+ -> HCO3-'], ['OH- + H+ -> H2O'])
    const [only] = sheet.parts
    const task = readTask({
      format: 'hop-lark/task',
      version: 1,
      id: 'x',
      title: 'x',
      ...sheet,
      parts: [only],
      questions: [{ id: 'q', find: { quantity: 'concentration', of: 'OH-', in: 'M' } }],
    })
    expect(reckonTask(task).answers[0]?.missing).toMatch(/another end-point, to tell OH- and CO3\^2- apart/)
  })
})

describe('water of crystallisation', () => {
  it.each([
    ['Brown and LeMay: 5.061 g of MgSO4·xH2O leaves 2.472 g', 'MgSO4', '5.061', '2.472', 7],
    ['Brown and LeMay: 2.558 g of Na2CO3·xH2O leaves 0.948 g', 'Na2CO3', '2.558', '0.948', 10],
  ])('%s', (_source, salt, before, after, water) => {
    const found = answerTo({
      materials: [solid('S')],
      parts: [
        {
          id: 'h',
          kind: 'heating',
          of: 'S',
          container: '20.000',
          masses: [(20 + Number(before)).toFixed(3), (20 + Number(after)).toFixed(3)],
          lost: 'H2O',
        },
      ],
      find: { quantity: 'hydration', of: salt, in: 'S' },
    })
    expect(Math.round(found)).toBe(water)
    expect(found).toBeCloseTo(water, 1)
  })
})

describe('sparingly soluble salts', () => {
  // Skoog: barium iodate, Ksp 1.57e-9; 7.32e-4 mol/dm³ dissolves in water, 1.40e-4 in 0.0200 mol/dm³ barium nitrate.
  it('Skoog: Ba(IO3)2 from its solubility in water', () => {
    const found = answerTo({
      materials: [solution('L', 'Ba(IO3)2', '0.000732')],
      parts: [],
      find: { quantity: 'solubilityProduct', of: 'Ba(IO3)2', in: 'L' },
    })
    expect(found / 1.57e-9).toBeCloseTo(1, 2)
  })

  it('Skoog: the same from iodate titrated with thiosulfate, beside 0.0200 mol/dm³ of the common ion', () => {
    // 2 × 1.40e-4 mol/dm³ of iodate in 50.00 cm³ makes 4.20e-5 mol of iodine and takes 8.40 cm³ of 0.0100 mol/dm³.
    const found = answerTo({
      materials: [solution('L'), solution('B', 'Na2S2O3', '0.0100'), solution('I', 'KI', '1.0')],
      parts: [
        {
          id: 't',
          kind: 'titration',
          burette: 'B',
          flask: [
            { material: 'L', volume: '50.00', by: 'pipette' },
            { material: 'I', volume: '10' },
          ],
          reactions: [
            { equation: 'IO3- + 5I- + 6H+ -> 3I2 + 3H2O', role: 'before' },
            { equation: 'I2 + 2S2O3^2- -> 2I- + S4O6^2-', role: 'titration' },
          ],
          inExcess: ['I-'],
          runs: run('8.40'),
        },
      ],
      find: {
        quantity: 'solubilityProduct',
        of: 'Ba(IO3)2',
        in: 'L',
        added: { species: 'Ba2+', concentration: { value: '0.0200', unit: 'mol/dm3' } },
      },
    })
    expect(found / 1.57e-9).toBeCloseTo(1, 1)
  })
})

describe('mass for a standard solution', () => {
  it('Skoog: 2.000 dm³ of 0.0500 mol/dm³ AgNO3 takes 16.99 g', () => {
    const found = answerTo({
      materials: [],
      parts: [],
      find: {
        quantity: 'massToWeigh',
        of: 'AgNO3',
        concentration: { value: '0.0500', unit: 'mol/dm3' },
        volume: { value: '2.000', unit: 'dm3' },
      },
    })
    expect(found).toBeCloseTo(16.99, 2)
  })

  it('by mass concentration needs no molar mass: 250 cm³ of 4.00 g/dm³ takes 1.00 g', () => {
    const found = answerTo({
      materials: [],
      parts: [],
      find: {
        quantity: 'massToWeigh',
        of: 'NaCl',
        concentration: { value: '4.00', unit: 'g/dm3' },
        volume: { value: '250', unit: 'cm3' },
      },
    })
    expect(found).toBeCloseTo(1, 9)
  })
})

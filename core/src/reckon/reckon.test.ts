import { describe, expect, it } from 'vitest'
import { path, type Task } from '../record/index.ts'
import { reckonTask } from './index.ts'
import { answerOf, demo, task } from './testing/answers.ts'

describe('iron in lawn sand', () => {
  const lawn = demo('iron-in-lawn-sand')

  it('gives the answer worked by hand', () => {
    // 20.675 × 0.0100 / 1000 × 5 × 10 = 0.0103375 mol; × 55.8 / 4.74 × 100 = 12.1695 %
    expect(answerOf(lawn, 'q2')).toMatchObject({ value: '12.2', unit: '%' })
    expect(answerOf(lawn, 'q2').unrounded).toBeCloseTo(12.16946, 4)
  })

  it('shows the working line by line, each number linked to where it was read', () => {
    const { steps } = answerOf(lawn, 'q2')
    expect(steps.map(({ value, unit }) => `${value} ${unit}`)).toEqual([
      '2.07e-4 mol',
      '1.03e-3 mol',
      '0.0103 mol',
      '0.577 g',
      '4.74 g',
      '12.2 %',
    ])
    expect(steps[0]).toMatchObject({
      says: 'amount of manganate(VII) in the mean titre',
      formula: 'n = cV/1000',
      substituted: '0.0100 × 20.675 / 1000',
      uses: [
        { text: '0.0100', at: path('materials', 'F2', 'strength') },
        { text: '20.675', at: path('parts', 't1') },
      ],
    })
    expect(steps[1]).toMatchObject({ formula: 'n(Fe2+) = 5 × n(MnO4-)', equation: 'MnO4- + 8H+ + 5Fe2+ -> Mn2+ + 5Fe3+ + 4H2O' })
    expect(steps[4]?.uses.map(({ at }) => at)).toEqual([path('parts', 'w1', 'withSample'), path('parts', 'w1', 'withResidue')])
  })

  it('gives the same by the other school of working', () => {
    const ratio = { ...lawn, conventions: { ...lawn.conventions, working: 'ratio' as const } }
    expect(answerOf(ratio, 'q2').unrounded).toBeCloseTo(answerOf(lawn, 'q2').unrounded ?? 0, 10)
    expect(answerOf(ratio, 'q2').steps[0]?.formula).toMatch(/a1M1V1 = a2M2V2/)
  })

  it('says when carrying rounded values changes the last figure', () => {
    expect(answerOf(lawn, 'q1')).toMatchObject({ value: '0.0103', otherCarry: '0.0104' })
    const rounded = { ...lawn, conventions: { ...lawn.conventions, carry: 'rounded' as const } }
    expect(answerOf(rounded, 'q1')).toMatchObject({ value: '0.0104', otherCarry: '0.0103' })
    expect(answerOf(rounded, 'q1').steps[1]?.substituted).toBe('5 × 2.07e-4')
  })

  it('carries the mean titre rounded to two decimals, half up, where values are carried rounded', () => {
    const rounded = { ...lawn, conventions: { ...lawn.conventions, carry: 'rounded' as const } }
    // The mean of 20.65 and 20.70 is 20.675.
    expect(answerOf(lawn, 'q1').steps[0]?.substituted).toContain('20.675')
    expect(answerOf(rounded, 'q1').steps[0]?.substituted).toContain('20.68')
  })

  it.each([
    [
      'the residue',
      (one: Task) => ({
        ...one,
        parts: one.parts.map((part) =>
          part.kind === 'weighing' ? { id: part.id, kind: part.kind, of: part.of, withSample: '31.46' } : part,
        ),
      }),
      /container \+ what was left in it/,
    ],
    [
      'the strength of F2',
      (one: Task) => ({ ...one, materials: one.materials.map(({ strength: _, ...material }) => material) }),
      /^the strength of F2$/,
    ],
    [
      'the flask',
      (one: Task) => ({
        ...one,
        parts: one.parts.map((part) =>
          part.kind === 'solution' ? { id: part.id, kind: part.kind, from: part.from, gives: part.gives } : part,
        ),
      }),
      /^the volume of the flask that F4 was made up in$/,
    ],
    [
      'the runs',
      (one: Task) => ({ ...one, parts: one.parts.map((part) => (part.kind === 'titration' ? { ...part, runs: [] } : part)) }),
      /^two titres that agree within 0.10/,
    ],
    [
      'the equation',
      (one: Task) => ({
        ...one,
        parts: one.parts.map((part) => (part.kind === 'titration' ? { ...part, reactions: [] } : part)),
      }),
      /^the equation of the titration/,
    ],
    [
      'the aliquot',
      (one: Task) => ({
        ...one,
        parts: one.parts.map((part) => (part.kind === 'titration' ? { ...part, flask: [{ material: 'F4' }] } : part)),
      }),
      /^the volume of F4 put into the conical flask$/,
    ],
  ])('names what is missing when that is %s', (_, without, says) => {
    expect(answerOf(without(lawn) as Task, 'q2')).toMatchObject({ value: null, missing: expect.stringMatching(says) })
  })

  it('answers for an oxide or a hydrate of the same iron', () => {
    const asked = (of: string, how: object = {}) =>
      answerOf({ ...lawn, questions: [{ id: 'q', find: { quantity: 'massPercent', of, in: 'F1', ...how } }] }, 'q')
    // 0.0103375 mol × 277.9 / 4.74, and half of it × 159.6 / 4.74
    expect(asked('FeSO4.7H2O').unrounded).toBeCloseTo(60.6074, 3)
    expect(asked('Fe2O3').value).toBeNull()
    const oxide = asked('Fe2O3', { countedBy: 'Fe' })
    expect(oxide.unrounded).toBeCloseTo(17.4037, 3)
    expect(oxide.assumes).toContain('all of the iron is there as Fe2O3')
  })
})

describe('acid in orchard vinegar', () => {
  it('carries the mean of three standardisations through a dilution', () => {
    const vinegar = demo('acid-in-orchard-vinegar')
    const done: Task = {
      ...vinegar,
      parts: vinegar.parts.map((part) =>
        part.id === 't2' && part.kind === 'titration'
          ? { ...part, runs: [...part.runs.slice(0, 2), { id: 'run2', kind: 'accurate', initial: '0.00', final: '21.05' }] }
          : part,
      ),
    }
    // c(N) = mean of 0.412/(204.1 × 0.02015), 0.398/(204.1 × 0.01945), 0.405/(204.1 × 0.01985) = 0.1001343 …
    expect(answerOf(vinegar, 'q1').unrounded).toBeCloseTo((0.412 / 20.15 + 0.398 / 19.45 + 0.405 / 19.85) / 3 / 0.2041, 9)
    // × 21.05 / 25.0 × 10
    expect(answerOf(done, 'q2').unrounded).toBeCloseTo((answerOf(vinegar, 'q1').unrounded ?? 0) * 8.42, 9)
    expect(answerOf(done, 'q3').unrounded).toBeCloseTo((answerOf(done, 'q2').unrounded ?? 0) * 60, 7)
  })
})

/** One standard in the burette, one portion in the flask, one titre that is taken as given. */
describe('the general network', () => {
  it('works a back titration out: put in less left over', () => {
    // 25.00 cm³ of 1.000 M HCl = 25.00 mmol; 12.50 cm³ of 1.000 M NaOH left over; 12.50 mmol used, so 6.25 mmol CaCO3 = 0.6256 g
    const shell = task({
      conventions: { concordance: { runs: 1 } },
      materials: [
        { id: 'A', label: 'acid', form: 'solution', solute: 'HCl', strength: { value: '1.000', unit: 'mol/dm3' } },
        { id: 'N', label: 'N', form: 'solution', solute: 'NaOH', strength: { value: '1.000', unit: 'mol/dm3' } },
        { id: 'S', label: 'shell', form: 'solid', solute: 'CaCO3' },
      ],
      parts: [
        { id: 'w', kind: 'weighing', of: 'S', mass: '0.700' },
        {
          id: 't',
          kind: 'titration',
          burette: 'N',
          flask: [{ weighing: 'w' }, { material: 'A', volume: '25.00', by: 'pipette' }],
          reactions: [
            { equation: 'CaCO3 + 2H+ -> Ca2+ + CO2 + H2O', role: 'before' },
            { equation: 'H+ + OH- -> H2O', role: 'titration' },
          ],
          runs: [{ kind: 'accurate', initial: '0.00', final: '12.50' }],
        },
      ],
      questions: [
        { id: 'q', find: { quantity: 'massPercent', of: 'CaCO3', in: 'S' } },
        { id: 'used', find: { quantity: 'amount', of: 'H+', in: 't/before' } },
      ],
    })
    expect(answerOf(shell, 'used').unrounded).toBeCloseTo(0.0125, 12)
    expect(answerOf(shell, 'q').unrounded).toBeCloseTo((0.00625 * 100.1 * 100) / 0.7, 8)
  })

  it('follows a product that is titrated: copper by iodine and thiosulfate', () => {
    const verdigris = task({
      conventions: { concordance: { runs: 1 } },
      materials: [
        { id: 'T', label: 'T', form: 'solution', solute: 'Na2S2O3', strength: { value: '0.100', unit: 'mol/dm3' } },
        { id: 'C', label: 'C', form: 'solution' },
        { id: 'K', label: 'KI', form: 'solution', solute: 'KI' },
      ],
      parts: [
        {
          id: 't',
          kind: 'titration',
          burette: 'T',
          flask: [
            { material: 'K', volume: '10' },
            { material: 'C', volume: '25.0', by: 'pipette' },
          ],
          reactions: [
            { equation: '2Cu2+ + 4I- -> 2CuI + I2', role: 'before' },
            { equation: '2S2O3^2- + I2 -> S4O6^2- + 2I-', role: 'titration' },
          ],
          runs: [{ kind: 'accurate', initial: '0.00', final: '20.00' }],
        },
      ],
      questions: [{ id: 'q', find: { quantity: 'concentration', of: 'Cu2+', in: 'C' } }],
    })
    expect(answerOf(verdigris, 'q').unrounded).toBeCloseTo(0.08, 12)
  })

  it('knows the complexone of a salt by its ligand: hardness by edta, with a blank', () => {
    const well = task({
      materials: [
        { id: 'E', label: 'E', form: 'solution', solute: 'Na2H2Y.2H2O', strength: { value: '0.0100', unit: 'mol/dm3' } },
        { id: 'W', label: 'well', form: 'solution' },
      ],
      parts: [
        {
          id: 't',
          kind: 'titration',
          burette: 'E',
          flask: [{ material: 'W', volume: '50.0', by: 'pipette' }],
          reactions: [{ equation: 'Ca2+ + H2Y^2- -> CaY^2- + 2H+', role: 'titration' }],
          runs: [
            { kind: 'blank', initial: '0.00', final: '0.10' },
            { kind: 'accurate', initial: '0.00', final: '12.40' },
            { kind: 'accurate', initial: '12.40', final: '24.85' },
          ],
        },
      ],
      questions: [{ id: 'q', find: { quantity: 'massConcentration', of: 'CaCO3', in: 'W' }, unit: 'mg/dm3' }],
    })
    // (12.425 − 0.10) × 0.0100 / 50.0 mol/dm³, × 100.1 g/mol
    expect(answerOf(well, 'q')).toMatchObject({
      unit: 'mg/dm3',
      unrounded: expect.closeTo((12.325 * 0.01 * 100.1 * 1000) / 50, 6),
    })
  })

  it('follows a product through the flask: thiosulfate against iodate by way of iodine', () => {
    const iodate = task({
      conventions: { concordance: { runs: 1 } },
      materials: [
        { id: 'T', label: 'T', form: 'solution', solute: 'Na2S2O3' },
        { id: 'S', label: 'S', form: 'solution', solute: 'KIO3', strength: { value: '0.0160', unit: 'mol/dm3' } },
        { id: 'K', label: 'KI', form: 'solution', solute: 'KI' },
      ],
      parts: [
        {
          id: 't',
          kind: 'titration',
          burette: 'T',
          flask: [
            { material: 'S', volume: '25.0', by: 'pipette' },
            { material: 'K', volume: '10' },
          ],
          reactions: [
            { equation: 'IO3- + 5I- + 6H+ -> 3I2 + 3H2O', role: 'before' },
            { equation: 'I2 + 2S2O3^2- -> 2I- + S4O6^2-', role: 'titration' },
          ],
          inExcess: ['I-'],
          runs: [{ kind: 'accurate', initial: '0.00', final: '24.00' }],
        },
      ],
      questions: [
        { id: 'c', find: { quantity: 'concentration', of: 'Na2S2O3', in: 'T' } },
        { id: 'n', find: { quantity: 'amount', of: 'I2', in: 't/flask' } },
      ],
    })
    // 0.400 mmol of iodate makes 1.20 mmol of iodine, which takes 2.40 mmol of thiosulfate
    expect(answerOf(iodate, 'c').unrounded).toBeCloseTo(0.1, 12)
    expect(answerOf(iodate, 'n').unrounded).toBeCloseTo(0.0012, 12)
  })

  it('finds water of crystallisation by heating and a solubility product with a common ion', () => {
    const mixed = task({
      materials: [
        { id: 'W', label: 'soda', form: 'solid' },
        { id: 'L', label: 'limewater', form: 'solution', solute: 'Ca(OH)2', strength: { value: '0.010', unit: 'mol/dm3' } },
      ],
      parts: [{ id: 'h', kind: 'heating', of: 'W', container: '20.00', masses: ['22.862', '21.060'], lost: 'H2O' }],
      questions: [
        { id: 'x', find: { quantity: 'hydration', of: 'Na2CO3', in: 'W' } },
        { id: 'k', find: { quantity: 'solubilityProduct', of: 'Ca(OH)2', in: 'L' } },
        {
          id: 'm',
          find: { quantity: 'massToWeigh', of: '(NH4)2Fe(SO4)2.6H2O', concentration: '0.0500', volume: '250' },
          unit: 'g',
        },
        { id: 'e', find: { quantity: 'percentError', answer: 'm', accepted: '5.00' } },
      ],
    })
    // 1.802 g of water is 0.10011 mol; 1.060 g of Na2CO3 is 0.0100 mol
    expect(answerOf(mixed, 'x').unrounded).toBeCloseTo(1.802 / 18 / (1.06 / 106), 6)
    expect(answerOf(mixed, 'k').unrounded).toBeCloseTo(4e-6, 12)
    expect(answerOf(mixed, 'm').value).toBe('4.90')
    expect(answerOf(mixed, 'e').unrounded).toBeCloseTo(-2, 9)
  })

  it('refuses a percentage over 100 and a unit that does not fit', () => {
    const lawn = demo('iron-in-lawn-sand')
    const wrong: Task = {
      ...lawn,
      parts: lawn.parts.map((part) => (part.kind === 'weighing' ? { ...part, withSample: '27.24' } : part)),
      questions: [...lawn.questions, { id: 'q9', find: { quantity: 'meanTitre', in: 't1' }, unit: 'g' }],
    }
    expect(reckonTask(wrong).problems.map(({ code }) => code)).toEqual(['answer.overHundred', 'question.unit'])
  })
})

describe('the other demo tasks, by hand', () => {
  it('chalk in oyster shell: the mean of two back titrations', () => {
    // 25.0 mmol put in, less 0.500 × titre left over, halved, × 100.1 mg
    const percent = (mass: number, titre: number) => ((25 - 0.5 * titre) / 2 / 1000) * 100.1 * (100 / mass)
    expect(answerOf(demo('chalk-in-oyster-shell'), 'q1').unrounded).toBeCloseTo(
      (percent(1.012, 11.4) + percent(0.987, 12.35)) / 2,
      9,
    )
  })

  it('copper in verdigris: two copper to one iodine to two thiosulfate', () => {
    expect(answerOf(demo('copper-in-verdigris'), 'q2').unrounded).toBeCloseTo(
      ((0.1 * 13.675) / 1000) * 10 * 63.5 * (100 / 2.52),
      9,
    )
  })

  it('hardness of the well: less the blank', () => {
    expect(answerOf(demo('hardness-of-the-well'), 'q2').unrounded).toBeCloseTo(((13.375 - 0.1) * 0.01 * 100.1 * 1000) / 50, 9)
  })
})

describe('water in washing soda', () => {
  it('is found by heating to constant mass', () => {
    const soda = demo('water-in-washing-soda')
    // 21.30 − 19.49 = 1.81 g of water, 19.49 − 18.42 = 1.07 g of Na2CO3, of 21.30 − 18.42 = 2.88 g
    expect(answerOf(soda, 'q1')).toMatchObject({ value: '1.81', unit: 'g' })
    expect(answerOf(soda, 'q2').unrounded).toBeCloseTo(1.81 / 18 / (1.07 / 106), 9)
    expect(answerOf(soda, 'q3').unrounded).toBeCloseTo((1.81 / 2.88) * 100, 9)
    expect(answerOf(soda, 'q2').steps[1]?.substituted).toBe('1.81 / 18.0')
  })
})

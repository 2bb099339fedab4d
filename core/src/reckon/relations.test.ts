import { describe, expect, it } from 'vitest'
import { Exact } from '../number/index.ts'
import type { Question } from '../record/index.ts'
import { wrongProducts } from './faults.ts'
import { predictTitre, reckonTask } from './index.ts'
import type { Piece } from './pieces.ts'
import { answerOf, demo, task } from './testing/answers.ts'

const piece = (value: string, power: 1 | -1, kind: Piece['kind'], says: string): Piece => ({
  value: new Exact(value),
  power,
  kind,
  says,
})

describe('ways to go wrong in a product', () => {
  const ways = (...pieces: Piece[]) =>
    wrongProducts(pieces).map(({ value, fault, says }) => `${value.toFixed()} ${fault}: ${says}`)
  const units = (right: number) => [
    `${right * 10} decimal point: it is ten times too large: look at the decimal point`,
    `${right / 10} decimal point: it is ten times too small: look at the decimal point`,
    `${right * 100} decimal point: it is a hundred times too large: look at the decimal point`,
    `${right / 100} decimal point: it is a hundred times too small: look at the decimal point`,
    `${right * 1000} units: it is a thousand times too large: look at the units`,
    `${right / 1000} units: it is a thousand times too small: look at the units`,
    `${right * 1e6} units: it is a million times too large: look at the units`,
    `${right / 1e6} units: it is a million times too small: look at the units`,
  ]

  it('without a ratio: each number left out, or upside down', () => {
    expect(ways(piece('8', 1, 'quantity', 'amount'), piece('4', -1, 'molar mass', 'molar mass'))).toEqual([
      '0.25 arithmetic: the amount is left out',
      '0.03125 arithmetic: the amount is upside down',
      '8 molar mass: the molar mass is left out',
      '32 molar mass: the molar mass is upside down',
      ...units(2),
    ])
  })

  it('a ratio of two numbers goes together, and each by itself', () => {
    expect(ways(piece('10', 1, 'quantity', 'amount'), piece('5', 1, 'ratio', '5'), piece('2', -1, 'ratio', '2'))).toEqual([
      '10 ratio: the mole ratio is left out',
      '4 ratio: the mole ratio is upside down',
      '2.5 arithmetic: the amount is left out',
      '0.25 arithmetic: the amount is upside down',
      '5 ratio: the mole ratio is left out',
      '1 ratio: the mole ratio is upside down',
      '50 ratio: the mole ratio is left out',
      '100 ratio: the mole ratio is upside down',
      ...units(25),
    ])
  })

  it('a ratio of one number is named once, and two volumes are the factor from aliquot to flask', () => {
    expect(ways(piece('2', 1, 'ratio', '2'), piece('250', 1, 'volume', 'flask'), piece('25', -1, 'volume', 'aliquot'))).toEqual([
      '10 ratio: the mole ratio is left out',
      '5 ratio: the mole ratio is upside down',
      '2 aliquot factor: the factor from aliquot to flask is left out',
      '0.2 aliquot factor: the factor from aliquot to flask is upside down',
      '0.08 aliquot factor: the flask is left out',
      '0.00032 aliquot factor: the flask is upside down',
      '500 aliquot factor: the aliquot is left out',
      '12500 aliquot factor: the aliquot is upside down',
      ...units(20),
    ])
  })
})

describe('who does what in a titration', () => {
  const titration = (more: object) => ({
    id: 't',
    kind: 'titration',
    burette: 'B',
    flask: [{ material: 'A', volume: '25.0', by: 'pipette' }],
    reactions: [{ equation: 'NaOH + HCl -> NaCl + H2O', role: 'titration' }],
    runs: ['r1', 'r2'].map((id) => ({ id, kind: 'accurate', initial: '0.00', final: '20.00' })),
    ...more,
  })
  const find = (quantity: 'concentration', of: string, place: string): Question => ({
    id: 'q',
    find: { quantity, of, in: place },
  })
  const material = (id: string, solute?: string, value?: string) => ({
    id,
    label: id,
    form: 'solution',
    ...(solute ? { solute } : {}),
    ...(value ? { strength: { value, unit: 'mol/dm3' } } : {}),
  })

  it('where the burette is not named, it supplies what the flask does not hold', () => {
    const one = task({
      materials: [material('A', 'HCl', '0.100'), material('B')],
      parts: [titration({})],
      questions: [find('concentration', 'NaOH', 'B')],
    })
    expect(answerOf(one, 'q').unrounded).toBeCloseTo((0.1 * 25) / 20, 12)
  })

  it('also where what the flask holds was weighed into it', () => {
    const one = task({
      materials: [{ id: 'S', label: 'S', form: 'solid', solute: 'KHC8H4O4' }, material('B')],
      parts: [
        { id: 'w', kind: 'weighing', of: 'S', mass: '0.5100' },
        titration({
          flask: [{ weighing: 'w' }],
          reactions: [{ equation: 'KHC8H4O4 + NaOH -> NaKC8H4O4 + H2O', role: 'titration' }],
        }),
      ],
      questions: [find('concentration', 'NaOH', 'B')],
      conventions: { figures: 4 },
    })
    expect(answerOf(one, 'q').unrounded).toBeCloseTo(0.51 / 204.1 / 0.02, 12)
  })

  it('what is named as in excess is not what is titrated', () => {
    const iodine = (inExcess?: string[]) =>
      task({
        materials: [material('A'), material('B', 'KIO3', '0.0200')],
        parts: [
          titration({
            reactions: [{ equation: 'IO3- + 2I- + 6H+ + 3Cl- -> 3ICl + 3H2O', role: 'titration' }],
            ...(inExcess ? { inExcess } : {}),
          }),
        ],
        questions: [find('concentration', 'I-', 'A')],
      })
    expect(answerOf(iodine(['Cl-']), 'q').unrounded).toBeCloseTo((2 * 0.02 * 20) / 25, 12)
  })
})

describe('an answer against what is accepted', () => {
  const lawn = demo('iron-in-lawn-sand')
  const asked = (answer: string, accepted: string) => ({
    ...lawn,
    questions: [...lawn.questions, { id: 'e', find: { quantity: 'percentError' as const, answer, accepted } }],
  })

  it('is below nought when it is too small, each line in its words', () => {
    const [low, high] = ['12.5', '11.838'].map((accepted) => answerOf(asked('q2', accepted), 'e'))
    expect(low?.unrounded).toBeCloseTo(((12.169 - 12.5) / 12.5) * 100, 2)
    expect(high?.unrounded).toBeCloseTo(((12.169 - 11.838) / 11.838) * 100, 2)
    expect(low?.steps.slice(-2).map(({ says, formula, unit }) => [says, formula, unit])).toEqual([
      ['difference from the accepted value', 'difference = found − accepted', '%'],
      ['percentage error', '% error = difference/accepted × 100', '%'],
    ])
    // What is accepted was not read off anything.
    expect(low?.steps.at(-1)?.uses.map(({ text }) => text)).toContain('12.5')
  })

  it('of a question that is not there, or that compares itself, says so', () => {
    expect(answerOf(asked('nobody', '1'), 'e').missing).toBe("an answer called 'nobody'")
    expect(answerOf(asked('e', '1'), 'e').missing).toBe('answers that do not rest on each other')
  })
})

describe('a titre foretold', () => {
  it('is not to be had where nothing was titrated yet, or nothing is known of the flask', () => {
    const lawn = demo('iron-in-lawn-sand')
    const without = (change: (part: (typeof lawn)['parts'][number]) => (typeof lawn)['parts'][number]) => ({
      ...lawn,
      parts: lawn.parts.map(change),
    })
    const noRuns = without((part) => (part.kind === 'titration' ? { ...part, runs: [] } : part))
    expect(predictTitre(noRuns, 't1', new Exact(1))).toBeUndefined()
    const noStrength = { ...lawn, materials: lawn.materials.map(({ strength: _, ...one }) => one) }
    expect(predictTitre(noStrength, 't1', new Exact(1))).toBeUndefined()
    expect(predictTitre(lawn, 't1', new Exact(1))?.toNumber()).toBeCloseTo(20.675, 9)
    expect(predictTitre(lawn, 't1', new Exact(0))).toBeUndefined()
    expect(reckonTask(lawn).titrations[0]?.mean).toBe('20.68')
  })
})

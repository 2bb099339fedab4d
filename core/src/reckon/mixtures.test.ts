import { describe, expect, it } from 'vitest'
import { reckonTask } from './index.ts'
import { task } from './testing/answers.ts'
import { readAgain } from './testing/printed.ts'

interface ToEndPoint {
  readonly burette: string
  readonly equations: readonly string[]
  readonly before?: readonly string[]
  /** Volume of the portion of M; nothing where it goes on with the flask of the titration before. */
  readonly portion?: string
  readonly titre: number
}

const ACID = {
  A: ['HCl', '0.1000'],
  N: ['NaOH', '0.1000'],
  S: ['AgNO3', '0.0500'],
  K: ['KMnO4', '0.0200'],
  E: ['Na2H2Y', '0.0100'],
} as const

/** Titrations of M one after another, and the concentrations asked of it. */
function mixture(titrations: readonly ToEndPoint[], asked: readonly string[], conventions: object = {}) {
  return reckonTask(
    task({
      conventions: { concordance: { runs: 1 }, burette: { step: '0.01' }, figures: 4, ...conventions },
      materials: [
        { id: 'M', label: 'M', form: 'solution' },
        ...Object.entries(ACID).map(([id, [solute, value]]) => ({
          id,
          label: id,
          form: 'solution',
          solute,
          strength: { value, unit: 'mol/dm3' },
        })),
      ],
      parts: titrations.map(({ burette, equations, before = [], portion, titre }, index) => ({
        id: `t${index + 1}`,
        kind: 'titration',
        burette,
        flask: portion === undefined ? [] : [{ material: 'M', volume: portion, by: 'pipette' }],
        ...(portion === undefined ? { continues: `t${index}` } : {}),
        reactions: [
          ...before.map((equation) => ({ equation, role: 'before' })),
          ...equations.map((equation) => ({ equation, role: 'titration' })),
        ],
        runs: [{ kind: 'accurate', initial: '0.00', final: titre.toFixed(2) }],
      })),
      questions: asked.map((of, index) => ({ id: `q${index}`, find: { quantity: 'concentration', of, in: 'M' } })),
    }),
  )
}

const PINK = 'CO3^2- + H+ -> HCO3-'
const ORANGE = 'CO3^2- + 2H+ -> H2O + CO2'
const BICARBONATE = 'HCO3- + H+ -> H2O + CO2'
const HYDROXIDE = 'OH- + H+ -> H2O'

type Case = readonly [name: string, titrations: readonly ToEndPoint[], truth: Readonly<Record<string, number>>]

/** Each backwards from concentrations that were chosen: the titres follow by hand. */
const CASES: readonly Case[] = [
  [
    'carbonate and hydrogencarbonate, one flask going on',
    [
      // 25.0 cm³ of 0.0400 and 0.0200 mol/dm³: 1.00 mmol to the pink's end, then 1.00 + 0.50 mmol.
      { burette: 'A', portion: '25.0', equations: [PINK], titre: 10 },
      { burette: 'A', equations: [BICARBONATE], titre: 15 },
    ],
    { 'CO3^2-': 0.04, 'HCO3-': 0.02, NaHCO3: 0.02, Na2CO3: 0.04 },
  ],
  [
    'carbonate and hydrogencarbonate, a flask for each indicator',
    [
      { burette: 'A', portion: '25.0', equations: [PINK], titre: 10 },
      { burette: 'A', portion: '10.0', equations: [ORANGE, BICARBONATE], titre: 10 },
    ],
    { 'CO3^2-': 0.04, 'HCO3-': 0.02 },
  ],
  [
    'hydroxide and carbonate, one flask going on',
    [
      { burette: 'A', portion: '25.0', equations: [HYDROXIDE, PINK], titre: 20 },
      { burette: 'A', equations: [BICARBONATE], titre: 7.5 },
    ],
    { 'OH-': 0.05, 'CO3^2-': 0.03 },
  ],
  [
    'hydroxide and carbonate, two flasks',
    [
      { burette: 'A', portion: '25.0', equations: [HYDROXIDE, PINK], titre: 20 },
      { burette: 'A', portion: '25.0', equations: [HYDROXIDE, ORANGE], titre: 27.5 },
    ],
    { 'OH-': 0.05, 'CO3^2-': 0.03 },
  ],
  [
    'iron(II), and all the iron after reduction',
    [
      { burette: 'K', portion: '25.0', equations: ['MnO4- + 8H+ + 5Fe2+ -> Mn2+ + 5Fe3+ + 4H2O'], titre: 10 },
      {
        burette: 'K',
        portion: '25.0',
        before: ['2Fe3+ + Zn -> 2Fe2+ + Zn2+'],
        equations: ['MnO4- + 8H+ + 5Fe2+ -> Mn2+ + 5Fe3+ + 4H2O'],
        titre: 16,
      },
    ],
    { 'Fe2+': 0.04, 'Fe3+': 0.024 },
  ],
  [
    'two acids of which one gives chloride, with two burettes',
    [
      { burette: 'N', portion: '25.0', equations: ['HCl + NaOH -> NaCl + H2O', 'HNO3 + NaOH -> NaNO3 + H2O'], titre: 20 },
      { burette: 'S', portion: '10.0', equations: ['HCl + AgNO3 -> AgCl + HNO3'], titre: 10 },
    ],
    { HCl: 0.05, HNO3: 0.03 },
  ],
  [
    'calcium and magnesium',
    [
      { burette: 'E', portion: '50.0', equations: ['Ca2+ + H2Y^2- -> CaY^2- + 2H+', 'Mg2+ + H2Y^2- -> MgY^2- + 2H+'], titre: 14 },
      { burette: 'E', portion: '50.0', equations: ['Ca2+ + H2Y^2- -> CaY^2- + 2H+'], titre: 9 },
    ],
    { 'Ca2+': 0.0018, 'Mg2+': 0.001 },
  ],
  [
    'three things by three titrations',
    [
      { burette: 'A', portion: '25.0', equations: [HYDROXIDE, PINK], titre: 20 },
      { burette: 'A', portion: '25.0', equations: [HYDROXIDE, ORANGE], titre: 27.5 },
      { burette: 'S', portion: '25.0', equations: ['Ag+ + Cl- -> AgCl'], titre: 12 },
    ],
    { 'OH-': 0.05, 'CO3^2-': 0.03, 'Cl-': 0.024 },
  ],
]

describe('mixtures told apart by titration', () => {
  it.each(CASES)('%s', (_, titrations, truth) => {
    const { answers, problems } = mixture(titrations, Object.keys(truth))
    answers.forEach((answer, index) => {
      expect(answer.missing).toBeUndefined()
      expect(answer.unrounded).toBeCloseTo(Object.values(truth)[index] as number, 12)
      for (const step of answer.steps) {
        const { found, printed } = readAgain(step)
        expect(found, `${step.substituted} = ${step.value}`).toBe(printed)
      }
    })
    expect(problems).toEqual([])
  })

  it('shows the difference of the titres as an examiner expects it', () => {
    const [, titrations] = CASES[0] as Case
    const [answer] = mixture(titrations, ['HCO3-']).answers
    expect(answer?.steps.map(({ formula }) => formula)).toContain('n(HCO3-) = n2 − n1')
  })

  it('asks for another titration where one cannot tell two things apart', () => {
    const [answer] = mixture([{ burette: 'A', portion: '25.0', equations: [HYDROXIDE, ORANGE], titre: 20 }], ['OH-']).answers
    expect(answer?.missing).toMatch(/a titration of the same solution to another end-point, to tell OH- and CO3\^2- apart/)
  })

  it('names what cannot be: less to the further end-point than the first one needs', () => {
    const { answers, problems } = mixture(
      [
        { burette: 'A', portion: '25.0', equations: [PINK], titre: 15 },
        { burette: 'A', equations: [BICARBONATE], titre: 10 },
      ],
      ['HCO3-'],
    )
    expect(answers[0]?.unrounded).toBeLessThan(0)
    expect(problems.map(({ code }) => code)).toEqual(['answer.negativeInMixture'])
  })

  it('does not take two things that share a titre for one, where a solid is in the flask', () => {
    const { answers } = reckonTask(
      task({
        conventions: { concordance: { runs: 1 } },
        materials: [
          { id: 'W', label: 'W', form: 'solid' },
          { id: 'A', label: 'A', form: 'solution', solute: 'HCl', strength: { value: '0.1', unit: 'mol/dm3' } },
        ],
        parts: [
          { id: 'w', kind: 'weighing', of: 'W', mass: '0.100' },
          {
            id: 't',
            kind: 'titration',
            burette: 'A',
            flask: [{ weighing: 'w' }],
            reactions: [HYDROXIDE, ORANGE].map((equation) => ({ equation, role: 'titration' })),
            runs: [{ kind: 'accurate', initial: '0.00', final: '20.00' }],
          },
        ],
        questions: [{ id: 'q', find: { quantity: 'massPercent', of: 'OH-', in: 'W' } }],
      }),
    )
    expect(answers[0]?.value).toBeNull()
  })
})

import { describe, expect, it } from 'vitest'
import { budgetOf, type Contribution, gradientOf, runTrials, type Spread } from '../propagate/index.ts'
import { inTitration, type Key, keyOf, openNetwork, reckonTask, weighed } from '../reckon/index.ts'
import { readTask } from '../record/index.ts'

/*
 * EURACHEM/CITAC guide Quantifying Uncertainty in Analytical Measurement, examples A2 (standardising sodium hydroxide
 * with potassium hydrogenphthalate) and A3 (an acid by that alkali); its inputs from memory. The tasks are worked
 * through our own network; the guide's uncertainties are put on its readings. Purity and repeatability are factors of
 * exactly 1 in the guide's formula, so their relative uncertainties go on the mass and on a titre.
 */
const KHP = 'KHC8H4O4'
const standardisation = {
  format: 'hop-lark/task',
  version: 1,
  id: 'guide',
  title: 'guide',
  conventions: { atomicMasses: 'standard', burette: { step: '0.01' }, figures: 4, concordance: { runs: 1 } },
  materials: [
    { id: 'K', label: 'K', form: 'solid', solute: KHP },
    { id: 'N', label: 'N', form: 'solution', solute: 'NaOH' },
    { id: 'A', label: 'A', form: 'solution', solute: 'HCl' },
  ],
  parts: [
    { id: 'w', kind: 'weighing', of: 'K', container: '60.5450', withSample: '60.9338' },
    {
      id: 't1',
      kind: 'titration',
      burette: 'N',
      flask: [{ weighing: 'w' }],
      reactions: [{ equation: 'KHC8H4O4 + NaOH -> KNaC8H4O4 + H2O', role: 'titration' }],
      runs: [{ kind: 'accurate', initial: '0.00', final: '18.64' }],
    },
    {
      id: 't2',
      kind: 'titration',
      burette: 'N',
      flask: [{ material: 'A', volume: '15.00', by: 'pipette' }],
      reactions: [{ equation: 'H+ + OH- -> H2O', role: 'titration' }],
      runs: [{ kind: 'accurate', initial: '0.00', final: '14.89' }],
    },
  ],
  questions: [
    { id: 'alkali', find: { quantity: 'concentration', of: 'NaOH', in: 'N' }, figures: 5 },
    { id: 'acid', find: { quantity: 'concentration', of: 'HCl', in: 'A' } },
  ],
}
const task = readTask(standardisation)
const network = openNetwork(task)
const readings = new Set(['alkali', 'acid'].flatMap((question) => network.restsOf(question).map(({ key }) => key)))
const titre = (part: string) => keyOf({ what: 'volume', place: inTitration({ part: { id: part } }, 'titre') })
const [FULL, EMPTY] = (['with sample', 'container'] as const).map((what) => keyOf({ what, place: weighed('w') })) as [Key, Key]
const MOLAR_MASS = network.restsOf('alkali').find(({ of }) => of.what === 'molar mass')?.key as Key
const PORTION = keyOf({ what: 'volume', place: inTitration({ part: { id: 't2' } }, 'flask', 0) })

const on = (key: Key, id: string, spread: Spread): Contribution => {
  if (!readings.has(key)) throw new Error(`Nothing is read for ${id}.`)
  return { id, says: id, kind: 'stated', spread, on: [key] }
}
const normal = (standard: number): Spread => ({ shape: 'normal', standard })
/** Volume change of water, 2.1e-4 per °C, over the guide's ±4 °C (±3 °C in A2). */
const warmth = (volume: number, degrees: number): Spread => ({ shape: 'uniform', halfWidth: volume * 2.1e-4 * degrees })

const shared = (degrees: number) => [
  on(FULL, 'linearity, full', { shape: 'uniform', halfWidth: 0.00015 }),
  on(EMPTY, 'linearity, empty', { shape: 'uniform', halfWidth: 0.00015 }),
  on(FULL, 'purity', { shape: 'uniform', halfWidth: 0.3888 * 0.0005 }),
  on(MOLAR_MASS, 'molar mass', normal(0.0038)),
  on(titre('t1'), 'burette of the standardisation', { shape: 'triangular', halfWidth: 0.03 }),
  on(titre('t1'), 'warmth of the standardisation', warmth(18.64, degrees)),
]
const alkali = [...shared(3), on(titre('t1'), 'repeatability', normal(18.64 * 0.0005))]
const acid = [
  ...shared(4),
  on(titre('t2'), 'burette', { shape: 'triangular', halfWidth: 0.03 }),
  on(titre('t2'), 'warmth', warmth(14.89, 4)),
  on(PORTION, 'pipette', { shape: 'triangular', halfWidth: 0.02 }),
  on(PORTION, 'warmth of the portion', warmth(15, 4)),
  on(titre('t2'), 'repeatability', normal(14.89 * 0.001)),
]

function trialsOf(question: string, contributions: readonly Contribution[]) {
  const program = network.program(question)
  if (!program) throw new Error(`No answer to ${question}`)
  const running = runTrials({ program, contributions, trials: 300_000, seed: 1 })
  for (;;) {
    const step = running.next()
    if (step.done) return { trials: step.value, budget: budgetOf(gradientOf(program), contributions) }
  }
}

describe('EURACHEM/CITAC guide', () => {
  it('A2: 0.10214 mol/dm³ with u = 0.00010, by budget and by trials', () => {
    const answer = reckonTask(task).answers.find(({ question }) => question === 'alkali')
    expect(answer?.value).toBe('0.10214')
    const { budget, trials } = trialsOf('alkali', alkali)
    expect(budget.combined.toFixed(5)).toBe('0.00010')
    expect(trials.deviation.toFixed(5)).toBe('0.00010')
    // The guide finds the titre the largest source, then repeatability, then the mass.
    expect(budget.rows[0]?.contribution.id).toBe('burette of the standardisation')
  })

  it('A3: 0.1014 mol/dm³ with u = 0.00018, by budget and by trials', () => {
    const answer = reckonTask(task).answers.find(({ question }) => question === 'acid')
    expect(answer?.value).toBe('0.1014')
    const { budget, trials } = trialsOf('acid', acid)
    expect(budget.combined.toFixed(5)).toBe('0.00018')
    expect(trials.deviation.toFixed(5)).toBe('0.00018')
  })
})

import { describe, expect, it } from 'vitest'
import { Exact } from '../number/index.ts'
import { type Conventions, DEFAULT_CONVENTIONS, type Run } from '../record/index.ts'
import { adviseNextRun, agreementSentence, assessTitration, runName } from './index.ts'
import { type RunRow, titration } from './testing/titration.ts'

const conventions: Conventions = DEFAULT_CONVENTIONS
/** Masses by the id of the weighing, g. */
const masses: Readonly<Record<string, string>> = { a: '1.000', b: '1.200', c: '0', d: '0.500' }
const setting = {
  conventions,
  massOfRun: ({ weighing }: Run) => (weighing && masses[weighing] ? new Exact(masses[weighing]) : undefined),
}
const weighed = (weighing: string) => ({ weighing })

describe('what the runs come to, in a sentence', () => {
  const sentence = (runs: readonly RunRow[], change: Partial<Conventions['concordance']> = {}, reactions: object[] = []) => {
    const all = { ...conventions, concordance: { ...conventions.concordance, ...change } }
    const part = { ...titration(...runs), reactions: reactions as never }
    return agreementSentence(assessTitration(part, { ...setting, conventions: all }), all)
  }
  const accurate = (...titres: readonly string[]) => titres.map((titre) => ['accurate', '0.00', titre] as const)

  it('has the mean with the sum behind it', () => {
    expect(sentence(accurate('20.65', '20.70'))).toEqual({
      says: 'Runs 1 and 2 agree within 0.10 cm³.',
      mean: '20.68',
      from: '(20.65 + 20.70) ÷ 2',
    })
    expect(sentence(accurate('20.65', '20.70', '20.65'), { strict: true }).says).toBe(
      'Runs 1, 2 and 3 agree to less than 0.10 cm³.',
    )
  })

  it('takes the blank off in sight', () => {
    expect(sentence([...accurate('20.65', '20.70'), ['blank', '0.00', '0.10']])).toEqual({
      says: 'Runs 1 and 2 agree within 0.10 cm³.',
      mean: '20.58',
      from: '(20.65 + 20.70) ÷ 2 − 0.10 for the blank',
    })
  })

  it('says what is not decided yet', () => {
    expect(sentence([['rough', '0.00', '21.30']])).toEqual({ says: 'No accurate titre yet.' })
    expect(sentence([['rough', '0.00', '21.30'], ...accurate('20.65')])).toEqual({ says: 'Nothing agrees with 20.65 yet.' })
    expect(sentence(accurate('20.65', '21.05'))).toEqual({ says: 'No two titres agree yet.' })
  })

  it('says that a run was taken by choice, and which', () => {
    const chosen = { use: 'yes' as const, why: 'the last of the solution' }
    expect(sentence([['rough', '0.00', '20.65', chosen]])).toEqual({
      says: 'Rough taken by choice.',
      mean: '20.65',
      from: '20.65',
    })
    expect(sentence([['rough', '0.00', '20.65', chosen], ...accurate('20.70', '20.75')])).toEqual({
      says: 'Rough, run 1 and run 2 taken by choice.',
      mean: '20.70',
      from: '(20.65 + 20.70 + 20.75) ÷ 3',
    })
  })

  it('says so where every accurate run counts, and where one is enough', () => {
    expect(sentence(accurate('20.65', '20.90'), { rule: 'every-accurate' }).says).toBe(
      'Runs 1 and 2: every accurate run is taken.',
    )
    expect(sentence(accurate('20.65'), { runs: 1 })).toEqual({ says: 'Run 1 stands alone.', mean: '20.65', from: '20.65' })
  })

  it('names at most twelve runs, and writes the first two and the last of a longer sum', () => {
    const many = (count: number) => sentence(accurate(...Array.from({ length: count }, () => '20.65')))
    expect(many(12).says).toBe('Runs 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11 and 12 agree within 0.10 cm³.')
    expect(many(12).from).toBe(`(${Array.from({ length: 12 }, () => '20.65').join(' + ')}) ÷ 12`)
    expect(many(13)).toEqual({
      says: '13 of 13 runs agree within 0.10 cm³.',
      mean: '20.65',
      from: '(20.65 + 20.65 + … + 20.65) ÷ 13',
    })
  })

  it('averages results where runs have masses of their own', () => {
    const each: readonly RunRow[] = [
      ['accurate', '0.00', '20.00', weighed('a')],
      ['accurate', '0.00', '24.00', weighed('b')],
    ]
    expect(sentence(each)).toEqual({
      says: 'Runs 1 and 2 agree within 0.10 cm³ once scaled to one mass. Each gives its own result, and the results are averaged.',
    })
    expect(sentence(each, {}, [{ equation: 'x', role: 'before' }])).toEqual({
      says: 'Runs 1 and 2 each have a mass of their own. Each gives its own result, and the results are averaged.',
    })
  })
})

describe('runs with masses of their own', () => {
  const compared = (...runs: readonly RunRow[]) =>
    assessTitration(titration(...runs), setting).runs.map((run) => run.compared?.toFixed(2))

  it('are compared as for the first mass there is', () => {
    expect(
      compared(
        ['accurate', '0.00', '20.00', weighed('c')],
        ['accurate', '0.00', '20.00', weighed('a')],
        ['accurate', '0.00', '24.00', weighed('b')],
      ),
    ).toEqual([undefined, '20.00', '20.00'])
  })

  it('are not compared without a mass or a titre; a run without a weighing is as it is', () => {
    expect(
      compared(
        ['accurate', '0.00', '20.00', weighed('a')],
        ['accurate', '0.00', '24.00', weighed('nowhere')],
        ['accurate', '0.00', undefined, weighed('b')],
        ['blank', '0.00', '0.20'],
      ),
    ).toEqual(['20.00', undefined, undefined, '0.20'])
  })

  it('have no mean titre', () => {
    const assessment = assessTitration(titration(['accurate', '0.00', '20.00', weighed('a')]), setting)
    expect([assessment.massPerRun, assessment.scaled, assessment.mean]).toEqual([true, true, undefined])
  })
})

describe('a lone run', () => {
  const alone = (flask: object, ...runs: readonly RunRow[]) =>
    assessTitration({ ...titration(...runs), flask: [flask as never] }, setting)

  it('is enough on a weighed portion, which cannot be titrated twice', () => {
    expect(alone({ weighing: 'a' }, ['accurate', '0.00', '20.00'])).toMatchObject({ concordant: true, used: [0] })
    expect(alone({ weighing: 'a' }, ['rough', '0.00', '20.50'], ['accurate', '0.00', '20.00'])).toMatchObject({ used: [1] })
    expect(alone({ material: 'F4', volume: '25.0' }, ['accurate', '0.00', '20.00']).concordant).toBe(false)
  })

  it('is not taken before its titre is there, nor once there are two', () => {
    expect(alone({ weighing: 'a' }, ['accurate', '0.00'])).toMatchObject({ concordant: false, used: [] })
    expect(alone({ weighing: 'a' }, ['accurate', '0.00', '20.00'], ['accurate', '0.00', '21.00']).concordant).toBe(false)
  })
})

describe('where the next run ends', () => {
  const next = (...runs: readonly RunRow[]) => {
    const part = titration(...runs)
    return adviseNextRun(part, assessTitration(part, setting), setting)
  }

  it('is expected from the agreeing titres, else from the last accurate one, else from the rough one', () => {
    // Two that agree and one that does not: their mean, not the last.
    expect(
      next(['accurate', '0.00', '20.00'], ['accurate', '0.00', '20.10'], ['accurate', '0.00', '22.00'], ['accurate', '0.00']),
    ).toMatchObject({ kind: 'run', run: 3, endNear: '20.05', quickTo: '18.55', mayStop: true })
    expect(
      next(['accurate', '0.00', '20.00'], ['accurate', '0.00', '22.00'], ['rough', '0.00', '25.00'], ['accurate', '0.00']),
    ).toMatchObject({ endNear: '22.00' })
    expect(next(['rough', '0.00', '25.00'], ['rough', '0.00', '24.00'], ['accurate', '0.00'])).toMatchObject({ endNear: '24.00' })
  })

  it('is not expected from a blank', () => {
    expect(next(['blank', '0.00', '0.20'], ['accurate', '0.20'])).toEqual({ kind: 'rough', initial: '0.20' })
    expect(next(['blank', '0.00', '0.20'])).toEqual({ kind: 'rough' })
  })

  it('goes with the mass where runs have their own', () => {
    expect(next(['accurate', '0.00', '20.00', weighed('a')], ['accurate', '0.00', undefined, weighed('d')])).toMatchObject({
      endNear: '10.00',
      quickTo: '8.50',
    })
    expect(next(['accurate', '0.00', '20.00', weighed('a')], ['accurate', '0.00', undefined, weighed('nowhere')])).toEqual({
      kind: 'rough',
      initial: '0.00',
    })
  })

  it('starts where the burette stands, past runs still open', () => {
    expect(next(['rough', '0.40', '10.40'], ['blank'], ['accurate'])).toMatchObject({ run: 2, initial: '10.40', started: false })
    expect(next(['rough', '0.40', '10.40'], ['accurate'], ['accurate', '30.00', '40.00'])).toMatchObject({
      run: 1,
      initial: '10.40',
    })
    expect(next(['rough', '0.40', '10.40'], ['accurate', '10.40', '20.60'])).toMatchObject({
      run: undefined,
      initial: '20.60',
    })
  })

  it('says rough again for a rough run under way, whatever is known', () => {
    expect(next(['accurate', '0.00', '20.00'], ['rough', '20.00'])).toEqual({ kind: 'rough', initial: '20.00' })
    expect(next(['accurate', '0.00', '20.00'], ['rough'])).toEqual({ kind: 'rough' })
  })

  it('never sends back above where the run began', () => {
    expect(next(['rough', '0.00', '1.00'], ['accurate', '1.00'])).toMatchObject({ quickTo: '1.00', endNear: '2.00' })
  })
})

describe('names of runs', () => {
  it('count each kind by itself', () => {
    const runs = (['rough', 'accurate', 'rough', 'blank', 'accurate', 'blank'] as const).map((kind) => ({ kind }))
    expect(runs.map((_, index) => runName(runs, index))).toEqual(['rough', 'run 1', 'rough 2', 'blank', 'run 2', 'blank 2'])
    expect(runName(runs, 6)).toBe('run 7')
  })
})

describe('how far to run in quickly', () => {
  const task = (runIn: object) => ({ ...DEFAULT_CONVENTIONS, runIn: { ...DEFAULT_CONVENTIONS.runIn, ...runIn } })

  it.each([
    ['a margin before the end', {}, '18.85'],
    ['a narrower margin', { margin: '0.50' }, '19.85'],
    ['half of the rough titre', { to: 'half' }, '10.20'],
  ])('is to %s', (_, runIn, quickTo) => {
    const part = titration(['rough', '0.00', '20.35'], ['accurate', '0.00'])
    const setting = { conventions: task(runIn) }
    expect(adviseNextRun(part, assessTitration(part, setting), setting)).toMatchObject({ kind: 'run', quickTo, endNear: '20.35' })
  })
})

import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { Exact, formatPlaces } from '../number/index.ts'
import { type Concordance, DEFAULT_CONVENTIONS, type PartOf, path, writePath } from '../record/index.ts'
import {
  adviseNextRun,
  agreementSentence,
  assessTitration,
  checkTitration,
  chooseTitres,
  levelBefore,
  runName,
  titreOf,
  weighedMass,
} from './index.ts'
import { type RunRow, titration } from './testing/titration.ts'

const RULE: Concordance = { within: '0.10', strict: false, runs: 2, rule: 'largest-set' }
const setting = { conventions: DEFAULT_CONVENTIONS }

const choose = (titres: readonly string[], concordance: Partial<Concordance> = {}) =>
  chooseTitres(
    titres.map((titre, run) => ({ run, volume: new Exact(titre) })),
    { ...RULE, ...concordance },
  )

const BURETTE = DEFAULT_CONVENTIONS.burette
const codes = (part: PartOf<'titration'>, conventions = DEFAULT_CONVENTIONS) =>
  checkTitration(part, { conventions }).map(({ code, at }) => `${code} ${writePath(at.slice(2))}`)

describe('a titre', () => {
  it('is final minus initial, with the decimals of the readings', () => {
    expect(titreOf({ initial: '0.40', final: '21.05' }, BURETTE)?.text).toBe('20.65')
    expect(titreOf({ initial: '0.1', final: '21.05' }, BURETTE)?.text).toBe('20.95')
  })

  it('is not there while a reading is missing or the final one lies above the initial', () => {
    expect(titreOf({ initial: '20.90' }, BURETTE)).toBeUndefined()
    expect(titreOf({ initial: '20.90', final: '2.10' }, BURETTE)).toBeUndefined()
  })

  it('is not there while a reading is off the scale: nothing is built on it', () => {
    expect(titreOf({ initial: '0.00', final: '245.0' }, BURETTE)).toBeUndefined()
    expect(titreOf({ initial: '-0.50', final: '24.50' }, BURETTE)).toBeUndefined()
    expect(titreOf({ initial: '0.00', final: '50.00' }, BURETTE)?.text).toBe('50.00')
    const wrong = titration(['rough', '0.00', '25.00'], ['accurate', '0.00', '245.0'], ['accurate', '0.00', '24.50'])
    const assessment = assessTitration(wrong, setting)
    expect(assessment.runs.map(({ titre }) => titre?.text)).toEqual(['25.00', undefined, '24.50'])
    expect(adviseNextRun(wrong, assessment, setting)).toEqual({ kind: 'readAgain', run: 1, reading: '245.0', lastMark: '50.00' })
    expect(levelBefore(wrong, 2, BURETTE)).toBe('25.00')
  })

  it('nothing is advised from a run that ends above where it began', () => {
    const wrong = titration(['rough', '0.00', '25.00'], ['accurate', '24.50', '0.10'])
    expect(adviseNextRun(wrong, assessTitration(wrong, setting), setting)).toEqual({
      kind: 'upsideDown',
      run: 1,
      initial: '24.50',
      final: '0.10',
    })
  })

  it('never drifts: decimal sums are those of whole hundredths', () => {
    const reading = fc.integer({ min: 0, max: 5000 })
    fc.assert(
      fc.property(reading, reading, (a, b) => {
        const [initial, final] = [Math.min(a, b), Math.max(a, b)]
        return (
          titreOf({ initial: (initial / 100).toFixed(2), final: (final / 100).toFixed(2) }, BURETTE)?.text ===
          ((final - initial) / 100).toFixed(2)
        )
      }),
    )
  })
})

describe('a weighed mass', () => {
  const weighed = (fields: object) => weighedMass({ id: 'w', kind: 'weighing', of: 'F1', ...fields })

  it('keeps the noughts of the balance', () => {
    expect(weighed({ withSample: '31.40', withResidue: '26.40' })?.text).toBe('5.00')
    expect(weighed({ withSample: '31.40', container: '26.66', mass: '9' })?.text).toBe('4.74')
    expect(weighed({ mass: '0.410' })?.text).toBe('0.410')
  })

  it('is not there while a reading is missing, or when nothing would have been taken', () => {
    expect(weighed({ withSample: '31.40' })).toBeUndefined()
    expect(weighed({ withSample: '26.72', withResidue: '31.46' })).toBeUndefined()
    expect(weighed({ withSample: '26.72', withResidue: '26.72' })).toBeUndefined()
  })
})

describe('which titres agree', () => {
  it('takes a spread of exactly the limit as agreement, wherever on the scale it falls', () => {
    for (let hundredth = 0; hundredth <= 4990; hundredth++) {
      const titres = [(hundredth / 100).toFixed(2), ((hundredth + 10) / 100).toFixed(2)]
      expect(choose(titres).concordant).toBe(true)
      expect(choose(titres, { strict: true }).concordant).toBe(false)
    }
  })

  it('takes the largest set, then the narrower spread, then the later runs', () => {
    expect(choose(['20.65', '21.15', '20.70']).runs).toEqual([0, 2])
    expect(choose(['20.60', '20.70', '20.75', '21.30']).runs).toEqual([1, 2])
    expect(choose(['20.00', '20.05', '21.00', '21.05']).runs).toEqual([2, 3])
    expect(choose(['20.60', '20.65', '20.70', '20.75']).runs).toEqual([1, 2, 3])
  })

  it('takes the closest pair, or every accurate run, where the school does', () => {
    expect(choose(['20.60', '20.65', '20.70', '20.70'], { rule: 'closest-pair' }).runs).toEqual([2, 3])
    expect(choose(['20.60', '20.90'], { rule: 'closest-pair' })).toEqual({ runs: [], concordant: false })
    expect(choose(['20.60', '20.90', '20.65'], { rule: 'every-accurate' })).toEqual({ runs: [0, 1, 2], concordant: false })
  })

  it('wants as many as the task wants', () => {
    expect(choose(['20.65', '20.70'], { runs: 3 })).toEqual({ runs: [], concordant: false })
    expect(choose(['20.65', '20.70', '20.75'], { runs: 3 }).concordant).toBe(true)
    expect(choose([]).concordant).toBe(false)
  })

  it('really is the largest set within the limit', () => {
    const titres = fc.array(fc.integer({ min: 2200, max: 2260 }), { minLength: 1, maxLength: 8 })
    fc.assert(
      fc.property(titres, (hundredths) => {
        const chosen = choose(
          hundredths.map((value) => (value / 100).toFixed(2)),
          { runs: 1 },
        ).runs.map((run) => hundredths[run] ?? 0)
        // By brute force over every subset.
        let best = 0
        for (let subset = 1; subset < 2 ** hundredths.length; subset++) {
          const values = hundredths.filter((_, index) => subset & (1 << index))
          if (Math.max(...values) - Math.min(...values) <= 10) best = Math.max(best, values.length)
        }
        return chosen.length === best && Math.max(...chosen) - Math.min(...chosen) <= 10
      }),
    )
  })
})

describe('the mean', () => {
  it('leaves rough and disagreeing runs out and is written to two decimals', () => {
    const part = titration(
      ['rough', '0.00', '21.30'],
      ['accurate', '0.40', '21.05'],
      ['accurate', '21.05', '42.20'],
      ['accurate', '1.10', '21.80'],
    )
    const assessment = assessTitration(part, setting)
    expect(assessment.used).toEqual([1, 3])
    expect(assessment.mean?.toFixed()).toBe('20.675')
    expect(agreementSentence(assessment, DEFAULT_CONVENTIONS)).toEqual({
      says: 'Runs 1 and 3 agree within 0.10 cm³.',
      mean: '20.68',
      from: '(20.65 + 20.70) ÷ 2',
    })
  })

  it('has the blank taken off', () => {
    const part = titration(['blank', '0.00', '0.15'], ['accurate', '0.00', '20.10'], ['accurate', '20.10', '40.25'])
    expect(assessTitration(part, setting).mean?.toFixed()).toBe('19.975')
  })

  it('never drifts, however many runs there are', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 100, max: 4000 }),
        fc.array(fc.integer({ min: 0, max: 10 }), { minLength: 2, maxLength: 30 }),
        (base, offsets) => {
          const hundredths = offsets.map((offset) => base + offset)
          const part = titration(...hundredths.map((value) => ['accurate', '0.00', (value / 100).toFixed(2)] as const))
          const total = hundredths.reduce((sum, value) => sum + value, 0)
          return assessTitration(part, setting).mean?.eq(new Exact(total).div(100).div(hundredths.length)) === true
        },
      ),
    )
  })

  it('follows the student who has a reason, and says so', () => {
    const part = titration(
      ['rough', '0.00', '20.70', { use: 'yes', why: 'it was done drop by drop' }],
      ['accurate', '20.70', '41.35'],
    )
    expect(assessTitration(part, setting).used).toEqual([0])
    expect(codes(part)).toContain('run.chosen runs.r0.use')
    const silent = titration(['accurate', '0.00', '20.70', { use: 'no' }], ['accurate', '0.00', '20.65'])
    expect(codes(silent)).toContain('run.choiceNeedsReason runs.r0.use')
  })

  it('averages results, not titres, where every run has its own mass', () => {
    const part = titration(['accurate', '0.00', '20.15', { weighing: 'w1' }], ['accurate', '20.15', '39.60', { weighing: 'w2' }])
    const masses: Record<string, string> = { w1: '0.412', w2: '0.398' }
    const assessment = assessTitration(part, { ...setting, massOfRun: ({ weighing }) => new Exact(masses[weighing ?? ''] ?? 0) })
    expect(assessment).toMatchObject({ used: [0, 1], concordant: true, massPerRun: true, mean: undefined })
    // 19.45 scaled from 0.398 g to 0.412 g
    expect(formatPlaces(assessment.runs[1]?.compared ?? new Exact(0), 2)).toBe('20.13')
  })
})

describe('runs that are titrated back with a mass each', () => {
  const part: PartOf<'titration'> = {
    ...titration(
      ['accurate', '0.00', '11.40', { weighing: 'w1' }],
      ['accurate', '11.40', '23.75', { weighing: 'w2' }],
      ['accurate', undefined, undefined, { weighing: 'w3' }],
    ),
    reactions: [{ equation: 'CaCO3 + 2H+ -> Ca2+ + H2O + CO2', role: 'before' }],
  }
  const assessment = assessTitration(part, { ...setting, massOfRun: () => new Exact('1.000') })

  it('are not compared by their titres, which do not go with the mass: every run counts', () => {
    expect(assessment).toMatchObject({ used: [0, 1], concordant: true, massPerRun: true, scaled: false })
    expect(agreementSentence(assessment, DEFAULT_CONVENTIONS).says).toBe(
      'Runs 1 and 2 each have a mass of their own. Each gives its own result, and the results are averaged.',
    )
    expect(checkTitration(part, setting).map(({ code }) => code)).toEqual([])
  })
})

describe('the next run', () => {
  const next = (...runs: readonly RunRow[]) => {
    const part = titration(...runs)
    return adviseNextRun(part, assessTitration(part, setting), setting)
  }

  it('begins rough', () => {
    expect(next(['rough'], ['accurate']).kind).toBe('rough')
    expect(next(['rough', '0.00'])).toEqual({ kind: 'rough', initial: '0.00' })
  })

  it('runs quickly to 1.50 before the end that the last titres lead to expect', () => {
    expect(next(['rough', '0.00', '21.30'], ['accurate'])).toMatchObject({
      kind: 'run',
      run: 1,
      initial: '21.30',
      quickTo: '41.10',
      endNear: '42.60',
      mayStop: false,
    })
    expect(next(['rough', '0.00', '21.30'], ['accurate', '0.40', '21.05'], ['accurate', '21.80'])).toMatchObject({
      started: true,
      quickTo: '40.95',
      endNear: '42.45',
    })
  })

  it('says to refill when the run would end below the last mark', () => {
    expect(next(['rough', '0.00', '21.30'], ['accurate', '21.30', '41.95'], ['accurate'])).toMatchObject({
      kind: 'refill',
      endWouldBe: '62.60',
      lastMark: '50.00',
      titre: '20.65',
    })
  })

  it('says to stop when enough agree, and that one may stop when another is under way', () => {
    expect(next(['accurate', '0.00', '20.65'], ['accurate', '20.65', '41.35'], ['accurate']).kind).toBe('stop')
    expect(next(['accurate', '0.00', '20.65'], ['accurate', '20.65', '41.35'], ['accurate', '1.00'])).toMatchObject({
      kind: 'run',
      mayStop: true,
    })
  })

  it('never sends anyone past the last mark', () => {
    const reading = fc.integer({ min: 0, max: 1000 })
    fc.assert(
      fc.property(reading, reading, reading, (start, titre, again) => {
        const written = (twentieths: number) => (twentieths / 20).toFixed(2)
        const advice = next(['rough', written(start), written(Math.min(1000, start + titre))], ['accurate', written(again)])
        return advice.kind !== 'run' || (Number(advice.endNear) <= 50 && Number(advice.quickTo) <= Number(advice.endNear))
      }),
    )
  })
})

describe('what looks wrong', () => {
  it('is nothing in a tidy run table', () => {
    expect(codes(titration(['rough', '0.00', '21.30'], ['accurate', '21.30', '41.95'], ['accurate', '0.20', '20.85']))).toEqual(
      [],
    )
  })

  it.each([
    ['a lost nought', titration(['accurate', '0.00', '24.5']), 'reading.places runs.r0.final'],
    ['a reading off the half division', titration(['accurate', '0.00', '24.53']), 'reading.offStep runs.r0.final'],
    ['a final reading above the initial', titration(['accurate', '20.90', '2.10']), 'run.finalAboveInitial runs.r0.final'],
    ['a reading past the capacity', titration(['accurate', '20.90', '50.50']), 'reading.pastCapacity runs.r0.final'],
    ['a final reading without an initial', titration(['accurate', undefined, '20.90']), 'run.initialMissing runs.r0.initial'],
    ['nothing delivered', titration(['accurate', '20.90', '20.90']), 'run.nothingDelivered runs.r0.final'],
    [
      'a start that is not the last end',
      titration(['accurate', '0.00', '20.65'], ['accurate', '20.75']),
      'run.notCarriedOn runs.r1.initial',
    ],
    [
      'a titre of half the others',
      titration(['rough', '0.00', '21.30'], ['accurate', '21.30', '41.95'], ['accurate', '0.00', '10.00']),
      'run.outOfProportion runs.r2.final',
    ],
    [
      'a rough run that did not overshoot',
      titration(['rough', '0.00', '20.40'], ['accurate', '20.40', '41.05']),
      'run.roughDidNotOvershoot runs.r0.final',
    ],
    [
      'titres that do not agree',
      titration(['accurate', '0.00', '20.65'], ['accurate', '20.65', '41.80']),
      'titration.noneAgree runs',
    ],
    [
      'a run that stands apart',
      titration(['accurate', '0.00', '20.65'], ['accurate', '20.65', '41.30'], ['accurate', '0.00', '21.15']),
      'run.disagrees runs.r2.final',
    ],
  ])('is seen: %s', (_, part, expected) => {
    expect(codes(part)).toContain(expected)
  })

  it('is not a start at 0.00 after a run that ended low: that is a refill', () => {
    expect(codes(titration(['accurate', '0.00', '20.65'], ['accurate', '0.00', '20.70']))).toEqual([])
    expect(codes(titration(['accurate', '0.00', '20.65'], ['accurate', '22.00', '42.65', { refilled: true }]))).toEqual([])
  })

  it('comes with a mend that can be taken by one key', () => {
    const [problem] = checkTitration(titration(['accurate', '20.90', '2.10']), setting)
    expect(problem?.offer).toEqual({
      label: 'Swap them',
      set: [
        { at: path('parts', 't1', 'runs', 'r0', 'initial'), text: '2.10' },
        { at: path('parts', 't1', 'runs', 'r0', 'final'), text: '20.90' },
      ],
    })
    const [places] = checkTitration(titration(['accurate', '0.00', '24.5']), setting)
    expect(places?.offer?.set).toEqual([{ at: path('parts', 't1', 'runs', 'r0', 'final'), text: '24.50' }])
  })

  it('names the run to repeat when no two agree', () => {
    const problems = checkTitration(
      titration(['accurate', '0.00', '22.00'], ['accurate', '0.00', '22.15'], ['accurate', '0.00', '20.80']),
      setting,
    )
    expect(problems.find(({ code }) => code === 'titration.noneAgree')?.mend).toMatch(/run 3 \(20.80\)/)
  })
})

it('counts accurate runs by themselves', () => {
  const runs = [{ kind: 'rough' }, { kind: 'accurate' }, { kind: 'blank' }, { kind: 'accurate' }] as const
  expect(runs.map((_, index) => runName(runs, index))).toEqual(['rough', 'run 1', 'blank', 'run 2'])
})

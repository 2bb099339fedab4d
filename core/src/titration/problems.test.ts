import { describe, expect, it } from 'vitest'
import { type Conventions, DEFAULT_CONVENTIONS, type Run, writePath } from '../record/index.ts'
import { checkTitration } from './index.ts'
import { type RunRow, titration } from './testing/titration.ts'

/** What is said of a titration with these runs: code, level, place, sentence and mend, one text each. */
function said(runs: readonly RunRow[], conventions: Conventions = DEFAULT_CONVENTIONS): readonly string[] {
  return checkTitration(titration(...runs), { conventions }).map(
    ({ code, level, at, says, mend }) => `${code} (${level}) ${writePath(at)}: ${says} ${mend}`,
  )
}

const concordance = (change: Partial<Conventions['concordance']>): Conventions => ({
  ...DEFAULT_CONVENTIONS,
  concordance: { ...DEFAULT_CONVENTIONS.concordance, ...change },
})

describe('one reading', () => {
  it.each([
    [
      '50.05',
      'reading.pastCapacity (error) parts.t1.runs.r0.initial: Rough: initial reading 50.05 is past the last mark, 50.00 cm³. Read again, or refill the burette before it runs below the scale.',
    ],
    [
      '-0.05',
      'reading.negative (error) parts.t1.runs.r0.initial: Rough: initial reading -0.05 is above the 0 mark. Run some out until the level is on the scale, then read again.',
    ],
    [
      '1.23',
      'reading.offStep (query) parts.t1.runs.r0.initial: Rough: initial reading 1.23 is not on a 0.05 step of the scale. This burette is read to 0.05 cm³. Nearest is 1.25; read again if you can.',
    ],
    [
      '1.2',
      'reading.places (advice) parts.t1.runs.r0.initial: Rough: initial reading 1.2 should have 2 decimal places, like every burette reading. Write 1.20.',
    ],
  ])('%s', (initial, expected) => {
    expect(said([['rough', initial]])).toEqual([expected])
  })

  it.each(['0.00', '50.00', '0.05'])('%s is on the scale', (initial) => {
    expect(said([['rough', initial]])).toEqual([])
  })
})

describe('the two readings of a run', () => {
  it('need each other, and an order', () => {
    expect(said([['accurate', undefined, '20.65']])).toEqual([
      'run.initialMissing (query) parts.t1.runs.r0.initial: Run 1 has a final reading but no initial one. Enter where the burette stood at the start.',
    ])
    expect(said([['accurate', '20.65', '0.40']])).toEqual([
      'run.finalAboveInitial (error) parts.t1.runs.r0.final: Run 1: final reading 0.40 is above the initial 20.65: burettes count downwards. Swapped? Exchange the two, or strike the one that was misread.',
    ])
    expect(said([['accurate', '20.65', '20.65']])).toEqual([
      'run.nothingDelivered (query) parts.t1.runs.r0.final: Run 1: initial and final reading are the same. Nothing was run in, or one of them was copied.',
    ])
  })
})

describe('where a run starts', () => {
  it('is asked about where it is neither where the last one ended nor a refilled burette', () => {
    expect(
      said([
        ['rough', '0.00', '21.30'],
        ['accurate', '21.40', '42.10'],
      ]),
    ).toEqual([
      'run.notCarriedOn (query) parts.t1.runs.r1.initial: Run 1 starts at 21.40, but the burette last stood at 21.30. Was it refilled? Note the refill; otherwise the start is 21.30. (cm³)',
    ])
  })

  it('looks back past a run that has no final reading', () => {
    expect(
      said([
        ['rough', '0.00', '21.30'],
        ['accurate', '21.30'],
        ['accurate', '21.40'],
      ]),
    ).toEqual([expect.stringContaining('run.notCarriedOn (query) parts.t1.runs.r2.initial')])
  })
})

describe('a titre out of proportion', () => {
  const asked = (...titres: readonly string[]) =>
    said(titres.map((titre) => ['accurate', '0.00', titre] as const)).filter((text) => text.startsWith('run.outOfProportion'))

  it('is asked about once where there are two, of the later', () => {
    expect(asked('20.00', '9.95')).toEqual([
      'run.outOfProportion (query) parts.t1.runs.r1.final: Run 2: titre 9.95 is less than half the others. Misread by 10, a portion left out, or another solution? Look at both readings again.',
    ])
    expect(asked('9.95', '20.00')).toEqual([
      'run.outOfProportion (query) parts.t1.runs.r1.final: Run 2: titre 20.00 is more than twice the others. Misread by 10, a portion left out, or another solution? Look at both readings again.',
    ])
  })

  it('is measured against the middle of the others, whichever stands where', () => {
    expect(asked('20.00', '41.00', '20.10', '20.05').map((text) => text.slice(0, 60))).toEqual([
      'run.outOfProportion (query) parts.t1.runs.r1.final: Run 2: t',
    ])
    expect(asked('9.00', '20.00', '20.10').map((text) => text.slice(0, 60))).toEqual([
      'run.outOfProportion (query) parts.t1.runs.r0.final: Run 1: t',
    ])
  })

  it('is none at exactly half or twice, nor beside a blank or a lone run', () => {
    expect(asked('20.00', '10.00')).toEqual([])
    expect(asked('10.00', '20.00')).toEqual([])
    expect(asked('20.00')).toEqual([])
    expect(
      said([
        ['blank', '0.00', '0.15'],
        ['accurate', '0.15', '20.40'],
      ]),
    ).toEqual([])
  })
})

describe('a rough run', () => {
  it('below every accurate one did not overshoot', () => {
    expect(
      said([
        ['rough', '0.00', '20.60'],
        ['accurate', '0.00', '20.65'],
        ['accurate', '0.00', '20.70'],
      ]),
    ).toEqual([
      'run.roughDidNotOvershoot (query) parts.t1.runs.r0.final: The rough titre 20.60 cm³ is below every accurate one: a rough run usually overshoots. Was the end-point really reached? The mean does not use it either way.',
    ])
  })

  it('at or above the lowest accurate one is not asked about', () => {
    expect(
      said([
        ['rough', '0.00', '20.65'],
        ['accurate', '0.00', '20.65'],
        ['accurate', '0.00', '20.70'],
      ]),
    ).toEqual([])
  })
})

describe('a rough run that was none', () => {
  it('is asked about where its titre is that of the accurate ones', () => {
    expect(
      said([
        ['rough', '0.00', '20.65'],
        ['accurate', '0.00', '20.65'],
        ['accurate', '0.00', '20.65'],
      ]),
    ).toEqual([
      'run.roughIsAccurate (query) parts.t1.runs.r0.final: The rough titre 20.65 cm³ is that of the accurate ones. Was it really run in fast? If it was done with care, mark it as accurate.',
    ])
  })
})

describe('titres that agree in more than one way', () => {
  const accurate = (...titres: readonly string[]) => titres.map((titre) => ['accurate', '0.00', titre] as const)

  it('are asked about: 20.00, 20.10, 20.20', () => {
    expect(said(accurate('20.00', '20.10', '20.20'))).toEqual([
      'titration.tied (query) parts.t1.runs: Run 2 and run 3 agree within 0.10 cm³, and so do run 1 and run 2: the mean takes run 2 and run 3. Do another run, or leave one out and say why.',
    ])
  })

  it.each([
    ['two pairs far apart', ['20.00', '20.05', '21.00', '21.05'], true],
    ['a larger set beside a pair', ['20.00', '20.05', '20.10', '20.20'], false],
    ['twice the same', ['20.00', '20.00', '20.05'], false],
    ['three that all agree', ['20.00', '20.05', '20.10'], false],
  ])('%s', (_, titres, tied) => {
    expect(said(accurate(...titres)).some((one) => one.startsWith('titration.tied'))).toBe(tied)
  })
})

describe('titres that do not agree', () => {
  const accurate = (...titres: readonly string[]) => titres.map((titre) => ['accurate', '0.00', titre] as const)

  it('of two: a third will show which to trust', () => {
    expect(said(accurate('20.65', '20.90'))).toEqual([
      'titration.noneAgree (query) parts.t1.runs: No two titres agree within 0.10 cm³. Do another run: it will show which of the two to trust. Do not average titres that disagree.',
    ])
  })

  it('of three: the one furthest from the rest is to be repeated', () => {
    expect(said(accurate('20.65', '21.30', '20.90'))).toEqual([
      'titration.noneAgree (query) parts.t1.runs: No two titres agree within 0.10 cm³. Repeat; run 2 (21.30) is furthest from the rest. Do not average titres that disagree.',
    ])
  })

  it('where every accurate one counts, or more than two are wanted', () => {
    expect(said(accurate('20.65', '20.90'), concordance({ rule: 'every-accurate' }))).toEqual([
      'titration.noneAgree (query) parts.t1.runs: The accurate titres do not all agree within 0.10 cm³. Do another run: it will show which of the two to trust. Do not average titres that disagree.',
    ])
    expect(said(accurate('20.65', '20.90', '20.70'), concordance({ runs: 3 }))).toEqual([
      'titration.noneAgree (query) parts.t1.runs: No 3 titres agree within 0.10 cm³. Repeat; run 2 (20.90) is furthest from the rest. Do not average titres that disagree.',
    ])
    expect(said(accurate('20.65', '20.90'), concordance({ runs: 3 }))).toEqual([])
    expect(said(accurate('20.65'))).toEqual([])
  })

  it('beside some that do: how far it is from the nearest of them', () => {
    const left = (name: string, run: string, far: string) =>
      `run.disagrees (advice) parts.t1.runs.${run}.final: ${name} is ${far} cm³ from the others and is left out. An overshot end-point, a misread scale or a bubble leaving the jet would do that.`
    expect(said(accurate('20.65', '20.70', '21.05'))).toEqual([left('Run 3', 'r2', '0.35')])
    expect(said(accurate('20.30', '20.65', '20.70'))).toEqual([left('Run 1', 'r0', '0.35')])
  })
})

describe('a choice by hand', () => {
  const chosen = (kind: Run['kind'], more: Partial<Run>) =>
    said([
      ['accurate', '0.00', '20.65'],
      ['accurate', '0.00', '20.70'],
      [kind, '0.00', '20.70', more],
    ]).filter((text) => text.startsWith('run.cho'))

  it('wants a reason', () => {
    expect(chosen('accurate', { use: 'no' })).toEqual([
      'run.choiceNeedsReason (query) parts.t1.runs.r2.use: Run 3 was left out of the mean by choice, without a reason. Write why, or let the rule choose.',
    ])
    expect(chosen('accurate', { use: 'yes', why: '  ' })).toEqual([
      'run.choiceNeedsReason (query) parts.t1.runs.r2.use: Run 3 was taken into the mean by choice, without a reason. Write why, or let the rule choose.',
    ])
  })

  it('is always said, and of a rough run that it is unusual', () => {
    expect(chosen('accurate', { use: 'no', why: ' a drop hung on the jet ' })).toEqual([
      'run.chosen (advice) parts.t1.runs.r2.use: Run 3 is left out of the mean by choice: a drop hung on the jet. The report will say so.',
    ])
    expect(chosen('rough', { use: 'yes', why: 'it agreed' })).toEqual([
      'run.chosen (advice) parts.t1.runs.r2.use: Rough is taken into the mean by choice: it agreed. A rough titre usually has no place there. The report will say so.',
    ])
    expect(chosen('rough', { use: 'no', why: 'it was quick' })).toEqual([
      'run.chosen (advice) parts.t1.runs.r2.use: Rough is left out of the mean by choice: it was quick. The report will say so.',
    ])
    expect(chosen('accurate', { use: 'yes', why: 'it agreed' })).toEqual([
      'run.chosen (advice) parts.t1.runs.r2.use: Run 3 is taken into the mean by choice: it agreed. The report will say so.',
    ])
  })
})

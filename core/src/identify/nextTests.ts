import type { TubeStep } from '../tube/index.ts'
import { type Features, NOTHING } from './features.ts'
import { type Begun, foretell, shows, together } from './foretell.ts'
import type { Hypothesis, SampleForm } from './hypothesis.ts'
import { ionName } from './ions.ts'
import { logLikelihood } from './likelihood.ts'
import type { RecordedTube } from './record.ts'
import type { Scored } from './scoring.ts'

/** A test that would tell much. */
export interface NextTest {
  readonly test: string
  readonly steps: readonly TubeStep[]
  /** What to get ready for it. */
  readonly ready: string
  /** Ions that it would tell apart: those of the likeliest outcome, those of the next. */
  readonly apart: readonly [readonly string[], readonly string[]]
  /** The same by formula: `SO4^2- from Cl-`. */
  readonly tells: string
  /** Expected information, bits. */
  readonly bits: number
}

/** Tests that can be advised, each on a fresh portion, the cheapest and safest first. */
export const TESTS: readonly { readonly test: string; readonly steps: readonly TubeStep[]; readonly ready: string }[] = [
  {
    test: 'sodium hydroxide, drops then excess',
    ready: 'a fresh 1 cm³, a dropper of sodium hydroxide',
    steps: [
      { do: 'add', reagent: 'NaOH(aq)', amount: 'drops' },
      { do: 'add', reagent: 'NaOH(aq)', amount: 'excess' },
    ],
  },
  {
    test: 'aqueous ammonia, drops then excess',
    ready: 'a fresh 1 cm³, a dropper of ammonia',
    steps: [
      { do: 'add', reagent: 'NH3(aq)', amount: 'drops' },
      { do: 'add', reagent: 'NH3(aq)', amount: 'excess' },
    ],
  },
  {
    test: 'sodium hydroxide, warmed, damp red litmus',
    ready: 'red litmus already damp, burner lit, tube holder',
    steps: [{ do: 'add', reagent: 'NaOH(aq)', amount: 'excess' }, { do: 'warm' }],
  },
  {
    test: 'dilute hydrochloric acid',
    ready: 'limewater in a tube with a dropper beside it',
    steps: [{ do: 'add', reagent: 'HCl(aq)', amount: 'excess' }],
  },
  {
    test: 'acidified silver nitrate',
    ready: 'nitric acid, not hydrochloric, which would itself give the precipitate',
    steps: [
      { do: 'add', reagent: 'HNO3(aq)', amount: 'drops' },
      { do: 'add', reagent: 'AgNO3(aq)', amount: 'drops' },
    ],
  },
  {
    test: 'acidified silver nitrate, then excess ammonia',
    ready: 'nitric acid, not hydrochloric, and ammonia enough to outdo the acid',
    steps: [
      { do: 'add', reagent: 'HNO3(aq)', amount: 'drops' },
      { do: 'add', reagent: 'AgNO3(aq)', amount: 'drops' },
      { do: 'add', reagent: 'NH3(aq)', amount: 'excess' },
    ],
  },
  {
    test: 'acidified barium nitrate',
    ready: 'nitric acid, not sulfuric, which would itself give the precipitate',
    steps: [
      { do: 'add', reagent: 'HNO3(aq)', amount: 'drops' },
      { do: 'add', reagent: 'Ba(NO3)2(aq)', amount: 'drops' },
    ],
  },
  {
    test: 'aluminium foil in hot alkali, ammonium boiled off',
    ready: 'red litmus already damp, a piece of foil, burner lit; no flame at the mouth of the tube',
    steps: [
      { do: 'add', reagent: 'NaOH(aq)', amount: 'excess' },
      { do: 'boil' },
      { do: 'add', reagent: 'Al(s)' },
      { do: 'warm' },
    ],
  },
  {
    test: 'potassium iodide',
    ready: 'a fresh 1 cm³, a dropper of potassium iodide',
    steps: [{ do: 'add', reagent: 'KI(aq)', amount: 'drops' }],
  },
  { test: 'a flame', ready: 'a clean wire or a soaked splint, the hottest flame, blue glass at hand', steps: [{ do: 'flame' }] },
  {
    test: 'iron(III) chloride',
    ready: 'a fresh 1 cm³, a dropper of iron(III) chloride',
    steps: [{ do: 'add', reagent: 'FeCl3(aq)', amount: 'drops' }],
  },
  {
    test: 'acidified potassium manganate(VII)',
    ready: 'dilute sulfuric acid and manganate(VII), a white tile behind',
    steps: [
      { do: 'add', reagent: 'H2SO4(aq)', amount: 'equal' },
      { do: 'add', reagent: 'KMnO4(aq)', amount: 'drops' },
    ],
  },
]

/** Hypotheses among which a next test is sought, and of those the likeliest, which are played in full. */
const STILL_OPEN = 200
const PLAYED_IN_FULL = 16
/** Takes hypotheses that are equally likely from all over the list. */
const SPREAD = 7919
const LEAST_BITS = 0.05
const MOST_TESTS = 3
/** A test that was done already tells less: what misled the eye the first time will again (judgement). */
const DONE_BEFORE = 0.3

export const freshOf = (form: SampleForm): Begun => ({ cm3: 1, form, before: [] })

/** Every outcome that is foretold by some hypothesis, with the weight of those that foretell it. */
interface Outcome {
  readonly steps: readonly Features[]
  readonly ions: readonly string[]
  weight: number
}

/** What ions show, put together from what each shows alone. */
function roughly({ ions }: Hypothesis, fresh: Begun, steps: readonly TubeStep[]): readonly Features[] {
  const alone = ions.map((one) => foretell({ ions: [one] }, fresh, steps))
  return steps.map((_, index) => alone.reduce((sum: Features, features) => together(sum, features?.[index] ?? NOTHING), NOTHING))
}

interface Open {
  readonly hypothesis: Hypothesis
  readonly weight: number
}

function outcomesOf(open: readonly Open[], fresh: Begun, steps: readonly TubeStep[]): readonly Outcome[] {
  const outcomes = new Map<string, Outcome>()
  for (const [place, { hypothesis, weight }] of open.entries()) {
    const foretold =
      (place < PLAYED_IN_FULL ? foretell(hypothesis, fresh, steps) : undefined) ?? roughly(hypothesis, fresh, steps)
    const key = JSON.stringify(foretold)
    const known = outcomes.get(key)
    if (known) known.weight += weight
    else outcomes.set(key, { steps: foretold, ions: hypothesis.ions.map(({ ion }) => ion), weight })
  }
  return [...outcomes.values()].toSorted((a, b) => b.weight - a.weight)
}

/** What a student who looked at an outcome would have written: a flame without colour is seen to be so. */
const asSeen = (features: Features, { do: act }: TubeStep): Features =>
  act === 'flame' && features.flame === undefined ? { ...features, flame: 'none' } : features

/**
 * Information that a test is expected to give, bits: the mutual information of outcome and record, where each outcome
 * may be taken for another as the confusion model says. Outcomes that differ only in what a student easily misses tell
 * little.
 */
function bitsOf(outcomes: readonly Outcome[], steps: readonly TubeStep[]): number {
  const channel = outcomes.map((truth) => {
    const row = outcomes.map((written) =>
      Math.exp(
        steps.reduce((sum, step, index) => {
          const seen = asSeen(written.steps[index] ?? NOTHING, step)
          return sum + logLikelihood(seen, truth.steps[index] ?? NOTHING)
        }, 0),
      ),
    )
    const all = row.reduce((sum, value) => sum + value, 0)
    return row.map((value) => value / all)
  })
  const written = outcomes.map((_, column) =>
    outcomes.reduce((sum, { weight }, row) => sum + weight * (channel[row]?.[column] ?? 0), 0),
  )
  return outcomes.reduce(
    (sum, { weight }, row) =>
      sum +
      weight *
        (channel[row] ?? []).reduce(
          (inner, value, column) => inner + (value > 0 ? value * Math.log2(value / (written[column] ?? 1)) : 0),
          0,
        ),
    0,
  )
}

/** The ions in which the two likeliest outcomes differ, each side's own. */
function differenceOf(one: Outcome, other: Outcome): NextTest['apart'] {
  return [one.ions.filter((ion) => !other.ions.includes(ion)), other.ions.filter((ion) => !one.ions.includes(ion))]
}

/** What a test would tell apart, by formula: `SO4^2- from Cl-`. */
function tellsOf([one, other]: NextTest['apart']): string {
  const side = (ions: readonly string[]) => (ions.length > 0 ? ions.join(' + ') : 'none')
  return one.length > 0 ? `${side(one)} from ${side(other)}` : `${side(other)} from none`
}

/** What a test would tell apart, in words: `sulfate from chloride`, `whether strontium is there too`. */
export function sayTells({ apart: [one, other] }: Pick<NextTest, 'apart'>): string {
  const listed = (ions: readonly string[]) => ions.map(ionName).join(' and ')
  if (one.length > 0 && other.length > 0) return `${listed(one)} from ${listed(other)}`
  return `whether ${listed(one.length > 0 ? one : other)} is there too`
}

/** Whether a test was done before, as a whole, in one of the tubes. */
function doneIn(tubes: readonly RecordedTube[], steps: readonly TubeStep[]): boolean {
  const words = (some: readonly TubeStep[]) =>
    some.map(({ do: act, reagent, amount }) => `${act} ${reagent} ${amount}`).join('; ')
  const sought = words(steps)
  return tubes.some((tube) => words(tube.did).includes(sought))
}

/**
 * The tests that would tell most, on a fresh portion: in solution, or dry where the sample was never dissolved.
 *
 * @param tubes - what was done already
 * @param allowed - reagents the task allows; all of the bench where nothing is said
 */
export function nextTests(
  scored: readonly Scored[],
  weights: readonly number[],
  tubes: readonly RecordedTube[],
  allowed?: ReadonlySet<string>,
): readonly NextTest[] {
  const likeliest = scored
    .map(({ hypothesis }, index) => ({ hypothesis, weight: weights[index] ?? 0, turn: (index * SPREAD) % scored.length }))
    .toSorted((a, b) => b.weight - a.weight || a.turn - b.turn)
    .slice(0, STILL_OPEN)
  const all = likeliest.reduce((sum, { weight }) => sum + weight, 0)
  const open = likeliest.map(({ hypothesis, weight }) => ({ hypothesis, weight: weight / all }))
  const dry = tubes.length > 0 && tubes.every(({ form }) => form === 'solid')
  const fresh = freshOf(dry ? 'solid' : 'solution')
  const possible = TESTS.filter(({ steps }) => steps.every(({ reagent }) => !reagent || !allowed || allowed.has(reagent)))
  return possible
    .flatMap(({ test, steps, ready }): NextTest[] => {
      const outcomes = outcomesOf(open, fresh, steps)
      const [first, second] = outcomes
      const bits = bitsOf(outcomes, steps) * (doneIn(tubes, steps) ? DONE_BEFORE : 1)
      if (bits < LEAST_BITS || !first || !second || !outcomes.some((one) => one.steps.some(shows))) return []
      const apart = differenceOf(first, second)
      return [
        {
          test,
          steps,
          ready: dry ? ready.replace('a fresh 1 cm³', 'a fresh spatula tip') : ready,
          apart,
          tells: tellsOf(apart),
          bits,
        },
      ]
    })
    .toSorted((a, b) => b.bits - a.bits)
    .slice(0, MOST_TESTS)
}

import { timesDone } from '../advice/index.ts'
import type { TubeStep } from '../tube/index.ts'
import { type Begun, foretell, freshOf } from './foretell.ts'
import type { Hypothesis } from './hypothesis.ts'
import type { Candidate } from './ions.ts'
import type { RecordedTube } from './record.ts'
import type { Scored } from './scored.ts'
import { type AloneNumbers, blendOf } from './tables/blends.ts'
import { informationOf, type WeighedOutcome } from './tables/channel.ts'
import { isUnknownAt, numberOf, showsAt } from './tables/featureNumbers.ts'
import { type AdvisedTest, TESTS_OF } from './tests.ts'
import { sayWhole } from './wholeSamples.ts'

/** Hypotheses among which a next test is sought, and of those the likeliest, which are played in full. */
const STILL_OPEN = 200
const PLAYED_IN_FULL = 16
/** So much of what may come of a test has to be foretold, of how likely it is. */
const FORETOLD = 0.98
/** What is less likely, of all that is some set of ions or a known whole, changes no advice. */
const HARDLY_OPEN = 1e-4
/** An ion is thought of from so likely on. */
const THOUGHT_OF = 0.03
/** Takes hypotheses that are equally likely from all over the list. */
const SPREAD = 7919
/** A test tells so much less each time that it was done already: what misled the eye the first time will again (judgement). */
const DONE_BEFORE = 0.3

/** Every outcome that is foretold by some hypothesis, with the weight of those that foretell it. */
export interface Outcome extends WeighedOutcome {
  readonly ions: readonly string[]
  weight: number
}

/** What each of some ions shows alone in a test, by number. */
function aloneIn(ions: ReadonlySet<Candidate>, fresh: Begun, steps: readonly TubeStep[]): AloneNumbers {
  const numbers = new Map<Candidate, Int32Array>()
  for (const one of ions) {
    const features = foretell({ ions: [one] }, fresh, steps)
    if (features) numbers.set(one, Int32Array.from(features, numberOf))
  }
  return numbers
}

/** A hypothesis that is still open, with how likely it is among those. */
export interface Open {
  readonly hypothesis: Hypothesis
  readonly weight: number
}

/** What a sample is said to hold: ions, or what it is as a whole. */
const heldBy = ({ ions, whole }: Hypothesis): readonly string[] =>
  whole === undefined ? ions.map(({ ion }) => ion) : [sayWhole(whole)]

/** What a hypothesis shows in a test, by number: played in full, or as its ions show it alone. */
function shownIn(
  { hypothesis }: Open,
  inFull: boolean,
  fresh: Begun,
  steps: readonly TubeStep[],
  alone: AloneNumbers,
): Int32Array {
  const { ions, whole } = hypothesis
  const showing = ions.filter((one) => alone.get(one)?.some(showsAt))
  const meddled = fresh.form === 'solid' || ions.some(({ meddles }) => meddles)
  // What it is as a whole no ions show.
  const played =
    whole !== undefined || (inFull && (meddled || showing.length > 1))
      ? foretell(meddled ? hypothesis : { ...hypothesis, ions: showing }, fresh, steps)
      : undefined
  return played ? Int32Array.from(played, numberOf) : blendOf(ions, steps.length, alone).features
}

/**
 * What may come of one or several tests together, each on a fresh portion, the likeliest first.
 *
 * @param tests - the steps of each; what they show stands one after another
 */
export function outcomesOf(open: readonly Open[], fresh: Begun, tests: readonly (readonly TubeStep[])[]): readonly Outcome[] {
  const ions = new Set(open.flatMap(({ hypothesis }) => hypothesis.ions))
  const each = tests.map((steps) => ({ steps, alone: aloneIn(ions, fresh, steps) }))
  const outcomes = new Map<string, Outcome>()
  for (const [place, one] of open.entries()) {
    const shown = each.map(({ steps, alone }) => shownIn(one, place < PLAYED_IN_FULL, fresh, steps, alone))
    const foretold = Int32Array.from(shown.flatMap((numbers) => [...numbers]))
    const key = foretold.join(' ')
    const known = outcomes.get(key)
    if (known) known.weight += one.weight
    else outcomes.set(key, { steps: foretold, ions: heldBy(one.hypothesis), weight: one.weight })
  }
  return [...outcomes.values()].toSorted((a, b) => b.weight - a.weight)
}

/** The likeliest hypotheses, of which a test should tell which it is; each once, however careful the record is taken to be. */
export function stillOpen(scored: readonly Scored[], weights: readonly number[]): readonly Open[] {
  const sums = new Map<Hypothesis, number>()
  for (const [index, { hypothesis, kind }] of scored.entries())
    if (kind !== 'other') sums.set(hypothesis, (sums.get(hypothesis) ?? 0) + (weights[index] ?? 0))
  const all = [...sums.values()].reduce((sum, weight) => sum + weight, 0)
  const likeliest = [...sums]
    .map(([hypothesis, weight], index) => ({ hypothesis, weight: weight / all, turn: (index * SPREAD) % sums.size }))
    .filter(({ weight }) => weight > HARDLY_OPEN)
    .toSorted((a, b) => b.weight - a.weight || a.turn - b.turn)
    .slice(0, STILL_OPEN)
  const open = likeliest.reduce((sum, { weight }) => sum + weight, 0)
  return likeliest.map(({ hypothesis, weight }) => ({ hypothesis, weight: weight / open }))
}

function ionsThoughtOf(open: readonly Open[]): ReadonlySet<string> {
  const sums = new Map<string, number>()
  for (const { hypothesis, weight } of open) for (const { ion } of hypothesis.ions) sums.set(ion, (sums.get(ion) ?? 0) + weight)
  return new Set([...sums].filter(([, sum]) => sum > THOUGHT_OF).map(([ion]) => ion))
}

/** A test with everything that may come of it. */
export interface WeighedTest extends AdvisedTest {
  /** The likeliest first. */
  readonly outcomes: readonly Outcome[]
  /** Expected information, bits; less where the test was done before. */
  readonly bits: number
}

/**
 * What each test would tell of the question that is open, on a fresh portion: in solution, or of the dry solid where the
 * sample was never dissolved. A test of which much is not foretold is left out. Yields after each.
 *
 * @param tubes - what was done already
 * @param allowed - reagents the task allows; all of the bench where nothing is said
 */
export function* weighTests(
  scored: readonly Scored[],
  weights: readonly number[],
  tubes: readonly RecordedTube[],
  allowed?: ReadonlySet<string>,
): Generator<void, readonly WeighedTest[]> {
  const open = stillOpen(scored, weights)
  const form = tubes.length > 0 && tubes.every((tube) => tube.form === 'solid') ? 'solid' : 'solution'
  const fresh = freshOf(form)
  const did = tubes.map((tube) => tube.did)
  const found: WeighedTest[] = []
  const thoughtOf = ionsThoughtOf(open)
  for (const test of TESTS_OF[form]) {
    if (test.of && !test.of.some((ion) => thoughtOf.has(ion))) continue
    if (!test.steps.every(({ reagent }) => !reagent || !allowed || allowed.has(reagent))) continue
    const outcomes = outcomesOf(open, fresh, [test.steps])
    const foretold = outcomes.filter((one) => !one.steps.some(isUnknownAt))
    // What the model does not foretell cannot be advised for what it would tell.
    if (foretold.reduce((sum, { weight }) => sum + weight, 0) < FORETOLD) continue
    const bits = informationOf(foretold, test.steps) * DONE_BEFORE ** timesDone(did, test.steps)
    found.push({ ...test, outcomes: foretold, bits })
    yield
  }
  return found
}

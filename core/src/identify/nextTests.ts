import { timesDone, worthOf } from '../advice/index.ts'
import type { TubeStep } from '../tube/index.ts'
import { type Begun, foretell, freshOf } from './foretell.ts'
import { type Hypothesis, nameOfSet } from './hypothesis.ts'
import { type Candidate, ionName } from './ions.ts'
import type { RecordedTube } from './record.ts'
import type { Scored } from './scored.ts'
import { type AloneNumbers, blendOf } from './tables/blends.ts'
import { informationOf, type WeighedOutcome } from './tables/channel.ts'
import { isUnknownAt, numberOf, showsAt } from './tables/featureNumbers.ts'
import { TESTS } from './tests.ts'

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
  /** The same for what it costs: the order of the advice. */
  readonly value: number
}

/** Hypotheses among which a next test is sought, and of those the likeliest, which are played in full. */
const STILL_OPEN = 200
const PLAYED_IN_FULL = 16
/** Takes hypotheses that are equally likely from all over the list. */
const SPREAD = 7919
const LEAST_BITS = 0.03
/** A set so likely, each of its ions being called present, is enough: what is left is hardly worth a test. */
const ENOUGH = 0.93
/** That nothing is there is said only when nothing has shown for long. */
const ENOUGH_OF_NOTHING = 0.97
const SETTLED = 0.8
const MOST_TESTS = 3
/** A test tells so much less each time that it was done already: what misled the eye the first time will again (judgement). */
const DONE_BEFORE = 0.3

/** Every outcome that is foretold by some hypothesis, with the weight of those that foretell it. */
interface Outcome extends WeighedOutcome {
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

interface Open {
  readonly hypothesis: Hypothesis
  readonly weight: number
}

function outcomesOf(open: readonly Open[], fresh: Begun, steps: readonly TubeStep[]): readonly Outcome[] {
  const outcomes = new Map<string, Outcome>()
  const alone = aloneIn(new Set(open.flatMap(({ hypothesis }) => hypothesis.ions)), fresh, steps)
  for (const [place, { hypothesis, weight }] of open.entries()) {
    const inFull = place < PLAYED_IN_FULL ? foretell(hypothesis, fresh, steps) : undefined
    const foretold = inFull ? Int32Array.from(inFull, numberOf) : blendOf(hypothesis.ions, steps.length, alone).features
    const key = foretold.join(' ')
    const known = outcomes.get(key)
    if (known) known.weight += weight
    else outcomes.set(key, { steps: foretold, ions: hypothesis.ions.map(({ ion }) => ion), weight })
  }
  return [...outcomes.values()].toSorted((a, b) => b.weight - a.weight)
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
  // Kinds of liquid are their own names.
  const listed = (some: readonly string[]) => some.map(ionName).join(' and ')
  if (one.length > 0 && other.length > 0) return `${listed(one)} from ${listed(other)}`
  const found = one.length > 0 ? one : other
  return `whether ${listed(found)} ${found.length > 1 ? 'are' : 'is'} there too`
}

/** Whether the record says enough: one set is likely, and no ion of it is in doubt. */
function isEnough(scored: readonly Scored[], weights: readonly number[]): boolean {
  const sets = new Map<string, number>()
  const ions = new Map<string, number>()
  for (const [index, { hypothesis, kind }] of scored.entries()) {
    const weight = weights[index] ?? 0
    const name = kind === 'other' ? kind : nameOfSet(hypothesis.ions)
    sets.set(name, (sets.get(name) ?? 0) + weight)
    for (const { ion } of hypothesis.ions) ions.set(ion, (ions.get(ion) ?? 0) + weight)
  }
  const [likeliest] = [...sets].toSorted(([, a], [, b]) => b - a)
  if (!likeliest || likeliest[0] === 'other' || likeliest[1] < ENOUGH) return false
  if (likeliest[0] === '') return likeliest[1] > ENOUGH_OF_NOTHING
  return likeliest[0].split(' ').every((ion) => (ions.get(ion) ?? 0) >= SETTLED)
}

/** The likeliest hypotheses, of which a test should tell which it is; each once, however careful the record is taken to be. */
function stillOpen(scored: readonly Scored[], weights: readonly number[]): readonly Open[] {
  const sums = new Map<Hypothesis, number>()
  for (const [index, { hypothesis, kind }] of scored.entries())
    if (kind !== 'other') sums.set(hypothesis, (sums.get(hypothesis) ?? 0) + (weights[index] ?? 0))
  const likeliest = [...sums]
    .map(([hypothesis, weight], index) => ({ hypothesis, weight, turn: (index * SPREAD) % sums.size }))
    .toSorted((a, b) => b.weight - a.weight || a.turn - b.turn)
    .slice(0, STILL_OPEN)
  const all = likeliest.reduce((sum, { weight }) => sum + weight, 0)
  return likeliest.map(({ hypothesis, weight }) => ({ hypothesis, weight: weight / all }))
}

/**
 * The tests that would tell most for what they cost, on a fresh portion; none where the record says enough: in solution, or dry where the sample was never dissolved. Yields
 * after each test that was considered.
 *
 * @param tubes - what was done already
 * @param allowed - reagents the task allows; all of the bench where nothing is said
 */
export function* nextTests(
  scored: readonly Scored[],
  weights: readonly number[],
  tubes: readonly RecordedTube[],
  allowed?: ReadonlySet<string>,
): Generator<void, readonly NextTest[]> {
  if (isEnough(scored, weights)) return []
  const open = stillOpen(scored, weights)
  const dry = tubes.length > 0 && tubes.every(({ form }) => form === 'solid')
  const form = dry ? 'solid' : 'solution'
  const fresh = freshOf(form)
  const did = tubes.map((tube) => tube.did)
  const found: NextTest[] = []
  for (const { test, steps, ready, cost, only = form } of TESTS) {
    if (only !== form) continue
    if (!steps.every(({ reagent }) => !reagent || !allowed || allowed.has(reagent))) continue
    const outcomes = outcomesOf(open, fresh, steps)
    // What the model does not foretell cannot be advised for what it would tell.
    if (outcomes.some((one) => one.steps.some(isUnknownAt))) continue
    const [first, second] = outcomes
    const bits = informationOf(outcomes, steps) * DONE_BEFORE ** timesDone(did, steps)
    yield
    if (bits < LEAST_BITS || !first || !second || !outcomes.some((one) => one.steps.some(showsAt))) continue
    const apart = differenceOf(first, second)
    // The same ions, stronger or weaker, are told apart by nothing worth a test.
    if (apart[0].length + apart[1].length === 0) continue
    const says = dry ? ready.replace('a fresh 1 cm³', 'a fresh spatula tip') : ready
    found.push({ test, steps, ready: says, apart, tells: tellsOf(apart), bits, value: worthOf(bits, cost) })
  }
  return found.toSorted((a, b) => b.value - a.value).slice(0, MOST_TESTS)
}

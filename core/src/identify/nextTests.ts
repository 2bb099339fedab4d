import { worthOf } from '../advice/index.ts'
import type { TubeStep } from '../tube/index.ts'
import { nameOfSet } from './hypothesis.ts'
import { ionName } from './ions.ts'
import type { RecordedTube } from './record.ts'
import type { Scored } from './scored.ts'
import { showsAt } from './tables/featureNumbers.ts'
import { type Outcome, weighTests } from './weighTests.ts'

/** A test that would tell much. */
export interface NextTest {
  readonly test: string
  readonly steps: readonly TubeStep[]
  /** What to get ready for it. */
  readonly ready: string
  /** Ions, or a metal or oxide in words, that it would tell apart: those of the likeliest outcome, those of the next. */
  readonly apart: readonly [readonly string[], readonly string[]]
  /** The same by formula: `SO4^2- from Cl-`. */
  readonly tells: string
  /** Expected information, bits. */
  readonly bits: number
  /** The same for what it costs: the order of the advice. */
  readonly value: number
}

/** What tells less is not worth the time. */
const LEAST_BITS = 0.006
/** A set so likely is enough: each of its ions is then said to be present, and what is left is hardly worth a test. */
export const ENOUGH = 0.985
const MOST_TESTS = 3

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

/** Whether the record says enough: one set is so likely, or one metal or oxide. */
function isEnough(scored: readonly Scored[], weights: readonly number[]): boolean {
  const sums = new Map<string, number>()
  for (const [index, { hypothesis, kind }] of scored.entries()) {
    const name = kind === 'other' ? kind : (hypothesis.whole ?? nameOfSet(hypothesis.ions))
    sums.set(name, (sums.get(name) ?? 0) + (weights[index] ?? 0))
  }
  return [...sums].some(([name, sum]) => name !== 'other' && sum >= ENOUGH)
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
  const found: NextTest[] = []
  for (const { test, steps, ready, cost, outcomes, bits } of yield* weighTests(scored, weights, tubes, allowed)) {
    const [first, second] = outcomes
    if (bits < LEAST_BITS || !first || !second || !outcomes.some((one) => one.steps.some(showsAt))) continue
    const apart = differenceOf(first, second)
    // The same ions, stronger or weaker, are told apart by nothing worth a test.
    if (apart[0].length + apart[1].length === 0) continue
    found.push({ test, steps, ready, apart, tells: tellsOf(apart), bits, value: worthOf(bits, cost) })
  }
  return found.toSorted((a, b) => b.value - a.value).slice(0, MOST_TESTS)
}

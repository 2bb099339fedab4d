import { timesDone, worthOf } from '../advice/index.ts'
import type { TubeStep } from '../tube/index.ts'
import { type LiquidTube, weighLiquids } from './identify.ts'
import type { LiquidKind } from './kinds.ts'
import { playLiquid } from './play.ts'
import { LIQUIDS } from './substances.ts'
import { TESTS } from './tests.ts'

/** A test of a liquid that would tell much. */
export interface LiquidTest {
  readonly test: string
  readonly steps: readonly TubeStep[]
  readonly ready: string
  /** Kinds of the likeliest outcome, and of the next. */
  readonly apart: readonly [readonly LiquidKind[], readonly LiquidKind[]]
  readonly bits: number
  /** The same for what it costs. */
  readonly value: number
}

/** A kind that is so likely is enough. */
const ENOUGH = 0.92
const LEAST_BITS = 0.05
const MOST_TESTS = 3
const MOST_NAMED = 2

const entropy = (shares: Iterable<number>) => {
  let sum = 0
  for (const share of shares) if (share > 0) sum -= share * Math.log2(share)
  return sum
}

/** Weight of every kind in each outcome of a test. */
function outcomesOf(weights: ReadonlyMap<string, number>, steps: readonly TubeStep[]) {
  const outcomes = new Map<string, Map<LiquidKind, number>>()
  for (const [name, weight] of weights) {
    const liquid = LIQUIDS[name]
    if (!liquid) continue
    // What shows in fewer than half of the tubes tells nothing when it stays away.
    const shown = playLiquid(liquid, steps).map((signs) =>
      signs.flatMap(({ sign, often }) => (often > 0.5 && !sign.startsWith('smell') ? [sign] : [])).join(),
    )
    const kinds = outcomes.get(shown.join('; ')) ?? new Map<LiquidKind, number>()
    kinds.set(liquid.kind, (kinds.get(liquid.kind) ?? 0) + weight)
    outcomes.set(shown.join('; '), kinds)
  }
  return [...outcomes.values()]
}

/** What is learnt of the kind, bits. */
function bitsOf(outcomes: readonly ReadonlyMap<LiquidKind, number>[]): number {
  const whole = new Map<LiquidKind, number>()
  for (const one of outcomes) for (const [kind, weight] of one) whole.set(kind, (whole.get(kind) ?? 0) + weight)
  const left = outcomes.reduce((sum, one) => {
    const all = [...one.values()].reduce((total, weight) => total + weight, 0)
    return all > 0 ? sum + all * entropy([...one.values()].map((weight) => weight / all)) : sum
  }, 0)
  return entropy(whole.values()) - left
}

const weightOf = (outcome: ReadonlyMap<LiquidKind, number>) => [...outcome.values()].reduce((sum, weight) => sum + weight, 0)
const likeliest = (outcome: ReadonlyMap<LiquidKind, number> | undefined) =>
  [...(outcome ?? [])]
    .toSorted(([, a], [, b]) => b - a)
    .slice(0, MOST_NAMED)
    .map(([kind]) => kind)

/** Of a liquid the same test is the same however much is taken. */
const withoutAmounts = (steps: readonly TubeStep[]): readonly TubeStep[] => steps.map(({ amount: _, ...step }) => step)

/**
 * The tests that would tell most of what kind of liquid it is, for what they cost; none where it is settled.
 *
 * @param allowed - bottles the task allows; all where nothing is said
 */
export function adviseLiquid(
  tubes: readonly LiquidTube[],
  isLiquid: boolean,
  allowed?: ReadonlySet<string>,
): readonly LiquidTest[] {
  const weights = weighLiquids(tubes, isLiquid)
  const kinds = new Map<LiquidKind, number>()
  for (const [name, weight] of weights) {
    const kind = LIQUIDS[name]?.kind
    if (kind) kinds.set(kind, (kinds.get(kind) ?? 0) + weight)
  }
  if ([...kinds.values()].some((weight) => weight > ENOUGH)) return []
  const did = tubes.map((tube) => withoutAmounts(tube.steps.map(({ step }) => step)))
  return TESTS.filter(({ steps }) => steps.every(({ reagent }) => !reagent || !allowed || allowed.has(reagent)))
    .filter(({ steps }) => timesDone(did, withoutAmounts(steps)) === 0)
    .map(({ test, steps, ready, cost }): LiquidTest => {
      const outcomes = outcomesOf(weights, steps).toSorted((a, b) => weightOf(b) - weightOf(a))
      const bits = bitsOf(outcomes)
      const [first = [], second = []] = [likeliest(outcomes[0]), likeliest(outcomes[1])]
      const apart = [first.filter((kind) => !second.includes(kind)), second.filter((kind) => !first.includes(kind))] as const
      return { test, steps, ready, apart, bits, value: worthOf(bits, cost) }
    })
    .filter(({ bits, apart: [one, other] }) => bits > LEAST_BITS && one.length + other.length > 0)
    .toSorted((a, b) => b.value - a.value)
    .slice(0, MOST_TESTS)
}

import { uniformFrom } from '../number/index.ts'
import { ChemistryError } from '../problem/index.ts'
import type { Contribution } from './contribution.ts'
import { drawerOf } from './draw.ts'
import { freshSlots, type Program, runProgram } from './program.ts'

/** Bars of a histogram of equal width, from the left. */
export interface Histogram {
  readonly from: number
  readonly width: number
  readonly counts: readonly number[]
}

/** What very many trials came to. */
export interface Trials {
  readonly trials: number
  readonly seed: number
  readonly mean: number
  /** Standard deviation of the results: their standard uncertainty. */
  readonly deviation: number
  /** Between these lie 95 % of the results, and as many below as above. */
  readonly low: number
  readonly high: number
  readonly histogram: Histogram
  /** Trials without a result, since something was divided by nought. */
  readonly failed: number
}

/** Trials between two reports of progress: short enough to be stopped at once. */
const TRIALS_PER_REPORT = 20_000
const BARS = 40
const COVERAGE = 0.95
export const MOST_TRIALS = 1_000_000

export interface TrialPlan {
  readonly program: Program
  readonly contributions: readonly Contribution[]
  readonly trials: number
  readonly seed: number
}

/**
 * Value below which a part of sorted values lies, interpolated between neighbours.
 *
 * @param sorted - in rising order, at least one
 * @param part - 0 to 1
 */
export function quantileOf(sorted: ArrayLike<number>, part: number): number {
  const place = part * (sorted.length - 1)
  const below = Math.floor(place)
  const [low, high] = [sorted[below] as number, sorted[Math.min(below + 1, sorted.length - 1)] as number]
  return low + (high - low) * (place - below)
}

function histogramOf(sorted: Float64Array): Histogram {
  // A few far results would flatten the rest, so the bars span all but one in a thousand on each side.
  const [from, to] = [quantileOf(sorted, 0.001), quantileOf(sorted, 0.999)]
  const width = (to - from) / BARS || 1
  const counts = new Array<number>(BARS).fill(0)
  for (const value of sorted) {
    const bar = Math.floor((value - from) / width)
    if (bar >= 0 && bar < BARS) counts[bar] = (counts[bar] as number) + 1
  }
  return { from, width, counts }
}

function summarise(results: Float64Array, { trials, seed }: TrialPlan): Trials {
  const failed = trials - results.length
  if (results.length === 0)
    throw new ChemistryError('propagate.noResult', 'No trial gave a result: something is divided by a number that may be nought.')
  const sorted = results.toSorted()
  const mean = results.reduce((total, value) => total + value, 0) / results.length
  const squares = results.reduce((total, value) => total + (value - mean) ** 2, 0)
  const edge = (1 - COVERAGE) / 2
  return {
    trials,
    seed,
    mean,
    deviation: Math.sqrt(squares / Math.max(1, results.length - 1)),
    low: quantileOf(sorted, edge),
    high: quantileOf(sorted, 1 - edge),
    histogram: histogramOf(sorted),
    failed,
  }
}

/**
 * Works a result out again and again with errors drawn from their spreads.
 *
 * Stops after each share of the trials with how many are done, so that whoever runs it can report, and stop.
 * The same seed gives the same trials. Source: JCGM 101:2008, 5.9 and 7; from memory.
 *
 * @throws ChemistryError `propagate.trials` for a number of trials that is no whole number from 1 to a million
 */
export function* runTrials(plan: TrialPlan): Generator<number, Trials> {
  const { program, contributions, trials, seed } = plan
  if (!Number.isInteger(trials) || trials < 1 || trials > MOST_TRIALS)
    throw new ChemistryError('propagate.trials', `Between 1 and ${MOST_TRIALS} trials can be run, not ${trials}.`, { trials })
  const uniform = uniformFrom(seed)
  const errors = contributions.map(({ spread, on }) => ({
    draw: drawerOf(spread, uniform),
    indexes: on.map((key) => program.inputs.indexOf(key)).filter((index) => index >= 0),
  }))
  const slots = freshSlots(program)
  const results = new Float64Array(trials)
  let kept = 0
  for (let trial = 0; trial < trials; trial++) {
    if (trial > 0 && trial % TRIALS_PER_REPORT === 0) yield trial
    slots.set(program.values)
    for (const { draw, indexes } of errors) {
      const error = draw()
      for (const index of indexes) slots[index] = (slots[index] as number) + error
    }
    const result = runProgram(program, slots)
    if (Number.isFinite(result)) results[kept++] = result
  }
  return summarise(results.subarray(0, kept), plan)
}

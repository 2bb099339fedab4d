import { uniformFrom } from '../number/index.ts'
import { ChemistryError } from '../problem/index.ts'
import { addColumn, columnProgram } from './columns/columnProgram.ts'
import { drawErrors } from './columns/errors.ts'
import { quantilesOf } from './columns/quantiles.ts'
import type { Contribution } from './contribution.ts'
import type { Program } from './program.ts'

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

/** Trials at a time, all their columns together small enough for the quick memory of a processor; an even number. */
const AT_ONCE = 500
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

function histogramOf(results: Float64Array, from: number, to: number): Histogram {
  const width = (to - from) / BARS || 1
  const counts = new Array<number>(BARS).fill(0)
  for (let t = 0; t < results.length; t++) {
    const bar = Math.floor(((results[t] as number) - from) / width)
    if (bar >= 0 && bar < BARS) counts[bar] = (counts[bar] as number) + 1
  }
  return { from, width, counts }
}

/** Mean, and standard deviation about it. */
function momentsOf(results: Float64Array): readonly [mean: number, deviation: number] {
  let total = 0
  for (let t = 0; t < results.length; t++) total += results[t] as number
  const mean = total / results.length
  let squares = 0
  for (let t = 0; t < results.length; t++) squares += ((results[t] as number) - mean) ** 2
  return [mean, Math.sqrt(squares / Math.max(1, results.length - 1))]
}

function summarise(results: Float64Array, { trials, seed }: TrialPlan): Trials {
  const failed = trials - results.length
  if (results.length === 0)
    throw new ChemistryError('propagate.noResult', 'No trial gave a result: something is divided by a number that may be nought.')
  const [mean, deviation] = momentsOf(results)
  const edge = (1 - COVERAGE) / 2
  // A few far results would flatten the rest, so the bars span all but one in a thousand on each side.
  const [from, low, high, to] = quantilesOf(results, [0.001, edge, 1 - edge, 0.999]) as [number, number, number, number]
  return { trials, seed, mean, deviation, low, high, histogram: histogramOf(results, from, to), failed }
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
  const { trials } = plan
  if (!Number.isInteger(trials) || trials < 1 || trials > MOST_TRIALS)
    throw new ChemistryError('propagate.trials', `Between 1 and ${MOST_TRIALS} trials can be run, not ${trials}.`, { trials })
  const batch = makeBatch(plan)
  const results = new Float64Array(trials)
  let kept = 0
  for (let done = 0; done < trials; done += AT_ONCE) {
    if (done > 0 && done % TRIALS_PER_REPORT === 0) yield done
    kept += keepFinite(batch().subarray(0, trials - done), results.subarray(kept))
  }
  return summarise(results.subarray(0, kept), plan)
}

/** Keeps the results that are numbers; returns how many. */
function keepFinite(from: Float64Array, into: Float64Array): number {
  let kept = 0
  for (let t = 0; t < from.length; t++) if (Number.isFinite(from[t])) into[kept++] = from[t] as number
  return kept
}

/** What makes a column of results at each call, with errors drawn anew. */
function makeBatch({ program, contributions, seed }: TrialPlan): () => Float64Array {
  const { columns, run, result } = columnProgram(program, AT_ONCE)
  const uniform = uniformFrom(seed)
  const places = new Map(program.inputs.map((key, place) => [key, place]))
  const placesOf = (on: readonly string[]) => on.flatMap((key) => places.get(key) ?? [])
  const errors = contributions.map(({ spread, on }) => ({ spread, on: placesOf(on) }))
  const moved = new Set(errors.flatMap(({ on }) => on))
  const drawn = new Float64Array(AT_ONCE)
  return () => {
    for (const place of moved) columns[place]?.fill(program.values[place] as number)
    for (const { spread, on } of errors) {
      drawErrors(spread, uniform, drawn)
      for (const place of on) addColumn(columns[place] as Float64Array, drawn)
    }
    run()
    return result
  }
}

import { CANDIDATES } from '../ions.ts'
import { type Scored, totalOf } from '../scored.ts'

const PLACES = new Map(CANDIDATES.map(({ ion }, place) => [ion, place]))

/** Probability of an ion with one step left out, or with none. */
export type Probability = (ion: string, without?: number) => number

/** Weights of hypotheses from ln likelihoods, in place; their sum is one. */
function normalise(logs: Float64Array): void {
  let most = Number.NEGATIVE_INFINITY
  for (let k = 0; k < logs.length; k++) most = Math.max(most, logs[k]!)
  let sum = 0
  for (let k = 0; k < logs.length; k++) {
    logs[k] = Math.exp(logs[k]! - most)
    sum += logs[k]!
  }
  for (let k = 0; k < logs.length; k++) logs[k]! /= sum
}

/** Ions of all hypotheses, one after another: those of hypothesis k from `begin[k]` on. */
function ionsIn(scored: readonly Scored[]) {
  const begin = new Int32Array(scored.length + 1)
  const places: number[] = []
  for (let k = 0; k < scored.length; k++) {
    for (const { ion } of scored[k]!.hypothesis.ions) places.push(PLACES.get(ion)!)
    begin[k + 1] = places.length
  }
  return { begin, places: Int32Array.from(places) }
}

/** Probability of every ion with each step left out, and with none, in one go over the hypotheses for each. */
export function probabilitiesOf(scored: readonly Scored[], steps: number): Probability {
  const { begin, places } = ionsIn(scored)
  const totals = Float64Array.from(scored, totalOf)
  const weights = new Float64Array(scored.length)
  const sums = new Float64Array((steps + 1) * CANDIDATES.length)
  for (let without = 0; without <= steps; without++) {
    weights.set(totals)
    if (without < steps) for (let k = 0; k < weights.length; k++) weights[k]! -= scored[k]!.steps[without]!
    normalise(weights)
    const row = without * CANDIDATES.length
    for (let k = 0; k < weights.length; k++)
      for (let p = begin[k]!; p < begin[k + 1]!; p++) sums[row + places[p]!]! += weights[k]!
  }
  return (ion, without = steps) => sums[without * CANDIDATES.length + PLACES.get(ion)!]!
}

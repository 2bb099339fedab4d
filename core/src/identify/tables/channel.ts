import type { TubeStep } from '../../tube/index.ts'
import { featuresAt, likelihoodOf, numberOf } from './featureNumbers.ts'

/** An outcome of a test: what each of its steps shows, by number, and how likely it is. */
export interface WeighedOutcome {
  readonly steps: Int32Array
  readonly weight: number
}

/** What a student who looked at an outcome would have written: a flame without colour is seen to be so. */
function asSeen(number: number, { do: act }: TubeStep): number {
  const features = featuresAt(number)
  return act === 'flame' && features.flame === undefined ? numberOf({ ...features, flame: 'none' }) : number
}

/** ln of how likely each outcome is to be written down where another is the truth: truths in rows. */
function logChannel(outcomes: readonly WeighedOutcome[], steps: readonly TubeStep[]): Float64Array {
  const many = outcomes.length
  const channel = new Float64Array(many * many)
  steps.forEach((step, index) => {
    const seen = Int32Array.from(outcomes, (one) => asSeen(one.steps[index]!, step))
    for (let truth = 0; truth < many; truth++) {
      const foretold = outcomes[truth]!.steps[index]!
      for (let written = 0; written < many; written++) channel[truth * many + written]! += likelihoodOf(seen[written]!, foretold)
    }
  })
  return channel
}

/** Probabilities of what is written for each truth, in place: each row comes to one. */
function normaliseRows(channel: Float64Array, many: number): void {
  for (let row = 0; row < many; row++) {
    let all = 0
    for (let k = row * many; k < (row + 1) * many; k++) {
      channel[k] = Math.exp(channel[k]!)
      all += channel[k]!
    }
    for (let k = row * many; k < (row + 1) * many; k++) channel[k]! /= all
  }
}

/**
 * Information that a test is expected to give, bits: the mutual information of outcome and record, where each outcome
 * may be taken for another as the confusion model says. Outcomes that differ only in what a student easily misses tell
 * little.
 */
export function informationOf(outcomes: readonly WeighedOutcome[], steps: readonly TubeStep[]): number {
  const many = outcomes.length
  const channel = logChannel(outcomes, steps)
  normaliseRows(channel, many)
  const written = new Float64Array(many)
  for (let truth = 0; truth < many; truth++)
    for (let w = 0; w < many; w++) written[w]! += outcomes[truth]!.weight * channel[truth * many + w]!
  let bits = 0
  for (let truth = 0; truth < many; truth++) {
    let own = 0
    for (let w = 0; w < many; w++) {
      const part = channel[truth * many + w]!
      if (part > 0) own += part * Math.log2(part / written[w]!)
    }
    bits += outcomes[truth]!.weight * own
  }
  return bits
}

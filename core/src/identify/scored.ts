import type { Hypothesis } from './hypothesis.ts'
import type { Candidate } from './ions.ts'

/** A hypothesis with how likely it makes each recorded step. */
export interface Scored {
  readonly hypothesis: Hypothesis
  readonly prior: number
  /** ln likelihood of each recorded step. */
  readonly steps: readonly number[]
}

/** Every further ion is so much less likely beforehand, ln. */
const FURTHER_ION = 1
/** A third ion of a sign is rarer still. */
const THIRD_ION = 1.5
/** A hypothesis that was not played in full is trusted less, ln. */
const NOT_PLAYED = 2

/** ln of how likely the record is with a hypothesis, and it beforehand. */
export function totalOf({ prior, steps }: Scored): number {
  let sum = prior
  for (const step of steps) sum += step
  return sum
}

/** How likely a set of so many ions is beforehand, ln. */
export function priorOfSizes(cations: number, anions: number): number {
  const thirds = (cations > 2 ? 1 : 0) + (anions > 2 ? 1 : 0)
  return -FURTHER_ION * (cations + anions - 2) - THIRD_ION * thirds
}

/** The same for one that is not played in full. */
export const priorUnplayed = (cations: number, anions: number) => priorOfSizes(cations, anions) - NOT_PLAYED

/** How many ions of a set are cations, and how many anions. */
export function sizesOf(ions: readonly Candidate[]): readonly [cations: number, anions: number] {
  const cations = ions.filter(({ kind }) => kind === 'cation').length
  return [cations, ions.length - cations]
}

/** Posterior probabilities, in the order of the hypotheses. */
export function posterior(scored: readonly Scored[]): readonly number[] {
  return weightsOf(scored.map(totalOf))
}

/** The same with one step left out. */
export function posteriorWithout(scored: readonly Scored[], step: number): readonly number[] {
  return weightsOf(scored.map((one) => totalOf(one) - (one.steps[step] ?? 0)))
}

function weightsOf(logs: readonly number[]): readonly number[] {
  const most = logs.reduce((best, value) => Math.max(best, value), Number.NEGATIVE_INFINITY)
  const weights = logs.map((value) => Math.exp(value - most))
  const sum = weights.reduce((all, weight) => all + weight, 0)
  return weights.map((weight) => weight / sum)
}

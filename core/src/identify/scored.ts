import type { Hypothesis } from './hypothesis.ts'
import type { Candidate } from './ions.ts'

/** A hypothesis with how likely it makes each recorded step. */
export interface Scored {
  readonly hypothesis: Hypothesis
  /** ln of how likely it is beforehand. */
  readonly prior: number
  /** ln likelihood of each recorded step. */
  readonly steps: readonly number[]
  /** No ion of the list, which shows what water shows; or something that the list does not have. */
  readonly kind?: 'nothing' | 'other'
}

/** A hypothesis that was not played in full is trusted less, ln. */
export const NOT_PLAYED = 2

/** ln of how likely the record is with a hypothesis, and it beforehand. */
export function totalOf({ prior, steps }: Pick<Scored, 'prior' | 'steps'>): number {
  let sum = prior
  for (const step of steps) sum += step
  return sum
}

/** ln of a sum of what is given as ln. */
export function logSum(values: readonly number[]): number {
  const most = values.reduce((best, value) => Math.max(best, value), Number.NEGATIVE_INFINITY)
  return most === Number.NEGATIVE_INFINITY
    ? most
    : most + Math.log(values.reduce((sum, value) => sum + Math.exp(value - most), 0))
}

/** The cations of a set, and its anions. */
export function signsOf(ions: readonly Candidate[]): readonly [cations: readonly Candidate[], anions: readonly Candidate[]] {
  return [ions.filter(({ kind }) => kind === 'cation'), ions.filter(({ kind }) => kind === 'anion')]
}

/** The hypothesis with the greatest weight; undefined where there is none. */
export function likeliestOf(scored: readonly Scored[], weights: readonly number[]): Scored | undefined {
  const best = scored.reduce((first, _, index) => ((weights[index] ?? 0) > (weights[first] ?? 0) ? index : first), 0)
  return scored[best]
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

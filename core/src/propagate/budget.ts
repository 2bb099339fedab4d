import { type Contribution, standardUncertainty } from './contribution.ts'
import type { Gradient } from './gradient.ts'

/** One row of a budget. */
export interface BudgetRow {
  readonly contribution: Contribution
  /** Standard uncertainty of the input, in its own unit. */
  readonly standard: number
  /** Standard uncertainty it brings to the result, in the unit of the result. */
  readonly effect: number
  /** Its part of the combined variance, 0 to 1. */
  readonly share: number
}

/** What all sources together come to. */
export interface Budget {
  readonly value: number
  /** Combined standard uncertainty. */
  readonly combined: number
  /** Expanded uncertainty with k = 2: about 95 % of results lie within it. */
  readonly expanded: number
  /** Largest first. */
  readonly rows: readonly BudgetRow[]
}

const COVERAGE_FACTOR = 2

/** Change of the result by an error of one standard uncertainty, to first order: what acts on several inputs at once is one error. */
function effectOf(gradient: Gradient, { spread, on }: Contribution): number {
  return Math.abs(on.reduce((sum, input) => sum + gradient.by(input), 0)) * standardUncertainty(spread)
}

/** Variance that some contributions bring to a result. */
export function varianceOf(gradient: Gradient, contributions: readonly Contribution[]): number {
  return contributions.reduce((total, contribution) => total + effectOf(gradient, contribution) ** 2, 0)
}

/** Expanded uncertainty of a variance. */
export const expandedOf = (variance: number): number => COVERAGE_FACTOR * Math.sqrt(variance)

/**
 * Combines uncertainties by the law of propagation.
 *
 *   u(y)² = Σ (∂f/∂xᵢ · u(xᵢ))²
 *
 * Contributions are independent of one another; what acts on several inputs at once is one contribution.
 * Source: JCGM 100:2008 (GUM), 5.1; from memory.
 */
export function budgetOf(gradient: Gradient, contributions: readonly Contribution[]): Budget {
  const found = contributions.map((contribution) => ({
    contribution,
    standard: standardUncertainty(contribution.spread),
    effect: effectOf(gradient, contribution),
  }))
  const variance = found.reduce((total, { effect }) => total + effect ** 2, 0)
  const rows = found
    .filter(({ effect }) => effect > 0)
    .map((row) => ({ ...row, share: row.effect ** 2 / variance }))
    .toSorted((a, b) => b.share - a.share)
  return { value: gradient.value, combined: Math.sqrt(variance), expanded: expandedOf(variance), rows }
}

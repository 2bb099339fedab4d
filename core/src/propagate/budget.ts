import { type Contribution, standardUncertainty } from './contribution.ts'
import { freshSlots, type Program, runProgram } from './program.ts'

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

/** Change of the result when an error of one standard uncertainty goes in either way, halved. */
function effectOf(program: Program, { on }: Contribution, standard: number): number {
  const indexes = on.flatMap((key) => {
    const index = program.inputs.indexOf(key)
    return index < 0 ? [] : [index]
  })
  const at = (error: number) => {
    const slots = freshSlots(program)
    for (const index of indexes) slots[index] = (slots[index] as number) + error
    return runProgram(program, slots)
  }
  return indexes.length === 0 ? 0 : (at(standard) - at(-standard)) / 2
}

/**
 * Combines uncertainties by the law of propagation, with sensitivities found numerically.
 *
 *   u(y)² = Σ (∂f/∂xᵢ · u(xᵢ))²,   ∂f/∂xᵢ · u(xᵢ) ≈ (f(xᵢ + u) − f(xᵢ − u)) / 2
 *
 * Contributions are independent of one another; what acts on several inputs at once is one contribution.
 * Source: JCGM 100:2008 (GUM), 5.1; the differences as in the EURACHEM/CITAC guide, appendix E; from memory.
 */
export function budgetOf(program: Program, contributions: readonly Contribution[]): Budget {
  const value = runProgram(program, freshSlots(program))
  const found = contributions.map((contribution) => {
    const standard = standardUncertainty(contribution.spread)
    return { contribution, standard, effect: Math.abs(effectOf(program, contribution, standard)) }
  })
  const variance = found.reduce((total, { effect }) => total + effect ** 2, 0)
  const combined = Math.sqrt(variance)
  const rows = found
    .filter(({ effect }) => effect > 0)
    .map((row) => ({ ...row, share: row.effect ** 2 / variance }))
    .toSorted((a, b) => b.share - a.share)
  return { value, combined, expanded: COVERAGE_FACTOR * combined, rows }
}

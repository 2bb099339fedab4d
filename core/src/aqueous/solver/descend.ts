import { evaluate } from './balances.ts'
import { newtonStep } from './step.ts'
import type { Workspace } from './workspace.ts'

/** Longest step of an ln of an activity. */
const LONGEST_STEP = 8
/** Part of the fall foretold that a step must bring (Armijo). */
const SUFFICIENT = 1e-4
/** A state begun far off, with F above 1e80, falls by a factor of e in each: it comes down in some 200. */
const MOST_ITERATIONS = 1000
const MOST_HALVINGS = 50
/** Rounding in a sum of terms, as a part of the sum of their sizes. */
const ROUNDING = 2e-15
/** A whole step as short as this moves nothing any more. */
const STANDS_STILL = 1e-13

/** Puts the pivots where every active solid is exactly saturated. */
function saturate({ n, count, pivots, isPivot, rows, inverse, x, active, system: { lnK } }: Workspace): void {
  for (let r = 0; r < count; r++) {
    let value = 0
    for (let s = 0; s < count; s++) value += inverse[r * count + s]! * lnK[active[s]!]!
    for (let j = 0; j < n; j++) if (isPivot[j] === 0) value -= rows[r * n + j]! * x[j]!
    x[pivots[r]!] = value
  }
}

/**
 * Derivatives of F along the free directions, into `reduced`.
 *
 * @returns whether every one is nought, within `tolerance` of what is balanced or within rounding
 */
function balanced({ n, count, freeCount, free, pivots, rows, gradient, size, reduced }: Workspace, tolerance: number): boolean {
  let done = true
  for (let a = 0; a < freeCount; a++) {
    const j = free[a]!
    let g = gradient[j]!
    let scale = size[j]!
    for (let r = 0; r < count; r++) {
      const follows = rows[r * n + j]!
      if (follows === 0) continue
      g -= follows * gradient[pivots[r]!]!
      scale += Math.abs(follows * size[pivots[r]!]!)
    }
    reduced[a] = g
    if (Math.abs(g) > Math.max(tolerance * size[j]!, ROUNDING * scale * 4)) done = false
  }
  return done
}

/**
 * Newton's method for F among the free directions, with the active solids kept saturated.
 *
 * @param tolerance - largest imbalance allowed, as a part of what is balanced
 * @returns whether it came so far
 */
export function descend(work: Workspace, tolerance: number): boolean {
  const { n, x, move, from } = work
  saturate(work)
  let f = evaluate(work, true)
  for (let iteration = 0; iteration < MOST_ITERATIONS; iteration++) {
    if (balanced(work, tolerance)) return true
    const { longest, fall } = newtonStep(work)
    let length = longest > LONGEST_STEP ? LONGEST_STEP / longest : 1
    for (let j = 0; j < n; j++) from[j] = x[j]!
    let better = false
    for (let halving = 0; halving < MOST_HALVINGS && !better; halving++) {
      for (let j = 0; j < n; j++) x[j] = from[j]! + length * move[j]!
      const next = evaluate(work, true)
      better = next <= f + SUFFICIENT * length * fall + work.terms * ROUNDING
      if (better) f = next
      else length /= 2
    }
    if (!better) {
      for (let j = 0; j < n; j++) x[j] = from[j]!
      evaluate(work, true)
      return false
    }
    if (length === 1 && longest < STANDS_STILL) return true
  }
  return false
}

/** Some plain Newton steps from a settled state, each kept only where `measure` gets less: what is left of an imbalance is rounding. */
export function polish(work: Workspace, measure: () => number, enough: number): void {
  const { n, x, move, from } = work
  let now = measure()
  for (let turn = 0; turn < 3 && now > enough; turn++) {
    balanced(work, 0)
    newtonStep(work)
    for (let j = 0; j < n; j++) from[j] = x[j]!
    for (let j = 0; j < n; j++) x[j]! += move[j]!
    evaluate(work, true)
    const next = measure()
    if (next < now) {
      now = next
      continue
    }
    for (let j = 0; j < n; j++) x[j] = from[j]!
    evaluate(work, true)
    measure()
    return
  }
}

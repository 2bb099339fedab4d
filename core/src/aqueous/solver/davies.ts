import { ChemistryError } from '../../problem/index.ts'
import { LN10 } from '../system.ts'
import { ionicStrengthOf } from './balances.ts'
import { settle } from './settle.ts'
import type { Workspace } from './workspace.ts'

/** A of the Davies equation at 25 °C in water, log₁₀ units. */
const DAVIES_A = 0.509
/** The Davies equation turns round at high ionic strength; beyond this it is held, mol/dm³. */
const DAVIES_LIMIT = 0.5
const MOST_ROUNDS = 100
/** How exactly coefficients and state agree, ln γ of a singly charged ion: far beyond what the equation is good for. */
const AGREES = 1e-8

/** Davies: log γ = −A z² (√I/(1 + √I) − 0.3 I), ln units for z = 1. Source: C. W. Davies, 1962; from memory. */
function lnGammaOfOne(ionicStrength: number): number {
  const held = Math.min(ionicStrength, DAVIES_LIMIT)
  const root = Math.sqrt(held)
  return -DAVIES_A * LN10 * (root / (1 + root) - 0.3 * held)
}

/** Sets the activity coefficients for an ionic strength. */
function correct({ species, lnGamma, factor, layout: { beta }, system: { charges } }: Workspace, ionicStrength: number): void {
  const one = lnGammaOfOne(ionicStrength)
  for (let i = 0; i < species; i++) {
    lnGamma[i] = one * charges[i]! * charges[i]!
    factor[i] = beta[i]! * Math.exp(-lnGamma[i]!)
  }
}

/**
 * Finds Davies coefficients and the state they belong to: the ionic strength that a state with its own coefficients has.
 * It lies between nought and any that is larger than what comes of it; the secant finds it, and where that would leave the
 * bracket, halving does.
 *
 * @param spectators - Σ c z² of the ions that only feed the ionic strength
 * @param tolerance - how exactly each state in between is found
 * @throws ChemistryError as `settle`; `aqueous.notSettled`, too, where coefficients and state never come to agree
 */
export function settleWithDavies(work: Workspace, spectators: number, tolerance: number): void {
  settle(work, tolerance, true)
  let [low, high] = [0, Number.POSITIVE_INFINITY]
  let last: { readonly at: number; readonly over: number } | undefined
  let at = ionicStrengthOf(work, spectators)
  for (let round = 0; round < MOST_ROUNDS; round++) {
    correct(work, at)
    settle(work, tolerance)
    const comes = ionicStrengthOf(work, spectators)
    if (Math.abs(lnGammaOfOne(comes) - lnGammaOfOne(at)) < AGREES) return
    const over = comes - at
    if (over > 0) low = at
    else high = at
    const secant = last && over !== last.over ? at - (over * (at - last.at)) / (over - last.over) : comes
    last = { at, over }
    at = secant > low && secant < high ? secant : high === Number.POSITIVE_INFINITY ? Math.max(comes, 2 * at) : (low + high) / 2
  }
  throw new ChemistryError('aqueous.notSettled', 'The activity coefficients of this mixture did not settle.', {})
}

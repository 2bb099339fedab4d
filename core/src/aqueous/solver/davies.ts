import { LN10 } from '../system.ts'
import { ionicStrengthOf } from './balances.ts'
import { settle } from './settle.ts'
import type { Workspace } from './workspace.ts'

/** A of the Davies equation at 25 °C in water, log₁₀ units. */
const DAVIES_A = 0.509
/** The Davies equation turns round at high ionic strength; beyond this it is held, mol/dm³. */
const DAVIES_LIMIT = 0.5
const MOST_ROUNDS = 60
/** Change of an ln γ below which coefficients and state belong together. */
const AGREES = 1e-10

/** Davies: log γ = −A z² (√I/(1 + √I) − 0.3 I), ln units for z = 1. Source: C. W. Davies, 1962; from memory. */
function lnGammaOfOne(ionicStrength: number): number {
  const held = Math.min(ionicStrength, DAVIES_LIMIT)
  const root = Math.sqrt(held)
  return -DAVIES_A * LN10 * (root / (1 + root) - 0.3 * held)
}

/** Activity coefficients for an ionic strength; returns the largest change of an ln γ. */
function correct({ species, lnGamma, factor, layout: { beta }, system: { charges } }: Workspace, ionicStrength: number): number {
  const one = lnGammaOfOne(ionicStrength)
  let largest = 0
  for (let i = 0; i < species; i++) {
    const next = one * charges[i]! * charges[i]!
    const change = Math.abs(next - lnGamma[i]!)
    if (change === 0) continue
    largest = Math.max(largest, change)
    lnGamma[i] = next
    factor[i] = beta[i]! * Math.exp(-next)
  }
  return largest
}

/**
 * Finds Davies coefficients and the state they belong to, in turns.
 *
 * @param spectators - Σ c z² of the ions that only feed the ionic strength
 * @param tolerance - how exactly each state in between is found
 * @throws ChemistryError as `settle`
 */
export function settleWithDavies(work: Workspace, spectators: number, tolerance: number): void {
  settle(work, tolerance, true)
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const change = correct(work, ionicStrengthOf(work, spectators))
    settle(work, tolerance)
    if (change < AGREES) return
  }
}

import type { Workspace } from './workspace.ts'

/** Largest concentration that is still counted: a step that overshoots must give a number. */
const LARGEST = Math.exp(230)

/**
 * Concentrations and balances for the present activities, and their second derivatives where they are wanted.
 *
 * A species is a product of the activities of its components, so that an exponential is taken for each component and not
 * for each species.
 *
 * @returns F = Σ c − T·x
 */
export function evaluate(work: Workspace, second: boolean): number {
  const { n, species, x, pool, totals, gradient, size, c, factor, hessian, layout, system } = work
  const { proton, factorBegin, factorAt, pairBegin, pairAt, pairNu } = layout
  const { begin, part, count } = system
  let f = 0
  let terms = 0
  for (let j = 0; j < n; j++) {
    const total = totals[j]!
    const activity = Math.exp(x[j]!)
    pool[j] = activity
    pool[n + j] = 1 / activity
    gradient[j] = -total
    const term = total * x[j]!
    f -= term
    terms += Math.abs(term)
  }
  if (second) hessian.fill(0, 0, n * n)
  // Only hydrogen ion is counted below nought anywhere: the sizes of the other balances follow from the balances.
  let protons = Math.abs(totals[proton]!)
  let sum = 0
  for (let i = 0; i < species; i++) {
    let value = factor[i]!
    const stop = factorBegin[i + 1]!
    for (let p = factorBegin[i]!; p < stop; p++) value *= pool[factorAt[p]!]!
    if (!(value < LARGEST)) value = LARGEST
    c[i] = value
    sum += value
    const end = begin[i + 1]!
    for (let p = begin[i]!; p < end; p++) {
      const j = part[p]!
      const term = count[p]! * value
      gradient[j]! += term
      if (j === proton) protons += Math.abs(term)
    }
    if (second) {
      const last = pairBegin[i + 1]!
      for (let p = pairBegin[i]!; p < last; p++) hessian[pairAt[p]!]! += pairNu[p]! * value
    }
  }
  for (let j = 0; j < n; j++) size[j] = j === proton ? protons : gradient[j]! + 2 * totals[j]!
  work.terms = terms + sum
  return f + sum
}

/** Largest imbalance of a component with its solids, as a part of its terms. */
export function residualOf({ n, count, active, amounts, gradient, size, system }: Workspace, traces = 1e-14): number {
  let largest = 0
  for (let j = 0; j < n; j++) {
    let balance = gradient[j]!
    let scale = size[j]!
    for (let s = 0; s < count; s++) {
      const term = system.solidNu[active[s]! * n + j]! * amounts[s]!
      balance += term
      scale += Math.abs(term)
    }
    largest = Math.max(largest, Math.abs(balance) / (scale + traces))
  }
  return largest
}

/** Ionic strength, mol/dm³: ½ Σ c z². */
export function ionicStrengthOf({ species, c, system: { charges } }: Workspace, spectators: number): number {
  let sum = spectators
  for (let i = 0; i < species; i++) sum += c[i]! * charges[i]! * charges[i]!
  return sum / 2
}

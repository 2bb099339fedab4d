import { ChemistryError } from '../problem/index.ts'
import { approach } from './approach.ts'
import { COMPONENTS, type Component } from './components.ts'
import { reduceRows } from './linear.ts'
import { type Directions, descend, directionsOf, evaluate, type State } from './newton.ts'
import { LN10, type System, systemOf } from './system.ts'

/** Totals of components, mol/dm³. That of hydrogen ion is signed: hydroxide counts as less than none. */
export type Totals = Readonly<Partial<Record<Component, number>>>

export interface EquilibriumOptions {
  /** `ideal`: activities are concentrations. `davies`: the Davies equation, trusted to about 0.5 mol/dm³. */
  readonly activity?: 'ideal' | 'davies'
  /** Solids that do not form. */
  readonly without?: readonly string[]
  /** Temperature; it moves only the solids whose enthalpy is in the table. 25 °C where nothing is said. */
  readonly celsius?: number
  /** Activities to start from, from a state near by. */
  readonly start?: ReadonlyMap<Component, number>
}

/** What proves that a state is the equilibrium: each nought, or on the right side of it, within rounding. */
export interface Proof {
  /** Largest imbalance of a component, as a part of its terms. */
  readonly residual: number
  /** Least amount of a solid that is there, mol/dm³: not below nought. */
  readonly leastAmount: number
  /** Largest ln of a saturation of a solid that is not there: not above nought. */
  readonly greatestSaturation: number
}

/** A solution at equilibrium with its solids. */
export interface Equilibrium {
  readonly pH: number
  /** Concentration of each species, mol/dm³, by formula. */
  readonly species: ReadonlyMap<string, number>
  /** Amount of each solid in a dm³, mol. */
  readonly solids: ReadonlyMap<string, number>
  readonly ionicStrength: number
  /** ln of activities of the components, to start from next time. */
  readonly activities: ReadonlyMap<Component, number>
  readonly proof: Proof
}

/** First the choice of solids is made on states this exact, since a loose one makes them come and go. */
const EXACT_ENOUGH_TO_CHOOSE = 1e-9
const EXACT = 1e-12
const MOST_EXCHANGES = 400
/** A solid is put in when it is supersaturated by more than rounding (ln units). */
const SUPERSATURATED = 1e-9
/** Davies: A at 25 °C in water, log₁₀ units. */
const DAVIES_A = 0.509
/** The Davies equation turns round at high ionic strength; beyond this it is held. */
const DAVIES_LIMIT = 0.5
const MOST_DAVIES_ROUNDS = 60

function checkTotals(totals: Totals): readonly Component[] {
  const names = Object.keys(totals) as Component[]
  for (const name of names) {
    const total = totals[name] ?? 0
    if (!Object.hasOwn(COMPONENTS, name))
      throw new ChemistryError('aqueous.unknownComponent', `'${name}' is not known to the model.`, { name })
    if (!Number.isFinite(total) || (name !== 'H' && total < 0) || Math.abs(total) > 50)
      throw new ChemistryError(
        'aqueous.impossible',
        `${COMPONENTS[name].formula} cannot come to ${total} mol/dm³ in all. Totals lie between 0 and 50.`,
        { name, total },
      )
  }
  return names.filter((name) => (totals[name] ?? 0) !== 0)
}

/** Davies: log γ = −A z² (√I/(1 + √I) − 0.3 I), ln units. Source: C. W. Davies, 1962; from memory. */
function lnGammaOf(charge: number, ionicStrength: number): number {
  const held = Math.min(ionicStrength, DAVIES_LIMIT)
  const root = Math.sqrt(held)
  return -DAVIES_A * LN10 * charge ** 2 * (root / (1 + root) - 0.3 * held)
}

/** How much a component is liked as a pivot, at least and at most. */
const LEAST_LIKED = 1e-4
const MOST_LIKED = 1e6

/** The solids that are there while a state is being looked for. */
class Assemblage {
  readonly active: number[] = []
  private readonly state: State

  constructor(state: State) {
    this.state = state
  }

  private rowsOf(solids: readonly number[]): Float64Array {
    const { solidNu } = this.state.system
    const n = this.state.x.length
    const rows = new Float64Array(solids.length * n)
    solids.forEach((solid, row) => {
      rows.set(solidNu.subarray(solid * n, (solid + 1) * n), row * n)
    })
    return rows
  }

  /**
   * What is liked as a pivot: components of which little is dissolved, since a pivot is moved to wherever its solid is
   * saturated, and a large move of what is plentiful throws everything else far off. Hydrogen ion comes last.
   */
  private weights(): Float64Array {
    const { x, totals, size, system } = this.state
    return Float64Array.from(x, (_, j) => {
      if (system.components[j] === 'H') return LEAST_LIKED
      const total = Math.abs(totals[j] as number)
      const dissolved = (size[j] as number) - total
      return Math.min(MOST_LIKED, Math.max(10 * LEAST_LIKED, total / (dissolved + total * 1e-12 + 1e-300)))
    })
  }

  directions(): Directions | undefined {
    const n = this.state.x.length
    if (this.active.length === 0) return directionsOf(n, undefined)
    const reduction = reduceRows(this.rowsOf(this.active), this.active.length, n, this.weights())
    return reduction && directionsOf(n, reduction)
  }

  lnK(): Float64Array {
    return Float64Array.from(this.active, (solid) => this.state.system.lnK[solid] as number)
  }

  /** Amounts of the active solids: what the balance of the pivots lacks. */
  amounts({ reduction }: Directions): Float64Array {
    const count = this.active.length
    const amounts = new Float64Array(count)
    if (!reduction) return amounts
    for (let s = 0; s < count; s++) {
      let amount = 0
      reduction.pivots.forEach((pivot, row) => {
        amount -= (reduction.inverse[row * count + s] as number) * (this.state.gradient[pivot] as number)
      })
      amounts[s] = amount
    }
    return amounts
  }

  /** ln of the saturation of each solid. */
  saturations(): Float64Array {
    const { system, x } = this.state
    const n = x.length
    return Float64Array.from(system.solids, (_, solid) => {
      let value = -(system.lnK[solid] as number)
      for (let j = 0; j < n; j++) value += (system.solidNu[solid * n + j] as number) * (x[j] as number)
      return value
    })
  }

  /**
   * Puts a solid in. One that the solids already there make up (CaCO3 beside CaO and so on) takes the place of the one
   * that runs out first as it forms.
   */
  add(solid: number, amounts: Float64Array): void {
    const n = this.state.x.length
    const extended = [...this.active, solid]
    if (reduceRows(this.rowsOf(extended), extended.length, n, this.weights())) {
      this.active.push(solid)
      return
    }
    const shares = this.sharesOf(solid)
    let first = -1
    let least = Number.POSITIVE_INFINITY
    shares.forEach((share, row) => {
      if (share > 1e-9 && (amounts[row] as number) / share < least) {
        least = (amounts[row] as number) / share
        first = row
      }
    })
    if (first < 0) return
    this.active.splice(first, 1, solid)
  }

  /** How much of each active solid makes one of a dependent one, by least squares over the components. */
  private sharesOf(solid: number): readonly number[] {
    const n = this.state.x.length
    const count = this.active.length
    const reduction = reduceRows(this.rowsOf(this.active), count, n, this.weights())
    const { solidNu } = this.state.system
    if (!reduction) return []
    return Array.from({ length: count }, (_, s) => {
      let share = 0
      reduction.pivots.forEach((pivot, row) => {
        share += (reduction.inverse[row * count + s] as number) * (solidNu[solid * n + pivot] as number)
      })
      return share
    })
  }
}

/** Finds which solids are there, and the activities: drops the most negative, then puts in what is supersaturated. */
function settle(state: State, assemblage: Assemblage, tolerance = EXACT_ENOUGH_TO_CHOOSE): Directions {
  const { system } = state
  const seen = new Set<string>()
  for (let exchange = 0; exchange < MOST_EXCHANGES; exchange++) {
    const directions = assemblage.directions()
    if (!directions) throw new ChemistryError('aqueous.notSettled', 'The solids of this mixture depend on one another.')
    descend(state, directions, assemblage.lnK(), tolerance)
    const amounts = assemblage.amounts(directions)
    let least = -1
    amounts.forEach((amount, row) => {
      const scale = 1e-12 + Math.abs(state.totals[directions.reduction?.pivots[row] ?? 0] as number) * 1e-10
      if (amount < -scale && (least < 0 || amount < (amounts[least] as number))) least = row
    })
    if (least >= 0) {
      assemblage.active.splice(least, 1)
      continue
    }
    const saturations = assemblage.saturations()
    const waiting = system.solids
      .map((_, solid) => solid)
      .filter((solid) => !assemblage.active.includes(solid) && (saturations[solid] as number) > SUPERSATURATED)
      .toSorted((a, b) => (saturations[b] as number) - (saturations[a] as number))
    const [most] = waiting
    if (most === undefined) return directions
    // After going round in a circle one solid at a time is put in, the one that came first in the table.
    const here = assemblage.active.toSorted((a, b) => a - b).join(' ')
    const circling = seen.has(here)
    seen.add(here)
    if (circling) {
      assemblage.add(Math.min(...waiting), amounts)
      continue
    }
    addSeveral(assemblage, waiting, amounts, system)
  }
  throw new ChemistryError('aqueous.notSettled', 'The solids of this mixture did not settle.', {
    solids: system.solids.join(', '),
  })
}

/** Puts in the most supersaturated solid, and others that share no component with one put in. */
function addSeveral(assemblage: Assemblage, waiting: readonly number[], amounts: Float64Array, system: System): void {
  const n = system.components.length
  const taken = new Set<number>()
  for (const solid of waiting) {
    const parts = system.components
      .map((_, j) => j)
      .filter((j) => system.components[j] !== 'H' && system.solidNu[solid * n + j] !== 0)
    if (parts.some((j) => taken.has(j))) continue
    for (const j of parts) taken.add(j)
    assemblage.add(solid, amounts)
  }
}

function firstGuess({ components }: System, totals: Float64Array, start: EquilibriumOptions['start']): Float64Array {
  return Float64Array.from(components, (component, j) => {
    const warm = start?.get(component)
    if (warm !== undefined) return warm
    const total = totals[j] as number
    if (component !== 'H') return Math.log(Math.max(total, 1e-12)) - 1
    return total > 1e-6 ? Math.log(total) - 1 : total < -1e-6 ? -13.995 * LN10 - Math.log(-total) : -7 * LN10
  })
}

function ionicStrengthOf(state: State, spectators: number): number {
  const { charges } = state.system
  let sum = spectators
  for (let i = 0; i < state.c.length; i++) sum += (state.c[i] as number) * (charges[i] as number) ** 2
  return sum / 2
}

/** Davies coefficients and the state they belong to, found in turns. */
function settleWithDavies(state: State, assemblage: Assemblage, spectators: number): void {
  const { charges } = state.system
  settle(state, assemblage)
  for (let round = 0; round < MOST_DAVIES_ROUNDS; round++) {
    const strength = ionicStrengthOf(state, spectators)
    let largest = 0
    for (let i = 0; i < charges.length; i++) {
      const next = lnGammaOf(charges[i] as number, strength)
      largest = Math.max(largest, Math.abs(next - (state.lnGamma[i] as number)))
      state.lnGamma[i] = next
    }
    settle(state, assemblage)
    if (largest < 1e-10) break
  }
}

/**
 * Finds the equilibrium of a solution from the totals of its components, at 25 °C.
 *
 * Minimises F(x) = Σ cᵢ(x) − T·x over the ln of the activities of the components, subject to every solid being at most
 * saturated; the multipliers of those constraints are the amounts of the solids. F is convex, so that a state with its
 * balances met, no negative amount and nothing supersaturated is proved to be the equilibrium: see `proof`.
 *
 * @throws ChemistryError `aqueous.impossible` for totals that cannot be, `aqueous.notSettled` where no state was found
 */
export function equilibrate(totals: Totals, options: EquilibriumOptions = {}): Equilibrium {
  const present = checkTotals(totals)
  const system = systemOf(present, options.without, options.celsius)
  const n = system.components.length
  const amounts = Float64Array.from(system.components, (name) => totals[name] ?? 0)
  const species = system.species.length
  const state: State = {
    system,
    totals: amounts,
    lnGamma: new Float64Array(species),
    x: firstGuess(system, amounts, options.start),
    c: new Float64Array(species),
    gradient: new Float64Array(n),
    size: new Float64Array(n),
    terms: new Float64Array(1),
  }
  const spectators = system.spectators.reduce((sum, name) => sum + (totals[name] ?? 0) * COMPONENTS[name].charge ** 2, 0)
  if (!options.start) approach(state)
  const assemblage = new Assemblage(state)
  if (options.activity === 'davies') settleWithDavies(state, assemblage, spectators)
  else settle(state, assemblage)
  // Once more exactly: where totals are equal, what is left dissolved, and so what is saturated, hangs on the last digits.
  const directions = settle(state, assemblage, EXACT)
  evaluate(state)
  return describe(state, assemblage, directions, totals, spectators)
}

function describe(state: State, assemblage: Assemblage, directions: Directions, totals: Totals, spectators: number): Equilibrium {
  const { system, x, c } = state
  const n = x.length
  const amounts = assemblage.amounts(directions)
  const residuals = system.components.map((_, j) => {
    let balance = state.gradient[j] as number
    let scale = state.size[j] as number
    assemblage.active.forEach((solid, row) => {
      const term = (system.solidNu[solid * n + j] as number) * (amounts[row] as number)
      balance += term
      scale += Math.abs(term)
    })
    return Math.abs(balance) / (scale + 1e-14)
  })
  const saturations = assemblage.saturations()
  const absent = system.solids.map((_, solid) => solid).filter((solid) => !assemblage.active.includes(solid))
  const proton = system.components.indexOf('H')
  const found = new Map(system.species.map((name, i) => [name, c[i] as number]))
  for (const name of system.spectators) found.set(COMPONENTS[name].formula, totals[name] ?? 0)
  return {
    pH: -(x[proton] as number) / LN10,
    species: found,
    solids: new Map(assemblage.active.map((solid, row) => [system.solids[solid] as string, Math.max(0, amounts[row] as number)])),
    ionicStrength: ionicStrengthOf(state, spectators),
    activities: new Map(system.components.map((name, j) => [name, x[j] as number])),
    proof: {
      residual: Math.max(...residuals),
      leastAmount: Math.min(0, ...amounts),
      greatestSaturation: Math.max(Number.NEGATIVE_INFINITY, ...absent.map((solid) => saturations[solid] as number)),
    },
  }
}

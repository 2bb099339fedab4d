import { COMPONENTS, type Component } from './components.ts'
import { ionicStrengthOf, residualOf } from './solver/balances.ts'
import type { Workspace } from './solver/workspace.ts'
import { LN10, type System } from './system.ts'
import type { Totals } from './totals.ts'

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
  readonly proof: Proof
  /** The table it was found in, and what was found in the order of that table: for what asks of many states. */
  readonly system: System
  readonly concentrations: Float64Array
  readonly lnActivities: Float64Array
  /** Places of the solids that are there. */
  readonly solidPlaces: Int32Array
}

const NONE: ReadonlyMap<string, number> = new Map()

/** A state copied out of the workspace. Its tables by name are made when they are asked for: most states are asked for little. */
class FoundState implements Equilibrium {
  readonly pH: number
  readonly ionicStrength: number
  readonly proof: Proof
  readonly system: System
  readonly concentrations: Float64Array
  readonly lnActivities: Float64Array
  readonly solidPlaces: Int32Array
  private readonly amounts: Float64Array
  private readonly totals: Totals
  private speciesByName: ReadonlyMap<string, number> | undefined
  private solidsByName: ReadonlyMap<string, number> | undefined

  constructor(work: Workspace, totals: Totals, spectators: number) {
    this.system = work.system
    this.concentrations = work.c.slice(0, work.species)
    this.lnActivities = work.x.slice(0, work.n)
    this.solidPlaces = work.active.slice(0, work.count)
    this.amounts = work.amounts.slice(0, work.count)
    this.totals = totals
    this.pH = -(work.x[work.layout.proton] as number) / LN10
    this.ionicStrength = ionicStrengthOf(work, spectators)
    this.proof = proofOf(work)
  }

  get species(): ReadonlyMap<string, number> {
    this.speciesByName ??= new Map([
      ...this.system.species.map((name, i) => [name, this.concentrations[i] as number] as const),
      ...this.system.spectators.map((name: Component) => [COMPONENTS[name].formula, this.totals[name] ?? 0] as const),
    ])
    return this.speciesByName
  }

  get solids(): ReadonlyMap<string, number> {
    if (this.solidPlaces.length === 0) return NONE
    this.solidsByName ??= new Map(
      Array.from(this.solidPlaces, (solid, row) => [
        this.system.solids[solid] as string,
        Math.max(0, this.amounts[row] as number),
      ]),
    )
    return this.solidsByName
  }
}

/** What there is less of than this, mol/dm³, need not be known to as many figures. */
const TRACES = 1e-9

function proofOf(work: Workspace): Proof {
  const { count, amounts, solids, isActive, saturations } = work
  let leastAmount = 0
  for (let row = 0; row < count; row++) leastAmount = Math.min(leastAmount, amounts[row] as number)
  let greatestSaturation = Number.NEGATIVE_INFINITY
  for (let solid = 0; solid < solids; solid++)
    if (isActive[solid] === 0) greatestSaturation = Math.max(greatestSaturation, saturations[solid] as number)
  return { residual: residualOf(work, TRACES), leastAmount, greatestSaturation }
}

/**
 * What a solve found, copied out of its workspace.
 *
 * @param spectators - Σ c z² of the ions that only feed the ionic strength
 */
export function stateOf(work: Workspace, totals: Totals, spectators: number): Equilibrium {
  return new FoundState(work, totals, spectators)
}

import { ChemistryError } from '../problem/index.ts'
import { isComponentName } from './componentMask.ts'
import { COMPONENTS, type Component } from './components.ts'
import { approach, guess } from './solver/approach.ts'
import { settleWithDavies } from './solver/davies.ts'
import { beginWith, settleExactly } from './solver/settle.ts'
import { beginSolve, type Workspace } from './solver/workspace.ts'
import { type Equilibrium, stateOf } from './state.ts'
import { type Moves, systemOf } from './system.ts'
import type { Totals } from './totals.ts'

export interface EquilibriumOptions {
  /** `ideal`: activities are concentrations. `davies`: the Davies equation, trusted to about 0.5 mol/dm³. */
  readonly activity?: 'ideal' | 'davies'
  /** Solids that do not form. */
  readonly without?: readonly string[]
  /** Temperature; it moves only the solids whose enthalpy is in the table. 25 °C where nothing is said. */
  readonly celsius?: number
  /** Constants taken as other than the table has them: what an answer owes to each. */
  readonly moves?: Moves
  /** A state near by to start from: its activities and its solids. */
  readonly start?: Equilibrium
}

/** First the choice of solids is made on states this exact, since a loose one makes them come and go. */
const EXACT_ENOUGH_TO_CHOOSE = 1e-9
const EXACT = 1e-12
const LARGEST_TOTAL = 50

/** The components of which there is any. */
function presentIn(totals: Totals): readonly Component[] {
  const present: Component[] = []
  for (const key in totals) {
    const name = key as Component
    const total = totals[name] ?? 0
    if (total !== 0) present.push(name)
    if (!isComponentName(name))
      throw new ChemistryError('aqueous.unknownComponent', `'${name}' is not known to the model.`, { name })
    if (!Number.isFinite(total) || (name !== 'H' && total < 0) || Math.abs(total) > LARGEST_TOTAL)
      throw new ChemistryError(
        'aqueous.impossible',
        `${COMPONENTS[name].formula} cannot come to ${total} mol/dm³ in all. Totals lie between 0 and ${LARGEST_TOTAL}.`,
        { name, total },
      )
  }
  return present
}

/** Begins from a state near by: its activities, and the solids that were there. */
function startFrom(work: Workspace, near: Equilibrium): void {
  const { system, x, n } = work
  guess(work)
  if (near.system === system) {
    x.set(near.lnActivities)
    beginWith(work, near.solidPlaces)
    return
  }
  for (let j = 0; j < n; j++) {
    const place = near.system.components.indexOf(system.components[j] as Component)
    if (place >= 0) x[j] = near.lnActivities[place] as number
  }
  beginWith(
    work,
    Array.from(near.solidPlaces, (solid) => system.solids.indexOf(near.system.solids[solid] as string)).filter(
      (solid) => solid >= 0,
    ),
  )
}

/** How far a state may miss its balances (relative), and an amount or a saturation nought, and still count as proved. */
const PROVED = { residual: 1e-6, amount: 1e-9, saturation: 1e-8 } as const

/** No answer without proof: a state that is not the equilibrium would be as confident as one that is. */
function proved(state: Equilibrium): Equilibrium {
  const { residual, leastAmount, greatestSaturation } = state.proof
  const stands = residual < PROVED.residual && leastAmount > -PROVED.amount && greatestSaturation < PROVED.saturation
  if (stands) return state
  throw new ChemistryError('aqueous.notProved', 'The equilibrium of this mixture was not found exactly enough to be trusted.', {
    residual,
    leastAmount,
    greatestSaturation,
  })
}

/**
 * Finds the equilibrium of a solution from the totals of its components, at 25 °C.
 *
 * Minimises F(x) = Σ cᵢ(x) − T·x over the ln of the activities of the components, subject to every solid being at most
 * saturated; the multipliers of those constraints are the amounts of the solids. F is convex, so that a state with its
 * balances met, no negative amount and nothing supersaturated is proved to be the equilibrium: see `proof`.
 *
 * @throws ChemistryError `aqueous.impossible` for totals that cannot be, `aqueous.notSettled` where no state was found,
 *   `aqueous.notProved` where what was found is not proved to be the equilibrium
 */
export function equilibrate(totals: Totals, options: EquilibriumOptions = {}): Equilibrium {
  const work = beginSolve(systemOf(presentIn(totals), options.without, options.celsius, options.moves))
  const { components, spectators } = work.system
  for (let j = 0; j < work.n; j++) work.totals[j] = totals[components[j] as Component] ?? 0
  const charged = spectators.reduce((sum, name) => sum + (totals[name] ?? 0) * COMPONENTS[name].charge ** 2, 0)
  if (options.start) startFrom(work, options.start)
  else {
    guess(work)
    approach(work)
  }
  const davies = options.activity === 'davies'
  if (davies) settleWithDavies(work, charged, EXACT_ENOUGH_TO_CHOOSE)
  settleExactly(work, EXACT, !davies)
  return proved(stateOf(work, totals, charged))
}

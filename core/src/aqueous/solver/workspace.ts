import { COMPONENTS } from '../components.ts'
import { SOLIDS, SPECIES } from '../data/index.ts'
import { type System, systemOf } from '../system.ts'
import { type Layout, layoutOf } from './layout.ts'

/** The largest system there can be: every component of the table at once. */
const COMPONENTS_AT_MOST = Object.keys(COMPONENTS).length
const SPECIES_AT_MOST = SPECIES.length + COMPONENTS_AT_MOST
const SOLIDS_AT_MOST = SOLIDS.length

const perComponent = () => new Float64Array(COMPONENTS_AT_MOST)
const square = () => new Float64Array(COMPONENTS_AT_MOST ** 2)

const ARRAYS = {
  /** Total of each component, mol/dm³; of hydrogen ion signed. */
  totals: perComponent(),
  /** ln of the activity of each component: what is looked for. */
  x: perComponent(),
  /** Activities, then one over each. */
  pool: new Float64Array(2 * COMPONENTS_AT_MOST),
  /** Concentration of each species, mol/dm³. */
  c: new Float64Array(SPECIES_AT_MOST),
  /** Σ ν c − T of each component, and Σ |ν c| + |T|, which says how large rounding is. */
  gradient: perComponent(),
  size: perComponent(),
  /** ln of the activity coefficients of the species, and β/γ. */
  lnGamma: new Float64Array(SPECIES_AT_MOST),
  factor: new Float64Array(SPECIES_AT_MOST),
  /** Second derivatives Σ ν ν c. */
  hessian: square(),

  /** Solids that are there, and how much of each, mol/dm³. */
  active: new Int32Array(COMPONENTS_AT_MOST + 1),
  amounts: new Float64Array(COMPONENTS_AT_MOST + 1),
  isActive: new Uint8Array(SOLIDS_AT_MOST),
  /** ln of the saturation of each solid. */
  saturations: new Float64Array(SOLIDS_AT_MOST),
  /** Components already taken by a solid that is put in. */
  taken: new Uint8Array(COMPONENTS_AT_MOST),

  /** Component that each active solid is solved for, their reduced rows, and the inverse of the pivot columns. */
  pivots: new Int32Array(COMPONENTS_AT_MOST + 1),
  isPivot: new Uint8Array(COMPONENTS_AT_MOST),
  rows: new Float64Array((COMPONENTS_AT_MOST + 1) * COMPONENTS_AT_MOST),
  inverse: new Float64Array((COMPONENTS_AT_MOST + 1) ** 2),
  /** How much each component is liked as a pivot. */
  weights: perComponent(),
  /** Components that are free to move, the pivots following. */
  free: new Int32Array(COMPONENTS_AT_MOST),

  /** The Newton step: derivatives among the free directions, the factored matrix, and where x goes. */
  reduced: perComponent(),
  along: square(),
  matrix: square(),
  lower: square(),
  scale: perComponent(),
  step: perComponent(),
  move: perComponent(),
  from: perComponent(),

  /** What each component has and needs, while a state is come near to. */
  has: perComponent(),
  needs: perComponent(),
}

/** What a solve works on. */
export interface Workspace extends Readonly<typeof ARRAYS> {
  system: System
  layout: Layout
  /** Numbers of components, species and solids of the system. */
  n: number
  species: number
  solids: number
  /** Number of active solids, and of those that were there when `amounts` were found. */
  count: number
  settledCount: number
  /** Number of free components. */
  freeCount: number
  /** Σ of the sizes of all terms of F, which cancel largely. */
  terms: number
}

const NO_SYSTEM = systemOf([])

/**
 * The one workspace of all solves: making arrays anew would cost more than a solve does, and an object of one shape is
 * what the engine reads quickest. A solve neither waits for anything nor begins another, so no two of them ever meet here.
 */
const WORKSPACE: Workspace = {
  ...ARRAYS,
  system: NO_SYSTEM,
  layout: layoutOf(NO_SYSTEM),
  n: 0,
  species: 0,
  solids: 0,
  count: 0,
  settledCount: 0,
  freeCount: 0,
  terms: 0,
}

/** Opens the workspace for a solve: no solids, and activities that are concentrations. Totals and first guess are still to come. */
export function beginSolve(system: System): Workspace {
  const work = WORKSPACE
  work.system = system
  work.layout = layoutOf(system)
  work.n = system.components.length
  work.species = system.species.length
  work.solids = system.solids.length
  work.count = 0
  work.isActive.fill(0, 0, work.solids)
  work.lnGamma.fill(0, 0, work.species)
  work.factor.set(work.layout.beta)
  return work
}

export { COMPONENTS, type Component, readMadeOf, type Stoichiometry } from './components.ts'
export { type EquilibriumOptions, equilibrate } from './equilibrate.ts'
export { componentsOf, totalsOf } from './ingredients.ts'
export { SOLIDS } from './solidsTable.ts'
export type { Equilibrium, Proof } from './state.ts'
export type { System } from './system.ts'
export {
  type CurvePoint,
  type Equivalence,
  equivalencesOf,
  type Titration,
  TitrationModel,
  titrationCurve,
  volumeAtPH,
} from './titrationCurve.ts'
export type { Totals } from './totals.ts'

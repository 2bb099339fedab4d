export { COMPONENTS, type Component, readMadeOf, type Stoichiometry } from './components.ts'
export { SOLIDS, TINTS, type Tint } from './data/index.ts'
export { type EquilibriumOptions, equilibrate } from './equilibrate.ts'
export { componentsOf, totalsOf } from './ingredients.ts'
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

export { balance, checkBalance, type Imbalance } from './balance.ts'
export { type BottleLabel, readBottleLabel } from './bottleLabel.ts'
export { ATOMIC_WEIGHTS, atomicWeight, type ElementSymbol, isElement, type MassTable } from './elements.ts'
export { type Equation, formatEquation, parseEquation, type StateSymbol, type Term } from './equation.ts'
export {
  type AtomSymbol,
  type Composition,
  compositionOf,
  type Formula,
  type FormulaPart,
  hasSomeWater,
  parseFormula,
  sameSpecies,
  speciesKey,
  standInsOf,
  waterOf,
} from './formula.ts'
export { completeHalf, type HalfEquation, type JoinedHalves, joinHalves } from './halfEquations.ts'
export { countIn, loneElement } from './holding.ts'
export { careOf, colourOfSolution, type SolutionLook } from './inGlass.ts'
export { COMMON_IONS, dissociate, type IonCount } from './ions.ts'
export { ION_TABLE } from './ionTable.ts'
export { hasMolarMass, molarMassOf } from './molarMass.ts'
export { type NamedSubstance, substancesIn } from './named.ts'
export { nameOf } from './names.ts'
export { saltIons } from './saltIons.ts'
export { saltOf } from './saltOf.ts'
export { givenMass, readSheetMasses, type SheetMasses } from './sheetMasses.ts'
export { type FormulaPiece, formulaPieces } from './typeset.ts'

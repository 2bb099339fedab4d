import { Exact } from '../number/index.ts'
import { atomicWeight, type MassTable } from './elements.ts'
import { compositionOf, type Formula } from './formula.ts'

/**
 * Molar mass in g/mol, exact in the decimals of the chosen table. The electron mass is left out of ions, as usual.
 *
 * @example
 * molarMassOf(parseFormula('KMnO4'), 'one-decimal') // 158.0
 */
export function molarMassOf(formula: Formula, table: MassTable): Exact {
  return [...compositionOf(formula)].reduce(
    (total, [symbol, count]) => total.add(atomicWeight(symbol, table).mul(count)),
    new Exact(0),
  )
}

import { Exact } from '../number/index.ts'
import { atomicWeight, type ElementSymbol, type MassTable } from './elements.ts'
import { compositionOf, type Formula } from './formula.ts'
import { givenMass, type SheetMasses } from './sheetMasses.ts'

const NONE: SheetMasses = new Map()

/**
 * Molar mass in g/mol, exact in the decimals of the chosen table. The electron mass is left out of ions, as usual.
 *
 * @param sheet - masses that the task's own sheet gives, which go before those of the table
 *
 * @example
 * molarMassOf(parseFormula('KMnO4'), 'one-decimal') // 158.0
 */
export function molarMassOf(formula: Formula, table: MassTable, sheet: SheetMasses = NONE): Exact {
  const given = givenMass(sheet, formula)
  if (given) return given.value
  const atomOf = (symbol: ElementSymbol) => sheet.get(`${symbol}1|0`)?.value ?? atomicWeight(symbol, table)
  return [...compositionOf(formula)].reduce((total, [symbol, count]) => total.add(atomOf(symbol).mul(count)), new Exact(0))
}

import { Exact } from '../number/index.ts'
import { ChemistryError } from '../problem/index.ts'
import { atomicWeight, type MassTable } from './elements.ts'
import { type AtomSymbol, compositionOf, type Formula, hasSomeWater, standInsOf } from './formula.ts'
import { givenMass, type SheetMasses } from './sheetMasses.ts'
import { isStandIn } from './standIns.ts'

const notKnown = ({ text }: Formula, what: string) =>
  new ChemistryError('formula.notAllKnown', `${text} has no molar mass while nobody says ${what}.`, { text })

const NONE: SheetMasses = new Map()

/** Whether a formula has a molar mass: all of it is known, or the sheet gives what is not. */
export function hasMolarMass(formula: Formula, sheet: SheetMasses = NONE): boolean {
  if (givenMass(sheet, formula)) return true
  return !hasSomeWater(formula) && standInsOf(formula).every((letter) => sheet.has(`${letter}1|0`))
}

/**
 * Molar mass in g/mol, exact in the decimals of the chosen table. The electron mass is left out of ions, as usual.
 *
 * @throws ChemistryError `formula.notAllKnown` where a letter stands for an element, or water is xH2O
 * @param sheet - masses that the task's own sheet gives, which go before those of the table
 *
 * @example
 * molarMassOf(parseFormula('KMnO4'), 'one-decimal') // 158.0
 */
export function molarMassOf(formula: Formula, table: MassTable, sheet: SheetMasses = NONE): Exact {
  const given = givenMass(sheet, formula)
  if (given) return given.value
  if (hasSomeWater(formula)) throw notKnown(formula, 'how much water it holds')
  const atomOf = (symbol: AtomSymbol) => {
    const ofSheet = sheet.get(`${symbol}1|0`)?.value
    if (ofSheet) return ofSheet
    if (isStandIn(symbol)) throw notKnown(formula, `what ${symbol} is`)
    return atomicWeight(symbol, table)
  }
  return [...compositionOf(formula)].reduce((total, [symbol, count]) => total.add(atomOf(symbol).mul(count)), new Exact(0))
}

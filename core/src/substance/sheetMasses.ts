import { Memory } from '../memory/index.ts'
import { Exact } from '../number/index.ts'
import { ChemistryError } from '../problem/index.ts'
import { type Formula, parseFormula, speciesKey } from './formula.ts'

/** A mass that the task's own sheet gives, in g/mol, as it stands there. */
export interface SheetMass {
  readonly value: Exact
  readonly text: string
}

/** Masses by species. */
export type SheetMasses = ReadonlyMap<string, SheetMass>

const ONE = /^(\S+?)\s*(?:[=:]\s*|\s)(\d+(?:[.,]\d+)?)$/

function readOne(text: string): readonly [string, SheetMass] {
  const [, formula, mass] = ONE.exec(text) ?? []
  if (formula === undefined || mass === undefined)
    throw new ChemistryError('masses.unreadable', `'${text}' is no mass: write a formula and its mass, like Cu 63.5.`, { text })
  const written = mass.replace(',', '.')
  if (new Exact(written).isZero()) throw new ChemistryError('masses.nought', `A mass of nought cannot be: '${text}'.`, { text })
  return [speciesKey(parseFormula(formula)), { value: new Exact(written), text: written }]
}

const READ = new Memory<string, SheetMasses>(200)

/**
 * Reads the masses a sheet gives: `Cu 63.5; C6H8O7 192`. Those of elements are used in every formula, those of compounds
 * for the compound itself.
 *
 * @throws ChemistryError `masses.…` or `formula.…`
 */
export function readSheetMasses(text: string): SheetMasses {
  return READ.recall(
    text,
    () =>
      new Map(
        text
          .split(/[;\n]|,(?!\d)/)
          .map((one) => one.trim())
          .filter((one) => one !== '')
          .map(readOne),
      ),
  )
}

/** The mass that a sheet gives for a species itself, or undefined. */
export const givenMass = (masses: SheetMasses, formula: Formula): SheetMass | undefined => masses.get(speciesKey(formula))

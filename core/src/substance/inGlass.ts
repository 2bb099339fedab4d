import { Memory } from '../memory/index.ts'
import type { ChemicalColour } from '../palette/index.ts'
import { ChemistryError } from '../problem/index.ts'
import { CARE_BY_FORMULA } from './cautions.ts'
import { parseFormula, speciesKey } from './formula.ts'
import { dissociate } from './ions.ts'
import { ION_TABLE, type IonRow } from './ionTable.ts'

/** What a solution looks like in glass. */
export interface SolutionLook {
  readonly colour: ChemicalColour
  /** Too dark to see the bottom of the meniscus through it. */
  readonly dark: boolean
}

const ROWS: ReadonlyMap<string, IonRow> = new Map(ION_TABLE.map((row) => [speciesKey(parseFormula(row.ion)), row]))
/** What is coloured and no salt: it takes the row of the ion that it is dissolved as. */
const DISSOLVED_AS: Readonly<Record<string, string>> = { I2: 'I3-' }

/** What is typed ends up here. */
const MOST_REMEMBERED = 2000
const remembered = new Memory<string, readonly IonRow[]>(MOST_REMEMBERED)

/** The rows of the ions in a solute; none for what cannot be read or is not made of ions. */
function rowsOf(solute: string): readonly IonRow[] {
  return remembered.recall(solute, () => {
    try {
      const formula = parseFormula(DISSOLVED_AS[solute] ?? solute)
      const ions = formula.charge === 0 ? (dissociate(formula)?.map(({ ion }) => ion) ?? []) : [formula]
      return ions.flatMap((ion) => ROWS.get(speciesKey(ion)) ?? [])
    } catch (error) {
      if (error instanceof ChemistryError) return []
      throw error
    }
  })
}

/** How a solution of a solute looks; colourless when nothing else is known. */
export function colourOfSolution(solute: string | undefined): SolutionLook {
  const row = solute === undefined ? undefined : rowsOf(solute).find(({ salts }) => salts !== undefined)
  return { colour: row?.salts ?? 'colourless', dark: row?.dark ?? false }
}

/** The usual caution for a solute, or undefined where there is none beyond good habits. */
export function careOf(solute: string | undefined): string | undefined {
  if (solute === undefined) return undefined
  return CARE_BY_FORMULA[solute] ?? rowsOf(solute).find(({ care }) => care !== undefined)?.care
}

import { ChemistryError } from '../problem/index.ts'
import { type Formula, parseFormula } from '../substance/index.ts'

/** A formula that a student wrote, or nothing where it is none or cannot be read. */
export function parseOr(text: string | undefined): Formula | undefined {
  if (text === undefined) return undefined
  try {
    return parseFormula(text)
  } catch (error) {
    if (error instanceof ChemistryError) return undefined
    throw error
  }
}

import { countIn, type Formula, parseFormula } from '../../substance/index.ts'
import type { Bench } from '../Bench.ts'

/** Something that was put somewhere: a material, or what was weighed. */
interface Ingredient {
  readonly material: string
  readonly by?: string | undefined
}

const PROTON = parseFormula('H+')
const WATER = parseFormula('H2O')

/** Hydrogen ions and water count as in excess in a titration, unless nothing else is left. */
export function isMedium(formula: Formula): boolean {
  return (
    (countIn(formula, PROTON) === 1 && countIn(PROTON, formula) === 1) ||
    (countIn(formula, WATER) === 1 && countIn(WATER, formula) === 1)
  )
}

/**
 * Which ingredients a species can come from: those known to hold it; where none is, those whose contents are
 * unknown, and of several such the one measured out by pipette or burette, else the first.
 */
export function holdersOf<Some extends Ingredient>(
  bench: Bench,
  species: Formula,
  ingredients: readonly Some[],
): readonly Some[] {
  const known = ingredients.filter(({ material }) => {
    const solute = bench.solute(material)
    return solute !== undefined && countIn(species, solute) > 0
  })
  if (known.length > 0) return known
  const unknown = ingredients.filter(({ material }) => bench.solute(material) === undefined)
  const measured = unknown.filter(({ by }) => by === 'pipette' || by === 'burette')
  const likely = measured.length > 0 ? measured : unknown
  return likely.slice(0, 1)
}

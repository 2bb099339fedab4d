import type { ElementSymbol } from './elements.ts'
import { compositionOf, type Formula, parseFormula, sameSpecies, waterOf } from './formula.ts'
import { dissociate } from './ions.ts'

/** A ratio of whole numbers in lowest terms. */
export interface Fraction {
  readonly over: number
  readonly under: number
}

const WATER = parseFormula('H2O')

function loneElement(formula: Formula): ElementSymbol | undefined {
  const [first, ...more] = formula.parts
  const alone = formula.charge === 0 && more.length === 0 && first?.kind === 'element' && first.count === 1
  return alone ? first.symbol : undefined
}

/** Counts asked for before; formulae are never changed. */
const COUNTED = new WeakMap<Formula, WeakMap<Formula, number>>()

/**
 * How many of a species one formula unit of a substance holds or gives in water; 0 when none.
 * A lone element counts atoms, an ion counts what the salt dissociates into, `H2O` counts water of crystallisation.
 *
 * @example
 * countIn(parseFormula('MnO4-'), parseFormula('KMnO4')) // 1
 */
export function countIn(species: Formula, substance: Formula): number {
  const row = COUNTED.get(substance) ?? new WeakMap<Formula, number>()
  COUNTED.set(substance, row)
  const known = row.get(species)
  if (known !== undefined) return known
  const count = findCount(species, substance)
  row.set(species, count)
  return count
}

function findCount(species: Formula, substance: Formula): number {
  if (sameSpecies(species, substance)) return 1
  const element = loneElement(species)
  if (element) return compositionOf(substance).get(element) ?? 0
  const { salt, water } = waterOf(substance)
  if (water > 0 && sameSpecies(species, WATER)) return water
  if (water > 0 && sameSpecies(species, salt)) return 1
  return dissociate(substance)?.find(({ ion }) => sameSpecies(ion, species))?.count ?? 0
}

function lowest(over: number, under: number): Fraction {
  const divisor = (a: number, b: number): number => (b === 0 ? a : divisor(b, a % b))
  const by = divisor(over, under)
  return { over: over / by, under: under / by }
}

/** Hydrogen and oxygen are nearly everywhere, so sharing them says nothing. */
const NOT_TELLING = new Set<ElementSymbol>(['H', 'O'])

/**
 * Amount of `asked` that goes with one mole of `known` in the same sample, or undefined when they have nothing to
 * do with each other: by holding (Fe in Fe2+, FeSO4 from Fe2+), else by the one telling element they share
 * (Fe2O3 from Fe2+: 1/2).
 */
export function amountRatio(asked: Formula, known: Formula): Fraction | undefined {
  const holds = countIn(asked, known)
  if (holds > 0) return { over: holds, under: 1 }
  const held = countIn(known, asked)
  if (held > 0) return { over: 1, under: held }
  const [a, b] = [compositionOf(asked), compositionOf(known)]
  const shared = [...a].filter(([symbol]) => !NOT_TELLING.has(symbol) && b.has(symbol))
  const ratios = shared.map(([symbol, count]) => lowest(b.get(symbol) ?? 1, count))
  const [first, ...others] = ratios
  const agreed = first && others.every((ratio) => ratio.over === first.over && ratio.under === first.under)
  return agreed ? first : undefined
}

import { type AtomSymbol, compositionOf, type Formula, hasSomeWater, parseFormula, sameSpecies, waterOf } from './formula.ts'
import { dissociate, fixedCharge } from './ions.ts'

const WATER = parseFormula('H2O')
const PROTON = parseFormula('H+')
/** Elements of which a salt with an unknown number of waters holds nobody knows how many. */
const OF_WATER: ReadonlySet<AtomSymbol> = new Set(['H', 'O'])
const OXONIUM = parseFormula('H3O+')

/** The element whose atoms a formula without charge stands for (`Fe`, not `I2`); undefined for anything else. */
export function loneElement(formula: Formula): AtomSymbol | undefined {
  const [first, ...more] = formula.parts
  const alone = formula.charge === 0 && more.length === 0 && first?.kind === 'element' && first.count === 1
  return alone ? first.symbol : undefined
}

/** Counts asked for before; formulae are never changed. */
const COUNTED = new WeakMap<Formula, WeakMap<Formula, number>>()

/**
 * How many of a species one formula unit of a substance holds or gives in water; 0 when none.
 * A lone element counts atoms, an ion counts what the salt dissociates into, `H2O` counts water of crystallisation, and
 * `H3O+` is the acid hydrogen that `H+` is.
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
  const open = hasSomeWater(substance)
  if (element) return open && OF_WATER.has(element) ? 0 : (compositionOf(substance).get(element) ?? 0)
  const { salt, water } = waterOf(substance)
  if (water > 0 && sameSpecies(species, WATER)) return water
  if ((water > 0 || open) && sameSpecies(species, salt)) return 1
  if (sameSpecies(species, OXONIUM)) return countIn(PROTON, substance)
  const inIons = dissociate(substance)?.find(({ ion }) => sameSpecies(ion, species))?.count
  return inIons ?? anionsIn(species, substance)
}

/** More anions than this to a formula unit no salt has. */
const MOST_ANIONS = 4

/**
 * How many of an anion, whether or not it is in the table of ions, leave nothing but cations of one charge behind: one
 * H2Y^2- in Na2H2Y, one HCO3- in NaHCO3.
 */
function anionsIn(anion: Formula, salt: Formula): number {
  if (anion.charge >= 0 || salt.charge !== 0) return 0
  for (let count = 1; count <= MOST_ANIONS; count++) {
    const cations = cationsBeside(anion, count, waterOf(salt).salt)
    if (cations === undefined) return 0
    if (cations === -anion.charge * count) return count
  }
  return 0
}

/** The charge of what a salt holds beside so many anions, if that is only atoms whose cations have one charge each. */
function cationsBeside(anion: Formula, count: number, salt: Formula): number | undefined {
  const left = new Map(compositionOf(salt))
  for (const [symbol, atoms] of compositionOf(anion)) left.set(symbol, (left.get(symbol) ?? 0) - atoms * count)
  if ([...left.values()].some((atoms) => atoms < 0)) return undefined
  const charges = [...left].map(([symbol, atoms]) => (atoms === 0 ? 0 : (fixedCharge(symbol) ?? Number.NaN) * atoms))
  return charges.reduce((total, charge) => total + charge, 0)
}

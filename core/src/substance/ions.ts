import type { ElementSymbol } from './elements.ts'
import { type Composition, compositionOf, type Formula, parseFormula, waterOf } from './formula.ts'

/** An ion and how many of it one formula unit gives in water. */
export interface IonCount {
  readonly ion: Formula
  readonly count: number
}

/**
 * Anions that salts and acids of school chemistry are made of; those that hold a metal come first, so that
 * the metal of `KMnO4` is not taken for a cation, and larger before smaller. Common practice.
 */
const ANIONS = [
  'MnO4-',
  'Cr2O7^2-',
  'CrO4^2-',
  'Fe(CN)6^4-',
  'Fe(CN)6^3-',
  'VO3-',
  'MoO4^2-',
  'S2O8^2-',
  'S4O6^2-',
  'S2O3^2-',
  'B4O7^2-',
  'C10H12N2O8^4-',
  'C8H4O4^2-',
  'C6H5O7^3-',
  'C4H4O6^2-',
  'C2O4^2-',
  'CH3COO-',
  'HCOO-',
  'C7H5O2-',
  'C3H5O3-',
  'C6H7O6-',
  'SCN-',
  'CN-',
  'CO3^2-',
  'SO4^2-',
  'SO3^2-',
  'PO4^3-',
  'NO3-',
  'NO2-',
  'IO3-',
  'BrO3-',
  'ClO4-',
  'ClO3-',
  'ClO-',
  'OH-',
  'F-',
  'Cl-',
  'Br-',
  'I-',
  'S^2-',
  'O^2-',
] as const

/** Charges of cations that have only one in school chemistry; other metals take what the anions leave. */
const FIXED_CHARGES: Partial<Record<ElementSymbol, number>> = {
  Li: 1,
  Na: 1,
  K: 1,
  Rb: 1,
  Cs: 1,
  Ag: 1,
  H: 1,
  Mg: 2,
  Ca: 2,
  Sr: 2,
  Ba: 2,
  Zn: 2,
  Cd: 2,
  Al: 3,
}
const METALS = new Set<string>(
  'Li Na K Rb Cs Be Mg Ca Sr Ba Al Sc Ti V Cr Mn Fe Co Ni Cu Zn Ga Y Zr Ag Cd In Sn Sb Hg Tl Pb Bi Ce Pt Au'.split(' '),
)

/** The anions of the table as formulae. */
export const COMMON_IONS: readonly Formula[] = ANIONS.map(parseFormula)
const AMMONIUM = parseFormula('NH4+')
const PARTS_OF_ANIONS = COMMON_IONS.map((ion) => ({ ion, atoms: compositionOf(ion) }))

function timesWithin(part: Composition, whole: Composition): number {
  return Math.min(...[...part].map(([symbol, count]) => Math.floor((whole.get(symbol) ?? 0) / count)))
}

function without(whole: Composition, part: Composition, times: number): Map<ElementSymbol, number> {
  const left = new Map(whole)
  for (const [symbol, count] of part) {
    const rest = (left.get(symbol) ?? 0) - count * times
    if (rest === 0) left.delete(symbol)
    else left.set(symbol, rest)
  }
  return left
}

/** Every way to take the atoms apart into anions of the table, in its order, and cations that make up the charge. */
function* splits(atoms: Composition, from: number, taken: readonly IonCount[]): Generator<readonly IonCount[]> {
  const closed = taken.length > 0 ? withCations(atoms, taken) : undefined
  if (closed) yield closed
  for (let index = from; index < PARTS_OF_ANIONS.length; index++) {
    const candidate = PARTS_OF_ANIONS[index]
    if (!candidate) break
    for (let times = timesWithin(candidate.atoms, atoms); times > 0; times--) {
      yield* splits(without(atoms, candidate.atoms, times), index + 1, [...taken, { ion: candidate.ion, count: times }])
    }
  }
}

/** The way with the fewest kinds of ion: Cu2(OH)2CO3 is carbonate and hydroxide, not methanoate, hydroxide and oxide. */
function split(atoms: Composition): readonly IonCount[] | undefined {
  let best: readonly IonCount[] | undefined
  for (const found of splits(atoms, 0, [])) if (!best || found.length < best.length) best = found
  return best
}

function withCations(atoms: Composition, anions: readonly IonCount[]): readonly IonCount[] | undefined {
  let negative = -anions.reduce((total, { ion, count }) => total + ion.charge * count, 0)
  const cations: IonCount[] = []
  let left = new Map(atoms)
  const ammonium = timesWithin(compositionOf(AMMONIUM), left)
  if (ammonium > 0) {
    cations.push({ ion: AMMONIUM, count: ammonium })
    left = without(left, compositionOf(AMMONIUM), ammonium)
    negative -= ammonium
  }
  const open: [ElementSymbol, number][] = []
  for (const [symbol, count] of left) {
    const fixed = FIXED_CHARGES[symbol]
    if (fixed !== undefined) {
      cations.push({ ion: parseFormula(`${symbol}^${fixed}+`), count })
      negative -= fixed * count
    } else if (METALS.has(symbol)) open.push([symbol, count])
    else return undefined
  }
  const [last, ...more] = open
  if (!last) return negative === 0 ? [...cations, ...anions] : undefined
  const charge = negative / last[1]
  if (more.length > 0 || !Number.isInteger(charge) || charge < 1 || charge > 4) return undefined
  return [...cations, { ion: parseFormula(`${last[0]}^${charge}+`), count: last[1] }, ...anions]
}

const MEMORY = new Map<string, readonly IonCount[] | undefined>()

/**
 * The ions a neutral salt, base or acid is made of, with acid hydrogen as H+, or undefined when it is not made of
 * the ions listed here (ethanol, water, sulfur).
 *
 * @example
 * dissociate(parseFormula('(NH4)2Fe(SO4)2.6H2O')) // 2 NH4+, Fe2+, 2 SO4^2-
 */
export function dissociate(formula: Formula): readonly IonCount[] | undefined {
  if (formula.charge !== 0) return undefined
  const key = formula.text
  if (MEMORY.has(key)) return MEMORY.get(key)
  const found = split(compositionOf(waterOf(formula).salt))
  MEMORY.set(key, found)
  return found
}

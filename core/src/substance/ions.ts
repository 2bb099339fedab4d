import { Memory } from '../memory/index.ts'
import { type AtomSymbol, type Composition, compositionOf, type Formula, parseFormula, waterOf } from './formula.ts'
import { ION_TABLE } from './ionTable.ts'
import { isStandIn } from './standIns.ts'

/** An ion and how many of it one formula unit gives in water. */
export interface IonCount {
  readonly ion: Formula
  readonly count: number
}

/** Charges of cations that have only one in school chemistry; other metals take what the anions leave. */
const FIXED_CHARGES: Partial<Record<AtomSymbol, number>> = {
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
/** Charge of the cations of an element, or of a letter for one, where they have only one. */
export const fixedCharge = (symbol: AtomSymbol): number | undefined => FIXED_CHARGES[symbol]

const METALS = new Set<string>(
  'Li Na K Rb Cs Be Mg Ca Sr Ba Al Sc Ti V Cr Mn Fe Co Ni Cu Zn Ga Zr Ag Cd In Sn Sb Hg Tl Pb Bi Ce Pt Au'.split(' '),
)

/** Whether an anion holds a metal: it is taken out first, so that the metal of `KMnO4` is not taken for a cation. */
const holdsMetal = (ion: Formula) => [...compositionOf(ion).keys()].some((symbol) => METALS.has(symbol))
const sizeOf = (ion: Formula) => [...compositionOf(ion).values()].reduce((total, count) => total + count, 0)

/** The anions of the table as formulae, those that hold a metal first, larger before smaller. */
export const COMMON_IONS: readonly Formula[] = ION_TABLE.filter(({ holdsAcid }) => !holdsAcid)
  .map(({ ion }) => parseFormula(ion))
  .filter(({ charge }) => charge < 0)
  .toSorted((a, b) => Number(holdsMetal(b)) - Number(holdsMetal(a)) || sizeOf(b) - sizeOf(a))
const AMMONIUM = parseFormula('NH4+')
const PARTS_OF_ANIONS = COMMON_IONS.map((ion) => ({ ion, atoms: compositionOf(ion) }))

function timesWithin(part: Composition, whole: Composition): number {
  return Math.min(...[...part].map(([symbol, count]) => Math.floor((whole.get(symbol) ?? 0) / count)))
}

function without(whole: Composition, part: Composition, times: number): Map<AtomSymbol, number> {
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

const cation = (symbol: string, charge: number) => parseFormula(charge === 1 ? `${symbol}+` : `${symbol}^${charge}+`)

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
  const open: [AtomSymbol, number][] = []
  for (const [symbol, count] of left) {
    const fixed = FIXED_CHARGES[symbol]
    if (fixed !== undefined) {
      cations.push({ ion: cation(symbol, fixed), count })
      negative -= fixed * count
    } else if (METALS.has(symbol) || isStandIn(symbol)) open.push([symbol, count])
    else return undefined
  }
  const [last, ...more] = open
  if (!last) return negative === 0 ? [...cations, ...anions] : undefined
  const charge = negative / last[1]
  if (more.length > 0 || !Number.isInteger(charge) || charge < 1 || charge > 4) return undefined
  return [...cations, { ion: cation(last[0], charge), count: last[1] }, ...anions]
}

/** A letter that stands for an anion, beside cations of one charge each: HX, H2X, NaHX, MgX2 with any letter. */
function asUnknownAnion(atoms: Composition): readonly IonCount[] | undefined {
  const [unknown, ...more] = [...atoms].filter(([symbol]) => isStandIn(symbol))
  if (!unknown || more.length > 0) return undefined
  const [symbol, count] = unknown
  const cations = [...atoms]
    .filter(([other]) => other !== symbol)
    .map(([other, number]): IonCount | undefined => {
      const charge = FIXED_CHARGES[other]
      return charge === undefined ? undefined : { ion: cation(other, charge), count: number }
    })
  if (cations.length === 0 || cations.some((one) => one === undefined)) return undefined
  const known = cations.filter((one) => one !== undefined)
  const charge = known.reduce((total, one) => total + one.ion.charge * one.count, 0) / count
  if (!Number.isInteger(charge)) return undefined
  return [...known, { ion: parseFormula(`${symbol}${charge === 1 ? '' : `^${charge}`}-`), count }]
}

/** What is typed ends up here. */
const MOST_REMEMBERED = 2000
const remembered = new Memory<string, readonly IonCount[] | undefined>(MOST_REMEMBERED)

/**
 * The ions a neutral salt, base or acid is made of, with acid hydrogen as H+, or undefined when it is not made of
 * the ions listed here (ethanol, water, sulfur).
 *
 * @example
 * dissociate(parseFormula('(NH4)2Fe(SO4)2.6H2O')) // 2 NH4+, Fe2+, 2 SO4^2-
 */
export function dissociate(formula: Formula): readonly IonCount[] | undefined {
  if (formula.charge !== 0) return undefined
  return remembered.recall(formula.text, () => {
    const atoms = compositionOf(waterOf(formula).salt)
    return split(atoms) ?? asUnknownAnion(atoms)
  })
}

import { compositionOf, countIn, type Formula, loneElement, nameOf, parseFormula, sameSpecies } from '../../substance/index.ts'
import type { Bench } from '../Bench.ts'
import type { Factor } from '../network.ts'
import type { Place } from '../place.ts'
import type { Key } from '../quantity.ts'

const PROTON = parseFormula('H+')

/** What is known of the species at a place, and what of it is to be tied in. */
export interface Here {
  /** Everything spoken of, what is to be tied in among it. */
  readonly species: readonly Formula[]
  /** Those to be tied in: all that the record speaks of, or what a question asks beside that. */
  readonly fresh: readonly Formula[]
  /** What the bottles there are labelled with. */
  readonly labels: readonly Formula[]
  /** What an acid was run into. */
  readonly bases: readonly Formula[]
  /** Whether only a question speaks of the fresh ones. */
  readonly asked: boolean
  /** A species all of which, as the question says, is there as the fresh one that holds it. */
  readonly countedBy?: Formula | undefined
}

/** One species that another holds: an ion of a salt, an element of a compound, the salt of a hydrate. */
interface Holding {
  readonly part: Formula
  readonly whole: Formula
  /** How many to one of the whole. */
  readonly count: number
}

function holdingOf(one: Formula, other: Formula): Holding | undefined {
  const inOther = countIn(one, other)
  if (inOther > 0) return { part: one, whole: other, count: inOther }
  const inOne = countIn(other, one)
  return inOne > 0 ? { part: other, whole: one, count: inOne } : undefined
}

const holds = (whole: Formula, part: Formula) => countIn(part, whole) > 0
const among = (formula: Formula, list: readonly Formula[]) => list.some((one) => sameSpecies(one, formula))

/** Whether a whole holds hydrogen ions beside its part: NaHCO3 beside CO3^2-, but not beside HCO3-. */
function bringsHydrogen({ part, whole, count }: Holding): boolean {
  const hydrogen = (formula: Formula) => compositionOf(formula).get('H') ?? 0
  return holds(whole, PROTON) && hydrogen(whole) > count * hydrogen(part)
}

/**
 * Whether the whole may be counted from its part. The chloride of a bottle labelled KCl is not there as NaCl; and an
 * element does not tell which compound of it a question means, though a reaction in the record does (iron wire and Fe2+);
 * and what brings hydrogen ions of its own takes up fewer than the base that was titrated (NaHCO3 and CO3^2-).
 */
function mayAscend(holding: Holding, { labels, bases, asked, fresh, countedBy }: Here): boolean {
  const { part, whole } = holding
  if (countedBy && sameSpecies(part, countedBy) && among(whole, fresh)) return true
  if (among(part, bases) && bringsHydrogen(holding)) return false
  if (loneElement(part) && asked && among(whole, fresh)) return false
  const rivals = labels.filter((label) => holds(label, part) && !sameSpecies(label, part))
  return rivals.length === 0 || rivals.some((label) => holds(label, whole) || holds(whole, label))
}

const allAs = (part: Formula, whole: Formula) => `all of the ${nameOf(part)} is there as ${whole.text}`

/** The whole that only a question names need not be all that holds the part. */
const ascentAssumes = ({ part, whole }: Holding, { fresh, asked }: Here) =>
  (asked && among(whole, fresh)) || loneElement(part) ? allAs(part, whole) : undefined

/** What is titrated is one state of an element; what a label names is all there is of it. */
const descentAssumes = ({ part, whole }: Holding, { labels }: Here) =>
  loneElement(part) && whole.charge !== 0 && !labels.some((label) => holds(label, part))
    ? `all of the ${nameOf(part)} took part as ${whole.text}`
    : undefined

function relateHolding(bench: Bench, holding: Holding, here: Here, keyOf: (species: Formula) => Key): void {
  const { part, whole, count } = holding
  const [partKey, wholeKey] = [keyOf(part), keyOf(whole)]
  if (partKey === wholeKey) return
  const tie = (gives: Key, from: Key, factor: Factor, assumes: string | undefined) =>
    bench.network.product({ gives, over: [from], factor, ...countedLike(count), ...(assumes === undefined ? {} : { assumes }) })
  tie(partKey, wholeKey, { over: count, under: 1 }, descentAssumes(holding, here))
  if (mayAscend(holding, here)) tie(wholeKey, partKey, { over: 1, under: count }, ascentAssumes(holding, here))
}

/** How a line that counts one species from another is written: with both names, and not at all where the ratio is one. */
const countedLike = (count: number) => ({
  full: true,
  factorFirst: true,
  silent: count === 1,
  cost: count === 1 ? 0.1 : 1,
  oneWay: true,
})

function relatePairs(bench: Bench, here: Here, keyOf: (species: Formula) => Key): void {
  const { species, fresh } = here
  species.forEach((one, index) => {
    for (const other of species.slice(index + 1)) {
      const holding = among(one, fresh) || among(other, fresh) ? holdingOf(one, other) : undefined
      if (holding) relateHolding(bench, holding, here, keyOf)
    }
  })
}

/** Ties together the amounts of species of which one holds the other (Fe and Fe2+, CH3COOH and H+). */
export function relateSpecies(bench: Bench, place: Place, here: Here): void {
  relatePairs(bench, here, (one) => bench.amount(one, place))
}

/** The same for concentrations in a material. */
export function relateSpeciesInSolution(bench: Bench, material: string, here: Here): void {
  relatePairs(bench, here, (one) => bench.concentration(one, material))
}

/** Mass of each species at a place: m = nM. */
export function relateMasses(bench: Bench, place: Place, species: readonly Formula[]): void {
  for (const one of species) {
    bench.network.product({ gives: bench.mass(one, place), over: [bench.amount(one, place), bench.molarMass(one)] })
  }
}

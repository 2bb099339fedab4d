import { amountRatio, countIn, type Formula, sameSpecies } from '../../substance/index.ts'
import type { Bench } from '../Bench.ts'
import type { Place } from '../place.ts'
import type { Key } from '../quantity.ts'

/** Species that may be counted from one another only because they share an element. */
export interface Loose {
  /** What a question asks for and no equation names. */
  readonly asked: readonly Formula[]
  /** What stands in an equation, so that its amount comes from a titration. */
  readonly reacting: readonly Formula[]
}

const holds = (one: Formula, other: Formula) => countIn(one, other) > 0 || countIn(other, one) > 0
const among = (formula: Formula, list: readonly Formula[]) => list.some((one) => sameSpecies(one, formula))

/** An oxide asked for is counted from a reacting ion of its metal, unless something here holds it or is held by it. */
function allowed(asked: Formula, known: Formula, species: readonly Formula[], loose: Loose): boolean {
  if (holds(asked, known)) return true
  const better = species.some((one) => !sameSpecies(one, asked) && among(one, loose.reacting) && holds(asked, one))
  return !better && among(asked, loose.asked) && among(known, loose.reacting)
}

function relatePair(bench: Bench, asked: Formula, known: Formula, keyOf: (species: Formula) => Key): void {
  const ratio = amountRatio(asked, known)
  if (!ratio) return
  const [gives, from] = [keyOf(asked), keyOf(known)]
  if (gives === from) return
  const one = ratio.over === 1 && ratio.under === 1
  bench.network.product({
    gives,
    over: [from],
    factor: ratio,
    full: true,
    factorFirst: true,
    silent: one,
    cost: one ? 0.1 : 1,
  })
}

/** Ties together the amounts of species that are counted from one another (Fe and Fe2+, CH3COOH and H+). */
export function relateSpecies(bench: Bench, place: Place, species: readonly Formula[], loose: Loose): void {
  forPairs(species, loose, (asked, known) => relatePair(bench, asked, known, (one) => bench.amount(one, place)))
}

/** The same for concentrations in a material. */
export function relateSpeciesInSolution(bench: Bench, material: string, species: readonly Formula[], loose: Loose): void {
  forPairs(species, loose, (asked, known) => relatePair(bench, asked, known, (one) => bench.concentration(one, material)))
}

function forPairs(species: readonly Formula[], loose: Loose, relate: (asked: Formula, known: Formula) => void): void {
  species.forEach((one, index) => {
    for (const other of species.slice(index + 1)) {
      // The one that holds the other is what is known of; the relation can be turned round anyway.
      const [asked, known] = countIn(other, one) > 0 ? [other, one] : [one, other]
      if (allowed(asked, known, species, loose)) relate(asked, known)
      else if (allowed(known, asked, species, loose)) relate(known, asked)
    }
  })
}

/** Mass of each species at a place: m = nM. */
export function relateMasses(bench: Bench, place: Place, species: readonly Formula[]): void {
  for (const one of species) {
    bench.network.product({ gives: bench.mass(one, place), over: [bench.amount(one, place), bench.molarMass(one)] })
  }
}

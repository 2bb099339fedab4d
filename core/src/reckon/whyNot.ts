import { type AtomSymbol, compositionOf, countIn, type Formula, loneElement, nameOf, parseFormula } from '../substance/index.ts'
import type { Bench } from './Bench.ts'
import type { Solved } from './built.ts'
import { heated, inMaterial, inTitration, type Place, weighed } from './place.ts'
import type { Presence } from './relations/presence.ts'
import type { Spoken } from './relations/spokenOf.ts'

/** Why nothing in the record leads to a species, in words; and an element it could be counted by if the student says so. */
export interface WhyNot {
  readonly says: string
  readonly couldCountBy?: AtomSymbol
}

/** Hydrogen and oxygen are nearly everywhere, so that two things hold them ties them to nothing. */
const NOT_TELLING = new Set<AtomSymbol>(['H', 'O'])

function sharedElement(asked: Formula, measured: readonly Formula[]): AtomSymbol | undefined {
  return [...compositionOf(asked).keys()].find(
    (symbol) => !NOT_TELLING.has(symbol) && measured.some((one) => compositionOf(one).has(symbol)),
  )
}

/** Everywhere that parts of the sample are which a question is about. */
function placesOfSample({ task }: Bench, presence: Presence, sample: Place): readonly Place[] {
  const places = [
    ...task.materials.map(({ id }) => inMaterial(id)),
    ...task.parts.flatMap((part): readonly Place[] => {
      if (part.kind === 'weighing') return [weighed(part.id)]
      if (part.kind === 'heating') return [heated(part.id)]
      return part.kind === 'titration' ? [inTitration({ part }, 'flask')] : []
    }),
  ]
  return places.filter((place) => presence.together(place, sample))
}

/** The species that the record leads to an amount or concentration of, anywhere in the sample. */
function measuredIn({ bench, solution }: Solved, presence: Presence, { place: sample, species }: Spoken): readonly Formula[] {
  const places = placesOfSample(bench, presence, sample)
  const known = presence.of(sample).species.filter((one) => !species.includes(one))
  return known.filter((one) =>
    places.some((place) => {
      const keys = [bench.amount(one, place), ...(place.kind === 'material' ? [bench.concentration(one, place.id)] : [])]
      return keys.some((key) => solution.has(key))
    }),
  )
}

/** Says why a question about a species cannot be answered, and what would help; undefined where that is not the trouble. */
export function whyNot(
  solved: Solved,
  presence: Presence,
  spoken: Spoken & { readonly mayBeCounted: boolean },
): WhyNot | undefined {
  const [asked] = spoken.species
  const measured = measuredIn(solved, presence, spoken)
  if (!asked || spoken.countedBy || measured.length === 0) return undefined
  if (measured.some((one) => countIn(asked, one) > 0)) return undefined
  const shared = loneElement(asked) || !spoken.mayBeCounted ? undefined : sharedElement(asked, measured)
  const found = measured.map(({ text }) => text).join(' and ')
  const link = `write the reaction that links ${asked.text} with ${measured.length > 1 ? 'one of them' : 'it'}`
  if (!shared) return { says: `what was measured there is ${found}, which says nothing of ${asked.text}: ${link}` }
  const element = nameOf(parseFormula(shared))
  return {
    says: `what was measured there is ${found}, not ${asked.text}: ${link}, or say in the question that all of the ${element} is there as ${asked.text}`,
    couldCountBy: shared,
  }
}

import type { Features } from '../features.ts'
import { freshOf, playAfresh } from '../foretell.ts'
import { areCompatible } from '../hypothesis.ts'
import { CANDIDATES } from '../ions.ts'
import { textOfActs, USUAL_ACTS } from './acts.ts'
import type { UsualTable } from './lookUp.ts'

/** Plays every usual act with every ion by itself. */
export function makeUsualTable(): UsualTable {
  const places = new Map<string, number>()
  const placeOf = (features: Features | undefined): number => {
    if (!features) return -1
    const text = JSON.stringify(features)
    const place = places.get(text) ?? places.size
    places.set(text, place)
    return place
  }
  const shows: Record<string, readonly number[]> = {}
  for (const acts of USUAL_ACTS) {
    const rows = CANDIDATES.map((one) => playAfresh({ ions: [one] }, freshOf('solution'), acts))
    acts.forEach((_, last) => {
      shows[textOfActs(acts.slice(0, last + 1))] ??= rows.map((features) => placeOf(features?.[last]))
    })
  }
  const stands = CANDIDATES.map((one) => CANDIDATES.map((other) => (areCompatible(one, other) ? '1' : '0')).join(''))
  return {
    ions: CANDIDATES.map(({ ion }) => ion),
    features: [...places.keys()].map((text) => JSON.parse(text) as Features),
    shows,
    stands,
  }
}

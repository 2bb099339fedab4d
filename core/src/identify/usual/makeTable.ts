import type { Features } from '../features.ts'
import { freshOf, playAfresh } from '../foretell.ts'
import { areCompatible, keyOf } from '../hypothesis.ts'
import { CANDIDATES } from '../ions.ts'
import { strengthsOf } from '../strengths.ts'
import { textOfActs, USUAL_ACTS } from './acts.ts'
import type { UsualTable } from './lookUp.ts'

/** Every ion at each strength at which it is taken or weighed. */
const TABLED = [
  ...new Map(CANDIDATES.flatMap((one) => [one, ...strengthsOf(one)]).map((one) => [keyOf({ ions: [one] }), one])).values(),
]

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
    const rows = TABLED.map((one) => playAfresh({ ions: [one] }, freshOf('solution'), acts))
    acts.forEach((_, last) => {
      shows[textOfActs(acts.slice(0, last + 1))] ??= rows.map((features) => placeOf(features?.[last]))
    })
  }
  const stands = CANDIDATES.map((one) => CANDIDATES.map((other) => (areCompatible(one, other) ? '1' : '0')).join(''))
  return {
    ions: TABLED.map((one) => keyOf({ ions: [one] })),
    features: [...places.keys()].map((text) => JSON.parse(text) as Features),
    shows,
    standing: CANDIDATES.map(({ ion }) => ion),
    stands,
  }
}

import { LIQUIDS, playLiquid, saySigns } from '../liquids/index.ts'
import { bringsUnknown, sayFact, type TubeStep } from '../tube/index.ts'
import { contentsBefore, playedStep } from './foretell.ts'
import { CANDIDATES } from './ions.ts'
import { type Rack, type RackKnown, recordsOf } from './record.ts'

/** A way in which a test usually comes out, as a student would write it. */
export interface Offer {
  readonly says: string
  /** How likely it is, from what has been recorded; only for the order. */
  readonly weight: number
}

const USUAL = 0.02
const MOST = 6
const NOTHING = 'no visible change'

/** What the last of some steps shows with each of the liquids, the commoner first. */
function offersOfLiquids(steps: readonly TubeStep[]): readonly Offer[] {
  const weights = new Map<string, number>([[NOTHING, 0]])
  for (const liquid of Object.values(LIQUIDS)) {
    const says = saySigns((playLiquid(liquid, steps).at(-1) ?? []).filter(({ often }) => often === 1))
    weights.set(says, (weights.get(says) ?? 0) + USUAL)
  }
  return offered(weights)
}

const offered = (weights: ReadonlyMap<string, number>): readonly Offer[] =>
  [...weights]
    .map(([says, weight]) => ({ says, weight }))
    .toSorted((a, b) => b.weight - a.weight)
    .slice(0, MOST)

/**
 * The usual outcomes of a step in a tube: what each ion by itself would show, the likelier ones first. All of them are
 * offered, so that the offer does not give the answer away.
 *
 * @param probabilities - how likely each ion is so far
 */
export function offersFor(
  samples: Rack['samples'],
  tubeId: string,
  step: TubeStep,
  probabilities: Readonly<Record<string, number>> = {},
  known: RackKnown = {},
): readonly Offer[] {
  const tube = recordsOf(samples, known)
    .flatMap(({ tubes }) => tubes)
    .find(({ id }) => id === tubeId)
  if (!tube) return []
  const before = [...tube.before, ...tube.did]
  const home = samples.find(({ tubes }) => tubes.some(({ id }) => id === tubeId))?.material
  if (home !== undefined && known.liquids?.includes(home)) return offersOfLiquids([...before, step])
  if ([...before, step].some(bringsUnknown)) return []
  const weights = new Map<string, number>([[NOTHING, USUAL]])
  for (const one of CANDIDATES) {
    const begun = contentsBefore({ ions: [one] }, { ...tube, before })
    const says =
      begun &&
      playedStep(begun, step)
        ?.shown.facts.filter(({ kind }) => kind !== 'noChange')
        .map(sayFact)
        .join('; ')
    if (says) weights.set(says, (weights.get(says) ?? 0) + USUAL + (probabilities[one.ion] ?? 0))
  }
  return offered(weights)
}

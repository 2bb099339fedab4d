import { Memory } from '../../memory/index.ts'
import { type Features, NOTHING } from '../features.ts'
import { shows, together } from '../foretell.ts'
import { byChance, logLikelihood } from '../likelihood.ts'
import { USUAL_SLIPS, withSlip } from '../slips.ts'

/**
 * Features by number, the same for all that are alike. There are few different ones, but they are put together and
 * compared by the hundred thousand: by number, each pair is worked out once.
 */
const list: Features[] = []
const shown: boolean[] = []
const numbered = new WeakMap<Features, number>()
const byText = new Map<string, number>()

/** Pairs are remembered under one number: features are never so many. */
const MOST_FEATURES = 2 ** 20
/** Pairs remembered of a kind, at most. */
const MOST_PAIRS = 200_000

/** The number of features. */
export function numberOf(features: Features): number {
  const known = numbered.get(features)
  if (known !== undefined) return known
  const text = JSON.stringify(features)
  let found = byText.get(text)
  if (found === undefined) {
    found = list.push(features) - 1
    shown.push(shows(features))
    byText.set(text, found)
  }
  numbered.set(features, found)
  return found
}

/** The number of features that show nothing. */
export const NOTHING_SHOWN = numberOf(NOTHING)

/** The features of a number. */
export const featuresAt = (number: number): Features => list[number]!

/** Whether they say that anything shows. */
export const showsAt = (number: number): boolean => shown[number]!

/** Whether the model does not know what shows. */
export const isUnknownAt = (number: number): boolean => list[number]!.unknown === true

/** Remembers what is worked out for a pair of numbers. */
function remembered(work: (one: number, other: number) => number): (one: number, other: number) => number {
  const known = new Memory<number, number>(MOST_PAIRS)
  return (one, other) => {
    const key = one * MOST_FEATURES + other
    return known.get(key) ?? known.keep(key, work(one, other))
  }
}

/** The number of two features together. */
export const togetherOf = remembered((one, other) => numberOf(together(list[one]!, list[other]!)))

/** ln of how likely features are to be written down where others are foretold. */
export const likelihoodOf = remembered((seen, foretold) => logLikelihood(list[seen]!, list[foretold]!))

const chances: number[] = []

/** How likely features are to be written down whatever is in the tube. */
export function chanceAt(number: number): number {
  chances[number] ??= byChance(list[number]!)
  return chances[number]
}

/** The likelihood with the usual share of slips. */
export const likelihoodWithSlip = remembered((seen, foretold) =>
  withSlip(likelihoodOf(seen, foretold), chanceAt(seen), USUAL_SLIPS),
)

import { type Hypothesis, keyOf } from '../hypothesis.ts'
import { priorUnplayed, type Scored } from '../scored.ts'
import { standTogether } from '../usual/lookUp.ts'
import { type Blend, NOT_SEEN, type Seen, scoresOf } from './blends.ts'
import { likelihoodOf, togetherOf } from './featureNumbers.ts'

/** What is so far below the best at a first look is never wanted: those played would have to be so much worse still, ln. */
const FAR = 60

/** Every half of one sign with every half of the other, the likeliest first, none of them played. */
export interface FirstLook {
  readonly length: number
  /** Its cations and anions. */
  readonly halvesAt: (place: number) => readonly [Blend, Blend]
  /** ln of how likely it is, with what it is beforehand. */
  readonly totalAt: (place: number) => number
  readonly at: (place: number) => Scored
  /** Tells the places of some hypotheses from all others. */
  readonly placesOf: (hypotheses: readonly Hypothesis[]) => (place: number) => boolean
}

/** In one step, which of few different features each half shows. */
function differentIn(halves: readonly Blend[], step: number): { readonly of: Int32Array; readonly features: readonly number[] } {
  const places = new Map<number, number>()
  const of = Int32Array.from(halves, ({ features }) => {
    const number = features[step]!
    const known = places.get(number)
    if (known !== undefined) return known
    places.set(number, places.size)
    return places.size - 1
  })
  return { of, features: [...places.keys()] }
}

/** Adds the likelihood of one step to every pair: worked out for each pair of different features only. */
function addStep(totals: Float64Array, some: readonly Blend[], others: readonly Blend[], step: number, seen: number): void {
  const [left, right] = [differentIn(some, step), differentIn(others, step)]
  const wide = right.features.length
  const table = Float64Array.from({ length: left.features.length * wide }, (_, cell) => {
    const both = togetherOf(left.features[Math.floor(cell / wide)]!, right.features[cell % wide]!)
    return likelihoodOf(seen, both)
  })
  for (let a = 0; a < some.length; a++) {
    const row = left.of[a]! * wide
    const at = a * others.length
    for (let b = 0; b < others.length; b++) totals[at + b]! += table[row + right.of[b]!]!
  }
}

function totalsOf(some: readonly Blend[], others: readonly Blend[], seen: Seen): Float64Array {
  const totals = Float64Array.from({ length: some.length * others.length }, (_, pair) => {
    const [one, other] = [some[Math.floor(pair / others.length)]!, others[pair % others.length]!]
    return priorUnplayed(one.ions.length, other.ions.length)
  })
  seen.forEach((one, step) => {
    if (one !== NOT_SEEN) addStep(totals, some, others, step, one)
  })
  return totals
}

/** Whether the ions of two halves stand together in a clear solution. */
function canBe(some: Blend, others: Blend): boolean {
  for (const one of some.ions) for (const other of others.ions) if (!standTogether(one, other)) return false
  return true
}

/** Pairs that can be, the likeliest first. */
function rankedPairs(totals: Float64Array, some: readonly Blend[], others: readonly Blend[], dissolved: boolean): Int32Array {
  const best = totals.reduce((most, one) => Math.max(most, one), Number.NEGATIVE_INFINITY)
  const possible: number[] = []
  for (let pair = 0; pair < totals.length; pair++) {
    if (totals[pair]! <= best - FAR) continue
    const [one, other] = [some[Math.floor(pair / others.length)]!, others[pair % others.length]!]
    if (!dissolved || canBe(one, other)) possible.push(pair)
  }
  return Int32Array.from(possible.sort((a, b) => totals[b]! - totals[a]!))
}

/** Which pair of halves a hypothesis is; −1 where it is none. */
function pairFinder(some: readonly Blend[], others: readonly Blend[]): (hypothesis: Hypothesis) => number {
  const placesIn = (halves: readonly Blend[]) => new Map(halves.map((half, place) => [keyOf(half), place]))
  const [left, right] = [placesIn(some), placesIn(others)]
  return ({ ions }) => {
    const a = left.get(keyOf({ ions: ions.filter(({ kind }) => kind === 'cation') }))
    const b = right.get(keyOf({ ions: ions.filter(({ kind }) => kind === 'anion') }))
    return a === undefined || b === undefined ? -1 : a * others.length + b
  }
}

/**
 * Weighs every pair of halves by what comes of them put together.
 *
 * @param dissolved - whether the ions of a pair must stand together as a clear solution
 */
export function firstLook(some: readonly Blend[], others: readonly Blend[], seen: Seen, dissolved: boolean): FirstLook {
  const totals = totalsOf(some, others, seen)
  const ranked = rankedPairs(totals, some, others, dissolved)
  const halvesAt = (place: number): readonly [Blend, Blend] => {
    const pair = ranked[place]!
    return [some[Math.floor(pair / others.length)]!, others[pair % others.length]!]
  }
  return {
    length: ranked.length,
    halvesAt,
    totalAt: (place) => totals[ranked[place]!]!,
    placesOf: (hypotheses) => {
      const pairs = new Set(hypotheses.map(pairFinder(some, others)))
      return (place) => pairs.has(ranked[place]!)
    },
    at: (place) => {
      const [one, other] = halvesAt(place)
      const features = one.features.map((number, step) => togetherOf(number, other.features[step]!))
      return {
        hypothesis: { ions: [...one.ions, ...other.ions] },
        prior: priorUnplayed(one.ions.length, other.ions.length),
        steps: scoresOf(seen, features),
      }
    },
  }
}

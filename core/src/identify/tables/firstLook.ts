import type { Candidate } from '../ions.ts'
import type { Beforehand } from '../priors.ts'
import { NOT_PLAYED, type Scored } from '../scored.ts'
import { shareOfLevel } from '../strengths.ts'
import { standTogether } from '../usual/lookUp.ts'
import { type HalfBlend, NOT_SEEN, type Seen, scoresOf } from './blends.ts'
import type { DrySalts } from './drySalts.ts'
import { likelihoodWithSlip, togetherOf } from './featureNumbers.ts'

/** What is so far below the best at a first look is never wanted: those played would have to be so much worse still, ln. */
const FAR = 30

/** Every half of one sign with every half of the other, the likeliest first, none of them played. */
export interface FirstLook {
  readonly length: number
  /** Its cations and anions. */
  readonly halvesAt: (place: number) => readonly [HalfBlend, HalfBlend]
  /** ln of how likely it is, with what it is beforehand and a few slips. */
  readonly totalAt: (place: number) => number
  readonly at: (place: number) => Scored
}

/** What a first look rests on. */
export interface LookedFor {
  readonly seen: Seen
  readonly beforehand: Beforehand
  /** The ions of a set must stand together as a clear solution. */
  readonly dissolved: boolean
  readonly dry?: DrySalts | undefined
  /** Steps in which the ions by themselves tell nothing, since dry salts were looked at. */
  readonly dryRows: readonly boolean[]
}

/** In one step, which of few different features each half shows. */
function differentIn(
  halves: readonly HalfBlend[],
  step: number,
): { readonly of: Int32Array; readonly features: readonly number[] } {
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
function addStep(
  totals: Float64Array,
  some: readonly HalfBlend[],
  others: readonly HalfBlend[],
  step: number,
  seen: number,
): void {
  const [left, right] = [differentIn(some, step), differentIn(others, step)]
  const wide = right.features.length
  const table = Float64Array.from({ length: left.features.length * wide }, (_, cell) => {
    const both = togetherOf(left.features[Math.floor(cell / wide)]!, right.features[cell % wide]!)
    return likelihoodWithSlip(seen, both)
  })
  for (let a = 0; a < some.length; a++) {
    const row = left.of[a]! * wide
    const at = a * others.length
    for (let b = 0; b < others.length; b++) totals[at + b]! += table[row + right.of[b]!]!
  }
}

/** Whether the ions of two halves stand together in a clear solution. */
function canBe(some: HalfBlend, others: HalfBlend): boolean {
  for (const one of some.ions) for (const other of others.ions) if (!standTogether(one, other)) return false
  return true
}

/** Two halves whose strength matters are strong alike, or not one sample. */
const alike = (one: HalfBlend, other: HalfBlend) =>
  one.level === undefined || other.level === undefined || one.level === other.level

function shareOf(one: HalfBlend, other: HalfBlend): number {
  const level = one.level ?? other.level
  return level === undefined ? 0 : shareOfLevel(level)
}

function totalsOf(some: readonly HalfBlend[], others: readonly HalfBlend[], { seen, beforehand, dryRows, dry }: LookedFor) {
  const many = others.length
  const totals = new Float64Array(some.length * many)
  for (let a = 0; a < some.length; a++)
    for (let b = 0; b < many; b++) {
      const [one, other] = [some[a]!, others[b]!]
      totals[a * many + b] = alike(one, other) ? beforehand(one.half, other.half) + shareOf(one, other) : Number.NEGATIVE_INFINITY
    }
  seen.forEach((one, step) => {
    if (one !== NOT_SEEN && !(dry && dryRows[step])) addStep(totals, some, others, step, one)
  })
  return totals
}

/** Adds what the dry salts of every pair show, where it is not hopeless without. */
function addDry(totals: Float64Array, some: readonly HalfBlend[], others: readonly HalfBlend[], dry: DrySalts): void {
  const best = totals.reduce((most, one) => Math.max(most, one), Number.NEGATIVE_INFINITY)
  const known = new Map<number, number>()
  for (let pair = 0; pair < totals.length; pair++) {
    if (totals[pair]! <= best - FAR) continue
    const [one, other] = [some[Math.floor(pair / others.length)]!, others[pair % others.length]!]
    const sets = one.set * SETS + other.set
    const own = known.get(sets) ?? dry.totalOf(one.ions, other.ions)
    known.set(sets, own)
    totals[pair]! += own
  }
}

/** More than there are sets of one sign. */
const SETS = 2 ** 20

/** Pairs that are ranked: of a record of few steps hardly any can be left out, and all of them together weigh little. */
const MOST_RANKED = 2000
const BINS = 600

/** How far below the best the pairs end that are ranked, ln. */
function reachOf(totals: Float64Array, best: number): number {
  const bins = new Int32Array(BINS)
  for (let pair = 0; pair < totals.length; pair++) {
    const below = best - totals[pair]!
    if (below < FAR) bins[Math.floor((below / FAR) * BINS)]!++
  }
  let sum = 0
  const last = bins.findIndex((count) => {
    sum += count
    return sum > MOST_RANKED
  })
  return last < 0 ? FAR : ((last + 1) / BINS) * FAR
}

/** Pairs that can be, the likeliest first. */
function rankedPairs(
  totals: Float64Array,
  some: readonly HalfBlend[],
  others: readonly HalfBlend[],
  dissolved: boolean,
): Int32Array {
  let best = Number.NEGATIVE_INFINITY
  for (let pair = 0; pair < totals.length; pair++) best = Math.max(best, totals[pair]!)
  const reach = reachOf(totals, best)
  const possible: number[] = []
  for (let pair = 0; pair < totals.length; pair++) {
    if (totals[pair]! <= best - reach) continue
    const [one, other] = [some[Math.floor(pair / others.length)]!, others[pair % others.length]!]
    if (!dissolved || canBe(one, other)) possible.push(pair)
  }
  return Int32Array.from(possible.sort((a, b) => totals[b]! - totals[a]!))
}

/** Weighs every pair of halves by what comes of them put together. */
export function firstLook(some: readonly HalfBlend[], others: readonly HalfBlend[], looked: LookedFor): FirstLook {
  const totals = totalsOf(some, others, looked)
  if (looked.dry) addDry(totals, some, others, looked.dry)
  const ranked = rankedPairs(totals, some, others, looked.dissolved)
  const halvesAt = (place: number): readonly [HalfBlend, HalfBlend] => {
    const pair = ranked[place]!
    return [some[Math.floor(pair / others.length)]!, others[pair % others.length]!]
  }
  const featuresAt = (one: HalfBlend, other: HalfBlend) => {
    const blended = one.features.map((number, step) => togetherOf(number, other.features[step]!))
    return looked.dry ? looked.dry.featuresOf(one.ions, other.ions, blended) : blended
  }
  return {
    length: ranked.length,
    halvesAt,
    totalAt: (place) => totals[ranked[place]!]!,
    at: (place) => {
      const [one, other] = halvesAt(place)
      return {
        hypothesis: { ions: [...one.ions, ...other.ions] },
        prior: looked.beforehand(one.half, other.half) + shareOf(one, other) - NOT_PLAYED,
        steps: scoresOf(looked.seen, featuresAt(one, other)),
      }
    },
  }
}

/** The ions of a pair in the order of the table, at no strength in particular. */
export const setAt = ({ halvesAt }: FirstLook, place: number): readonly Candidate[] => halvesAt(place).flatMap(({ ions }) => ions)

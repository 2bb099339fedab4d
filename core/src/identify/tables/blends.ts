import type { Features } from '../features.ts'
import type { Candidate } from '../ions.ts'
import { type Half, halfOf } from '../priors.ts'
import type { RecordedStep } from '../record.ts'
import { isWeighed, variantsOf } from '../strengths.ts'
import { chanceAt, likelihoodOf, NOTHING_SHOWN, numberOf, togetherOf } from './featureNumbers.ts'

/** What was seen in each recorded step, by number; −1 where nothing was. */
export type Seen = Int32Array

export const NOT_SEEN = -1

export const seenIn = (rows: readonly RecordedStep[]): Seen =>
  Int32Array.from(rows, ({ seen }) => (seen ? numberOf(seen) : NOT_SEEN))

/** How likely each step is to be written whatever is in the tube; 1 where nothing was. */
export const chancesOf = (seen: Seen): Float64Array =>
  Float64Array.from(seen, (number) => (number === NOT_SEEN ? 1 : chanceAt(number)))

/** What every ion, at each of its strengths, shows alone, by number, a step after another. */
export type AloneNumbers = ReadonlyMap<Candidate, Int32Array>

export const numbersOfAlone = (alone: ReadonlyMap<Candidate, readonly Features[]>): AloneNumbers =>
  new Map([...alone].map(([one, features]) => [one, Int32Array.from(features, numberOf)]))

/** Ions of one sign at a level, with what comes of them put together without playing them. */
export interface Blend {
  readonly ions: readonly Candidate[]
  readonly features: Int32Array
}

/** The same as half of a set. */
export interface HalfBlend extends Blend {
  readonly half: Half
  /** Which set of ions it is, whatever the level. */
  readonly set: number
  /** The level at which it is strong; undefined where its strength does not matter. */
  readonly level?: number
}

/** What comes of ions put together. */
export function blendOf(ions: readonly Candidate[], steps: number, alone: AloneNumbers): Blend {
  const features = new Int32Array(steps).fill(NOTHING_SHOWN)
  for (const one of ions) {
    const own = alone.get(one)
    for (let step = 0; step < steps; step++) features[step] = togetherOf(features[step]!, own?.[step] ?? NOTHING_SHOWN)
  }
  return { ions, features }
}

/** A set of ions of one sign at every level at which it may be strong. */
export function halfBlends(
  ions: readonly Candidate[],
  set: number,
  steps: number,
  alone: AloneNumbers,
  listed: ReadonlySet<string>,
): readonly HalfBlend[] {
  const half = halfOf(ions, listed)
  return variantsOf(ions).map((at, level) => ({
    ...blendOf(at, steps, alone),
    half,
    set,
    ...(ions.some(isWeighed) ? { level } : {}),
  }))
}

/** ln likelihood of each recorded step for features by number. */
export function scoresOf(seen: Seen, features: ArrayLike<number>): readonly number[] {
  const scores: number[] = []
  for (let step = 0; step < seen.length; step++)
    scores.push(seen[step] === NOT_SEEN ? 0 : likelihoodOf(seen[step]!, features[step]!))
  return scores
}

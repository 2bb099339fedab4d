import type { Features } from '../features.ts'
import type { Candidate } from '../ions.ts'
import type { RecordedStep } from '../record.ts'
import { priorUnplayed, type Scored, sizesOf } from '../scored.ts'
import { likelihoodOf, NOTHING_SHOWN, numberOf, togetherOf } from './featureNumbers.ts'

/** What was seen in each recorded step, by number; −1 where nothing was. */
export type Seen = Int32Array

export const NOT_SEEN = -1

export const seenIn = (rows: readonly RecordedStep[]): Seen =>
  Int32Array.from(rows, ({ seen }) => (seen ? numberOf(seen) : NOT_SEEN))

/** What every ion shows alone, by number, a step after another. */
export type AloneNumbers = ReadonlyMap<string, Int32Array>

export const numbersOfAlone = (alone: ReadonlyMap<string, readonly Features[]>): AloneNumbers =>
  new Map([...alone].map(([ion, features]) => [ion, Int32Array.from(features, numberOf)]))

/** Ions of one sign, or a whole hypothesis, with what comes of them put together without playing them. */
export interface Blend {
  readonly ions: readonly Candidate[]
  readonly features: Int32Array
}

/** What comes of ions put together. */
export function blendOf(ions: readonly Candidate[], steps: number, alone: AloneNumbers): Blend {
  const features = new Int32Array(steps).fill(NOTHING_SHOWN)
  for (const { ion } of ions) {
    const own = alone.get(ion)
    for (let step = 0; step < steps; step++) features[step] = togetherOf(features[step]!, own?.[step] ?? NOTHING_SHOWN)
  }
  return { ions, features }
}

/** ln likelihood of each recorded step for features by number. */
export function scoresOf(seen: Seen, features: Int32Array): readonly number[] {
  const scores: number[] = []
  for (let step = 0; step < seen.length; step++)
    scores.push(seen[step] === NOT_SEEN ? 0 : likelihoodOf(seen[step]!, features[step]!))
  return scores
}

/** Scores of what comes of ions put together, without playing them. */
export function roughly({ ions, features }: Blend, seen: Seen): Scored {
  return { hypothesis: { ions }, prior: priorUnplayed(...sizesOf(ions)), steps: scoresOf(seen, features) }
}

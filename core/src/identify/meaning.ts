import { NOTHING } from './features.ts'
import { contentsBefore, playedStep, shows } from './foretell.ts'
import { CANDIDATES } from './ions.ts'
import type { AloneIn } from './playing.ts'
import type { RecordedStep, RecordedTube } from './record.ts'
import type { Scored } from './scored.ts'
import { likelihoodOf, NOTHING_SHOWN, numberOf } from './tables/featureNumbers.ts'

/** What one recorded step says by itself. */
export interface StepMeaning {
  readonly at: string
  /** Ions that would show what was seen. */
  readonly explains: readonly string[]
  /** Ions that would have shown something else. */
  readonly rulesOut: readonly string[]
  /** Ionic equations of what happened, if the likeliest answer is right. */
  readonly equations: readonly string[]
}

/** An ion explains what was seen when that is so likely with it, ln, and so much likelier than without. */
const EXPLAINS = Math.log(0.2)
const LIKELIER = 1.5
/** An ion is ruled out by a step in which what was seen is less likely than this with it, ln. */
const RULED_OUT = Math.log(0.1)

/** What each step says by itself, and the equations of the likeliest answer. */
export function meaningsOf(
  rows: readonly RecordedStep[],
  tubes: readonly RecordedTube[],
  alone: AloneIn['byIon'],
  best: Scored | undefined,
): readonly StepMeaning[] {
  const equations = best ? equationsOf(best, tubes) : []
  return rows.map(({ at, seen }, index) => {
    const found = seen
      ? CANDIDATES.map(({ ion }) => {
          const features = alone.get(ion)?.[index] ?? NOTHING
          return { ion, shows: shows(features), likely: likelihoodOf(numberOf(seen), numberOf(features)) }
        })
      : []
    const without = seen ? likelihoodOf(numberOf(seen), NOTHING_SHOWN) : 0
    return {
      at,
      explains: found
        .filter((one) => one.shows && one.likely > EXPLAINS && one.likely > without + LIKELIER)
        .toSorted((a, b) => b.likely - a.likely)
        .map(({ ion }) => ion),
      rulesOut: found.filter((one) => one.shows && one.likely < RULED_OUT).map(({ ion }) => ion),
      equations: seen ? (equations[index] ?? []) : [],
    }
  })
}

function equationsOf({ hypothesis }: Scored, tubes: readonly RecordedTube[]): readonly (readonly string[])[] {
  return tubes.flatMap((tube) => {
    let now = contentsBefore(hypothesis, tube)
    return tube.steps.map(({ step }) => {
      const next = now && playedStep(now, step)
      now = next?.tube ?? now
      return next?.shown.equations ?? []
    })
  })
}

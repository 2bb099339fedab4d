import { NOTHING } from './features.ts'
import { contentsBefore, playedStep, shows } from './foretell.ts'
import type { Candidate } from './ions.ts'
import { type AloneIn, foretoldIn } from './playing.ts'
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

/** What is seldom handed out is named only where it is the likeliest, or nothing else would do; not in what is ruled out. */
function worthNaming(ions: readonly Candidate[], best: Scored | undefined): readonly string[] {
  const held = new Set(best?.hypothesis.ions.map(({ ion }) => ion))
  const usual = ions.filter(({ ion, rare }) => !rare || held.has(ion))
  return (usual.length > 0 ? usual : ions).map(({ ion }) => ion)
}

/** What a metal or an oxide shows in all tubes: its ion by itself, in a salt, would tell of something else. */
function shownByWhole({ hypothesis }: Scored, tubes: readonly RecordedTube[]): AloneIn['byIon'] {
  const features = foretoldIn(hypothesis, tubes)
  return new Map(hypothesis.ions.map(({ ion }) => [ion, features]))
}

/**
 * What each step says by itself, and the equations of the likeliest answer.
 *
 * @param candidates - ions that are thought of
 */
export function meaningsOf(
  rows: readonly RecordedStep[],
  tubes: readonly RecordedTube[],
  aloneAsSalts: AloneIn['byIon'],
  best: Scored | undefined,
  candidates: readonly Candidate[],
): readonly StepMeaning[] {
  const equations = best ? equationsOf(best, tubes) : []
  const alone = best?.hypothesis.whole ? shownByWhole(best, tubes) : aloneAsSalts
  return rows.map(({ at, seen }, index) => {
    const found = seen
      ? candidates.map((one) => {
          const features = alone.get(one.ion)?.[index] ?? NOTHING
          return { one, shows: shows(features), likely: likelihoodOf(numberOf(seen), numberOf(features)) }
        })
      : []
    const without = seen ? likelihoodOf(numberOf(seen), NOTHING_SHOWN) : 0
    return {
      at,
      explains: worthNaming(
        found
          .filter((each) => each.shows && each.likely > EXPLAINS && each.likely > without + LIKELIER)
          .toSorted((a, b) => b.likely - a.likely)
          .map(({ one }) => one),
        best,
      ),
      rulesOut: found.flatMap(({ one, ...each }) => (each.shows && each.likely < RULED_OUT && !one.rare ? [one.ion] : [])),
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

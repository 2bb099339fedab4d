import { LIQUIDS, playLiquid, saySigns } from '../liquids/index.ts'
import { bringsUnknown, sayFact } from '../tube/index.ts'
import { contentsBefore, playedStep } from './foretell.ts'
import { CANDIDATES } from './ions.ts'
import { type Rack, type RackKnown, type RecordedTube, recordsOf } from './record.ts'

/** What a step would have shown, with the ionic equations of it. */
export interface ExpectedStep {
  readonly saw: string
  readonly equations: readonly string[]
}

/** What the steps of a tube should have shown with a liquid of the table, by its name. */
function expectedOfLiquid({ before, did }: RecordedTube, name: string): readonly ExpectedStep[] | undefined {
  const liquid = LIQUIDS[name]
  return (
    liquid &&
    playLiquid(liquid, [...before, ...did])
      .slice(before.length)
      .map((signs) => ({ saw: saySigns(signs), equations: [] }))
  )
}

/**
 * What the steps of a tube should have shown if the sample held these ions: the answer to "what should copper(II) have
 * shown here?".
 *
 * @param ions - formulae of ions of the table; or the name of a liquid
 * @returns undefined where they cannot stand together as a sample, or the tube is not there
 */
export function expectedIn(
  samples: Rack['samples'],
  tubeId: string,
  ions: readonly string[],
  known: RackKnown = {},
): readonly ExpectedStep[] | undefined {
  const tube = recordsOf(samples, known)
    .flatMap(({ tubes }) => tubes)
    .find(({ id }) => id === tubeId)
  const [named] = ions
  if (tube && named !== undefined && Object.hasOwn(LIQUIDS, named)) return expectedOfLiquid(tube, named)
  const hypothesis = { ions: CANDIDATES.filter(({ ion }) => ions.includes(ion)) }
  let now = tube && contentsBefore(hypothesis, tube)
  let isKnown = !tube?.before.some(bringsUnknown)
  if (!tube || !now) return undefined
  return tube.steps.map(({ step }) => {
    isKnown = isKnown && !bringsUnknown(step)
    const next = isKnown && now ? playedStep(now, step) : undefined
    now = next?.tube ?? now
    return next
      ? { saw: next.shown.facts.map(sayFact).join('; '), equations: next.shown.equations }
      : { saw: 'not known to the model', equations: [] }
  })
}

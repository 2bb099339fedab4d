import { TESTS_LIQUIDS } from '../liquids/index.ts'
import { adviseWording, readTubes } from '../observe/index.ts'
import type { Problem } from '../problem/index.ts'
import { type PartOf, type Path, path, tubeLine, tubesById } from '../record/index.ts'
import { bringsUnknown } from '../tube/index.ts'
import { betterWording, recordProblem } from './says.ts'

type Tube = PartOf<'rack'>['samples'][number]['tubes'][number]

/**
 * Advice on how observations of a rack are worded, and on what they cannot tell; never more than advice.
 *
 * @param liquids - materials that are called liquids, whose tests know more bottles
 */
export function checkObservations(part: PartOf<'rack'>, liquids: ReadonlySet<string> = new Set()): readonly Problem[] {
  const all = tubesById(part.samples)
  return part.samples.flatMap(({ material, tubes }) =>
    tubes.flatMap((tube) => [
      ...unknownReagents(tube, liquids.has(material), path('parts', part.id, 'samples', material, 'tubes', tube.id)),
      ...tube.steps.flatMap((step, index): Problem[] =>
        adviseWording(step.saw ?? '', contextIn(tube, all, index)).map(({ code, says, instead }) => ({
          level: 'advice',
          code,
          at: path('parts', part.id, 'samples', material, 'tubes', tube.id, 'steps', step.id),
          facts: { saw: step.saw ?? '', instead: instead ?? '' },
          says,
          mend: betterWording(instead),
        })),
      ),
    ]),
  )
}

/** Where an observation of a tube stands. */
const contextIn = (tube: Tube, all: ReadonlyMap<string, Tube>, index: number) =>
  readTubes(tubeLine(tube, all)).tubes.at(-1)?.[index]?.context

/** The first thing in a tube that is no bottle of the bench: what follows it there tells nothing. */
function unknownReagents({ id, steps }: Tube, isLiquid: boolean, at: Path): readonly Problem[] {
  const step = steps.find((one) => bringsUnknown(one) && !(isLiquid && TESTS_LIQUIDS.has(one.reagent ?? '')))
  if (step?.reagent === undefined) return []
  return [recordProblem('step.unknownReagent', [...at, 'steps', step.id], { reagent: step.reagent, tube: id })]
}

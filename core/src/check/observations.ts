import { adviseWording } from '../observe/index.ts'
import type { Problem } from '../problem/index.ts'
import { type PartOf, type Path, path } from '../record/index.ts'
import { bringsUnknown } from '../tube/index.ts'
import { betterWording, recordProblem } from './says.ts'

type Tube = PartOf<'rack'>['samples'][number]['tubes'][number]

/** Advice on how observations of a rack are worded, and on what they cannot tell; never more than advice. */
export function checkObservations(part: PartOf<'rack'>): readonly Problem[] {
  return part.samples.flatMap(({ material, tubes }) =>
    tubes.flatMap((tube) => [
      ...unknownReagents(tube, path('parts', part.id, 'samples', material, 'tubes', tube.id)),
      ...tube.steps.flatMap((step): Problem[] =>
        adviseWording(step.saw ?? '', step).map(({ code, says, instead }) => ({
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

/** The first thing in a tube that is no bottle of the bench: what follows it there tells nothing. */
function unknownReagents({ id, steps }: Tube, at: Path): readonly Problem[] {
  const step = steps.find(bringsUnknown)
  if (step?.reagent === undefined) return []
  return [recordProblem('step.unknownReagent', [...at, 'steps', step.id], { reagent: step.reagent, tube: id })]
}

import { adviseWording } from '../observe/index.ts'
import type { Problem } from '../problem/index.ts'
import type { PartOf } from '../record/index.ts'
import { bringsUnknown } from '../tube/index.ts'

type Tube = PartOf<'rack'>['samples'][number]['tubes'][number]

/** Advice on how observations of a rack are worded, and on what they cannot tell; never more than advice. */
export function checkObservations(part: PartOf<'rack'>): readonly Problem[] {
  return part.samples.flatMap(({ tubes }) =>
    tubes.flatMap((tube) => [
      ...unknownReagents(part.id, tube),
      ...tube.steps.flatMap((step, index): Problem[] =>
        adviseWording(step.saw ?? '', step).map(({ code, says, instead }) => ({
          level: 'advice',
          code,
          at: `${part.id}.${tube.id}.${index + 1}`,
          says,
          mend: instead === undefined ? 'Put it in words of what was seen.' : `Better: ${instead}.`,
        })),
      ),
    ]),
  )
}

/** The first thing in a tube that is no bottle of the bench: what follows it there tells nothing. */
function unknownReagents(rack: string, { id, steps }: Tube): readonly Problem[] {
  const index = steps.findIndex(bringsUnknown)
  const reagent = steps[index]?.reagent
  if (reagent === undefined) return []
  return [
    {
      level: 'advice',
      code: 'step.unknownReagent',
      at: `${rack}.${id}.${index + 1}`,
      says: `“${reagent}” is no bottle known here: what is seen in ${id} from there on is kept, but tells nothing of the sample.`,
      mend: 'If it is one of the bottles of the reference, correct its name; otherwise leave it as you wrote it.',
    },
  ]
}

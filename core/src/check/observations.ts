import { adviseWording } from '../observe/index.ts'
import type { Problem } from '../problem/index.ts'
import type { PartOf } from '../record/index.ts'

/** Advice on how observations of a rack are worded; never more than advice. */
export function checkObservations(part: PartOf<'rack'>): readonly Problem[] {
  return part.samples.flatMap(({ tubes }) =>
    tubes.flatMap((tube) =>
      tube.steps.flatMap((step, index): Problem[] =>
        adviseWording(step.saw ?? '', step).map(({ code, says, instead }) => ({
          level: 'advice',
          code,
          at: `${part.id}.${tube.id}.${index + 1}`,
          says,
          mend: instead === undefined ? 'Put it in words of what was seen.' : `Better: ${instead}.`,
        })),
      ),
    ),
  )
}

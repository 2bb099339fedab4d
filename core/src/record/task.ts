import { z } from 'zod'
import { BriefSchema } from './brief.ts'
import { ConventionsSchema } from './conventions.ts'
import { MomentSchema } from './entry.ts'
import { refuseDoubles } from './idSchema.ts'
import { MaterialSchema } from './materials.ts'
import { PartSchema } from './parts.ts'
import { PhotographSchema } from './photographs.ts'
import { QuestionSchema } from './questions.ts'
import { TASK_FORMAT, TASK_VERSION } from './version.ts'
import { WriteupSchema } from './writeup.ts'

/** A question says only `in`: a weighing or heating and a material cannot share a name. */
function refuseSharedNames(
  { parts, materials }: { parts: readonly z.infer<typeof PartSchema>[]; materials: readonly { id: string }[] },
  context: z.RefinementCtx,
): void {
  const taken = new Set(materials.map(({ id }) => id))
  parts.forEach(({ id, kind }, index) => {
    if ((kind === 'weighing' || kind === 'heating') && taken.has(id))
      context.addIssue({
        code: 'custom',
        path: ['parts', index, 'id'],
        message: `'${id}' is the id of a material, too; a question could not tell them apart`,
      })
  })
}

/** The whole task file. Unknown keys are refused, so that nothing is dropped silently. */
export const TaskSchema = z
  .strictObject({
    format: z.literal(TASK_FORMAT),
    version: z.literal(TASK_VERSION),
    // The task's own id stands in no path: it may be anything that older files called it.
    id: z.string().min(1, 'must not be empty').max(60),
    title: z.string().max(300),
    minutes: z.number().positive().max(100_000).optional(),
    started: MomentSchema.optional().describe('when the exam clock was started; later by what it stood still'),
    paused: MomentSchema.optional().describe('since when the exam clock stands still'),
    conventions: ConventionsSchema.prefault({}),
    brief: BriefSchema.optional(),
    materials: z.array(MaterialSchema).default([]),
    parts: z.array(PartSchema).default([]),
    questions: z.array(QuestionSchema).default([]),
    writeup: WriteupSchema.optional(),
    photographs: z.array(PhotographSchema).max(200).optional(),
  })
  .superRefine((task, context) => {
    refuseDoubles(task.materials, ['materials'], context)
    refuseDoubles(task.parts, ['parts'], context)
    refuseDoubles(task.questions, ['questions'], context)
    refuseDoubles(task.photographs ?? [], ['photographs'], context)
    refuseSharedNames(task, context)
  })

import { z } from 'zod'
import { ConventionsSchema } from './conventions.ts'
import { MomentSchema } from './entry.ts'
import { IdSchema, MaterialSchema } from './materials.ts'
import { PartSchema } from './parts.ts'
import { QuestionSchema } from './questions.ts'

export const TASK_FORMAT = 'hop-lark/task'
export const TASK_VERSION = 1

interface Identified {
  readonly id: string
}

/** Ids name things in paths and links, so each list has every id once. */
function refuseDoubles(list: readonly Identified[], where: string, context: z.RefinementCtx): void {
  const seen = new Set<string>()
  list.forEach(({ id }, index) => {
    if (seen.has(id)) {
      context.addIssue({
        code: 'custom',
        path: [where, index, 'id'],
        message: `'${id}' is the id of another one too; give each its own`,
      })
    }
    seen.add(id)
  })
}

/** The whole task file. Unknown keys are refused, so that nothing is dropped silently. */
export const TaskSchema = z
  .strictObject({
    format: z.literal(TASK_FORMAT),
    version: z.literal(TASK_VERSION),
    id: IdSchema,
    title: z.string().max(300),
    minutes: z.number().positive().max(100_000).optional(),
    started: MomentSchema.optional().describe('when the exam clock was started'),
    conventions: ConventionsSchema.prefault({}),
    brief: z.strictObject({ text: z.string().max(100_000) }).optional(),
    materials: z.array(MaterialSchema).default([]),
    parts: z.array(PartSchema).default([]),
    questions: z.array(QuestionSchema).default([]),
  })
  .superRefine((task, context) => {
    refuseDoubles(task.materials, 'materials', context)
    refuseDoubles(task.parts, 'parts', context)
    refuseDoubles(task.questions, 'questions', context)
  })

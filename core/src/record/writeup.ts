import { z } from 'zod'
import { MomentSchema } from './entry.ts'
import { refuseDoubles, SentenceIdSchema } from './idSchema.ts'

const words = z.string().max(20_000)

/** A sentence of the report that the student has taken over, or put into words of their own. */
const KeptSentenceSchema = z.strictObject({
  id: SentenceIdSchema.describe('which sentence of the report'),
  text: words.describe('as it stands in the report; empty where it is left out'),
  made: words.optional().describe('what was proposed when it was kept; left out where nothing was'),
})

/** How the task is written up, and what of it is in the student's words. */
export const WriteupSchema = z.strictObject({
  manner: z.enum(['exam', 'notebook']).optional().describe('tables and working only, or the whole report, which is usual'),
  finished: MomentSchema.optional().describe('when the student said that it can be handed in'),
  sentences: z
    .array(KeptSentenceSchema)
    .max(2000)
    .superRefine((list, context) => refuseDoubles(list, [], context))
    .optional(),
})

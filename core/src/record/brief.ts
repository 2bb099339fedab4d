import { z } from 'zod'
import { MomentSchema } from './entry.ts'
import { IdSchema } from './idSchema.ts'

const name = z.string().min(1).max(120)

/** A step of the run sheet as it was timed: its minutes where the student changed them, and when it was done. */
const StepTimesSchema = z.strictObject({
  id: IdSchema.describe('made of the words of its sentence'),
  hands: z.number().nonnegative().max(1000).optional().describe('minutes with hands on, where they are not the usual ones'),
  wait: z.number().nonnegative().max(10_000).optional().describe('minutes of waiting, where they are not the usual ones'),
  started: MomentSchema.optional(),
  free: MomentSchema.optional().describe('when the hands were free again'),
  ended: MomentSchema.optional(),
  skipped: z.boolean().optional(),
})

/** The task sheet, and what the student has said of it. */
export const BriefSchema = z.strictObject({
  text: z.string().max(100_000),
  mends: z
    .array(z.strictObject({ gap: z.string().min(1).max(400), value: z.string().max(2000) }))
    .max(500)
    .optional()
    .describe('what was asked about the sheet, and what was changed in what it was read into, with the answers'),
  ids: z
    .record(z.string().max(60), IdSchema)
    .optional()
    .describe('parts that are called otherwise in this task than a first reading of the sheet would call them'),
  done: z.array(name).max(500).optional().describe('lines of the lists of getting ready and clearing up that are ticked'),
  steps: z.array(StepTimesSchema).max(2000).optional(),
  queue: z.number().nonnegative().max(60).optional().describe('minutes in the queue at a balance that is shared'),
  hands: z.number().int().min(1).max(4).optional().describe('pairs of hands; one where nothing is said'),
})

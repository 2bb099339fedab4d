import { z } from 'zod'
import { TaskSchema } from './task.ts'

/** The JSON Schema (draft 2020-12) of a task file as it may be written, defaults left out. */
export function taskJsonSchema(): Record<string, unknown> {
  return z.toJSONSchema(TaskSchema, { io: 'input', target: 'draft-2020-12' })
}

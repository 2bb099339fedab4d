import { z } from 'zod'
import { PartSchema } from './parts.ts'
import type { Part } from './types.ts'

/** What a thing in a list of a part must be: a run, a point, a tube's sample; undefined where the part has no such list. */
function itemSchema(kind: Part['kind'], field: string): z.ZodType | undefined {
  const part = PartSchema.options.find(({ shape }) => shape.kind.value === kind)
  let schema = part && (part.shape as Readonly<Record<string, unknown>>)[field]
  while (schema instanceof z.ZodOptional || schema instanceof z.ZodDefault || schema instanceof z.ZodPrefault)
    schema = schema.unwrap()
  return schema instanceof z.ZodArray ? (schema.element as z.ZodType) : undefined
}

/** Whether something may stand as a part of a task. */
export const isPart = (part: unknown): part is Part => PartSchema.safeParse(part).success

/**
 * Whether a part's list holds things that can be looked at one by one, so long as they keep their ids. The tubes of a rack
 * are named in all of it, so its samples cannot.
 */
export const hasItems = (part: Part, field: string): boolean => field !== 'samples' && itemSchema(part.kind, field) !== undefined

/** Whether something may stand in a list of a part: so long as the rest of the part stood there before, it need not be looked at again. */
export const isItemOf = (part: Part, field: string, item: unknown): boolean =>
  itemSchema(part.kind, field)?.safeParse(item).success ?? false

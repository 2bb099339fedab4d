import { z } from 'zod'
import { ProgressSchema } from './answers.ts'

/** The checksum that a picture is kept under. */
export const ChecksumSchema = z.string().regex(/^[0-9a-f]{64}$/, 'must be a SHA-256 checksum in small hexadecimal digits')

export const TaskIdSchema = z.string().min(1).max(60)

/** Which page of the shelf. */
export const ListQuerySchema = z.object({
  search: z.string().max(200).default('').describe('words of the title'),
  page: z.coerce.number().int().min(1).max(100_000).default(1),
  size: z.coerce.number().int().min(1).max(100).default(30),
  archived: z.enum(['true', 'false']).default('false'),
  sort: z.enum(['updated', 'created', 'title']).default('updated').describe('what the lines are in order of'),
  order: z.enum(['asc', 'desc']).default('desc'),
  progress: z
    .enum(['any', ...ProgressSchema.options])
    .default('any')
    .describe('new: nothing is entered yet; done: every stage is'),
})

export const CreateBodySchema = z.object({ document: z.unknown().describe('a task file, of any version that is read') })

/** Names that reach an object's prototype instead of its fields. */
const REACHES_PROTOTYPE = /(^|\/)(__proto__|constructor|prototype)(\/|$)/
const pointer = z
  .string()
  .max(1000)
  .regex(/^(\/.*)?$/, 'must be a JSON pointer')
  .refine((path) => !REACHES_PROTOTYPE.test(path), 'is no field of a task')

/**
 * An operation of a JSON patch (RFC 6902), of those that an edit is made of. With `copy` a few bytes could double a task
 * again and again, and `test` compares at any cost; neither is needed to write down what was changed.
 */
export const OperationSchema = z.discriminatedUnion('op', [
  z.object({ op: z.enum(['add', 'replace']), path: pointer, value: z.unknown() }),
  z.object({ op: z.literal('remove'), path: pointer }),
])

export const EditBodySchema = z.object({
  base: z.number().int().nonnegative().describe('the version the patch was made on'),
  key: z.string().min(8).max(64).describe('unique to this edit: sent again, it is done once and answered as before'),
  patch: z.array(OperationSchema).min(1).max(5000),
  note: z.string().max(300).optional(),
})

export const DestroyBodySchema = z.object({ title: z.string().describe('of the task, typed to confirm') })

export const SinceQuerySchema = z.object({ since: z.coerce.number().int().nonnegative().default(0) })

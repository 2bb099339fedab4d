import { z } from 'zod'
import { MomentSchema } from './entry.ts'
import { IdSchema } from './idSchema.ts'

/** Largest photograph that is kept, in bytes: what is larger is made smaller on the device first. */
export const LARGEST_PHOTOGRAPH = 2 * 1024 * 1024

/** Kinds of picture that every browser shows. */
export const PHOTOGRAPH_TYPES = ['image/jpeg', 'image/png', 'image/webp'] as const

/** A photograph that belongs to a place of the record. Its picture is kept beside the task, under its checksum. */
export const PhotographSchema = z.strictObject({
  id: IdSchema,
  of: z.string().min(1).max(400).describe('the path of what it shows: a part, a run, a reading, a tube, a step'),
  says: z.string().max(500).optional().describe('what stands under it'),
  type: z.enum(PHOTOGRAPH_TYPES),
  sha256: z.string().regex(/^[0-9a-f]{64}$/, 'must be a SHA-256 checksum in small hexadecimal digits'),
  bytes: z.number().int().positive().max(LARGEST_PHOTOGRAPH),
  width: z.number().int().positive().max(20_000),
  height: z.number().int().positive().max(20_000),
  at: MomentSchema.optional().describe('when it was attached'),
})

import { TaskSchema } from '@hop-lark/core/record'
import { z } from 'zod'

const moment = z.iso.datetime()
const version = z.number().int().nonnegative()

const kept = {
  id: z.string(),
  version,
  created: moment,
  updated: moment,
  archived: moment.nullable(),
}

/** How far a task is by its stages after the sheet. */
export const ProgressSchema = z.enum(['new', 'begun', 'done'])

/** What the shelf shows of a task without opening it. */
const SummarySchema = z.object({
  progress: ProgressSchema,
  stages: z.array(z.object({ title: z.string(), state: z.string(), figure: z.string() })).readonly(),
  answers: z.array(z.object({ says: z.string(), value: z.string(), unit: z.string() })).readonly(),
})

/** A line of the shelf. */
export const ShelfLineSchema = z.object({ ...kept, title: z.string(), summary: SummarySchema })

export const ShelfPageSchema = z.object({
  tasks: z.array(ShelfLineSchema).readonly(),
  total: z.number().int().nonnegative(),
  page: z.number().int().positive(),
  size: z.number().int().positive(),
})

/** A task as the server keeps it. */
export const KeptTaskSchema = z.object({ ...kept, document: TaskSchema })

/** An edit as it stands in the ledger. */
export const LedgerLineSchema = z.object({
  version,
  key: z.string(),
  patch: z.array(z.record(z.string(), z.unknown())).readonly(),
  at: moment,
  note: z.string().nullable(),
})

export const EditsSchema = z.object({ version, archived: moment.nullable(), edits: z.array(LedgerLineSchema).readonly() })

/** How a task stands; what changes when anybody saves, archives or deletes it. */
export const StandingSchema = z.object({ version, archived: z.boolean(), gone: z.boolean() })

export const SavedSchema = z.object({ kind: z.literal('saved'), version, at: moment })
/** Others saved first: their edits, to be joined with one's own. */
export const BehindSchema = z.object({ kind: z.literal('behind'), version, edits: z.array(LedgerLineSchema).readonly() })

/** Why a request came to nothing, and how to mend it. */
export const ErrorSchema = z.object({
  error: z.object({
    code: z.string(),
    says: z.string(),
    mend: z.string(),
    faults: z
      .array(z.object({ at: z.string(), says: z.string() }))
      .readonly()
      .optional(),
  }),
})

export const HealthSchema = z.object({
  status: z.enum(['ok', 'degraded']),
  database: z.enum(['ok', 'away']),
  names: z.array(z.string()).readonly().describe('under which the server answers, with port'),
})

import type { z } from 'zod'
import type {
  BehindSchema,
  EditsSchema,
  ErrorSchema,
  HealthSchema,
  KeptTaskSchema,
  LedgerLineSchema,
  SavedSchema,
  ShelfLineSchema,
  ShelfPageSchema,
  StandingSchema,
} from './answers.ts'
import type { ListQuerySchema, OperationSchema } from './requests.ts'

export type ListQuery = Readonly<z.infer<typeof ListQuerySchema>>
export type KeptTask = Readonly<z.infer<typeof KeptTaskSchema>>
export type ShelfLine = Readonly<z.infer<typeof ShelfLineSchema>>
export type ShelfPage = Readonly<z.infer<typeof ShelfPageSchema>>
export type PatchOperation = z.infer<typeof OperationSchema>
export type Saved = Readonly<z.infer<typeof SavedSchema>>
export type Health = Readonly<z.infer<typeof HealthSchema>>
export type Standing = Readonly<z.infer<typeof StandingSchema>>
export type ErrorBody = Readonly<z.infer<typeof ErrorSchema>>

/** An edit as it stands in the ledger; its patch was checked when it was saved. */
export type LedgerLine = Readonly<Omit<z.infer<typeof LedgerLineSchema>, 'patch'>> & { readonly patch: readonly PatchOperation[] }
/** What became of an edit: it made a version; or others came first, and these are their edits. */
export type SaveAnswer =
  | Saved
  | (Readonly<Omit<z.infer<typeof BehindSchema>, 'edits'>> & { readonly edits: readonly LedgerLine[] })
/** What was saved after a version. */
export type Edits = Readonly<Omit<z.infer<typeof EditsSchema>, 'edits'>> & { readonly edits: readonly LedgerLine[] }

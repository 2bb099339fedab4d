export { ADDRESSES, type Address } from './addresses.ts'
export { StandingSchema } from './answers.ts'
export { openApi } from './openApi.ts'
export {
  ChecksumSchema,
  CreateBodySchema,
  DestroyBodySchema,
  EditBodySchema,
  ListQuerySchema,
  SinceQuerySchema,
  TaskIdSchema,
} from './requests.ts'
export type {
  Edits,
  ErrorBody,
  Health,
  KeptTask,
  LedgerLine,
  ListQuery,
  PatchOperation,
  SaveAnswer,
  Saved,
  ShelfLine,
  ShelfPage,
  Standing,
} from './types.ts'

import type { Path } from '../../record/index.ts'

/** Something that an examiner would mark down, with where it is mended. */
export interface Remark {
  readonly code: string
  readonly at: Path
  readonly says: string
  readonly mend: string
}

/** What an examiner sees: what would be marked down, and what is right as it is. */
export interface Look {
  /** Whether there is anything to look at yet. */
  readonly begun: boolean
  readonly remarks: readonly Remark[]
  readonly right: readonly string[]
}

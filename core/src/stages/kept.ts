import type { Task } from '../record/index.ts'
import type { Summary } from './summary.ts'

/** What server and pages know of a kept task; times as ISO 8601. */
interface Kept {
  readonly id: string
  readonly version: number
  readonly created: string
  readonly updated: string
  readonly archived: string | null
}

/** A task as the server keeps it. */
export interface KeptTask extends Kept {
  readonly document: Task
}

/** A line of the shelf. */
export interface ShelfLine extends Kept {
  readonly title: string
  readonly summary: Summary
}

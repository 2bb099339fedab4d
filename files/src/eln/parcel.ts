import type { Task } from '@hop-lark/core/record'

/** An edit of the server's ledger, as it is put into an archive. */
export interface LedgerEdit {
  readonly version: number
  readonly at: string
  readonly patch: readonly unknown[]
}

/** A task with all that belongs to it: what goes into an archive, and what comes out of one. */
export interface Parcel {
  readonly task: Task
  /** Pictures of its photographs, by their ids. */
  readonly photographs: ReadonlyMap<string, Uint8Array>
}

/** A task as it is written, with what the server knows of it. */
export interface ToWrite extends Parcel {
  /** The server's ledger of edits, where there is one. */
  readonly edits?: readonly LedgerEdit[]
}

/** What is put into an archive beside the task itself. */
export interface ParcelToWrite extends ToWrite {
  /** The report as one HTML file. */
  readonly report: string
}

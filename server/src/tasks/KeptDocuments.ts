import type { Task } from '@hop-lark/core/record'

/** A document as it stood after a save: which version it was, and when that was written. */
export interface KeptDocument {
  readonly version: number
  readonly written: Date
  readonly document: Task
  /** The version at which the database has it whole. */
  readonly documented: number
  /** Length of its text, about. */
  readonly bytes: number
}

/**
 * The documents that were saved last, so that the next edit need not fetch, read and check the whole of them. Whether a
 * kept document still is the one in the database is not known here: the write that uses it says which version it was made
 * on, and the database decides. So several servers may keep documents of one database.
 */
export class KeptDocuments {
  private readonly kept = new Map<string, KeptDocument>()
  private readonly most: number
  private bytes = 0

  /** @param most - bytes of text in all, at most; the longest unused goes first */
  constructor(most: number) {
    this.most = most
  }

  get(id: string): KeptDocument | undefined {
    return this.kept.get(id)
  }

  keep(id: string, document: KeptDocument): void {
    this.forget(id)
    this.kept.set(id, document)
    this.bytes += document.bytes
    for (const oldest of this.kept.keys()) {
      if (this.bytes <= this.most) return
      this.forget(oldest)
    }
  }

  forget(id: string): void {
    this.bytes -= this.kept.get(id)?.bytes ?? 0
    this.kept.delete(id)
  }
}

import { verdictsIn } from '@hop-lark/core/identify'
import type { Task } from '@hop-lark/core/record'
import { factsOf, type Report, reportOf } from '@hop-lark/core/writeup'
import {
  type FileError,
  type FileFormat,
  type Parcel,
  readTasks,
  type ToWrite,
  writeArchive,
  writeAs,
  writeHtml,
} from '@hop-lark/files'
import { rasterise } from './rasterise.ts'

/** What came out of a file, or why nothing did. */
export type ReadFile =
  | { readonly kind: 'read'; readonly parcels: readonly Parcel[] }
  | { readonly kind: 'refused'; readonly code: string; readonly says: string; readonly mend: string }

const reportFor = (task: Task): Report => reportOf(factsOf(task, verdictsIn(task)))

/** Errors lose their kind on the way out of a worker. */
const isFileError = (error: unknown): error is FileError => error instanceof Error && error.name === 'FileError'

/** Files written and read, away from the page. */
export const filesWork = {
  /** A task as a file of a kind. */
  write: (format: FileFormat, parcel: ToWrite, at: Date): Promise<Uint8Array> =>
    writeAs(format, { parcel, reportOf: () => reportFor(parcel.task), rasterise, at }),
  /** Many tasks as one archive. */
  archive: async (parcels: readonly ToWrite[], name: string, at: Date): Promise<Uint8Array> =>
    writeArchive(
      parcels.map((parcel) => ({ ...parcel, report: writeHtml(reportFor(parcel.task), parcel.task, parcel.photographs) })),
      name,
      at,
    ),
  /** The tasks in a file of any of our kinds: all or none. */
  read: async (bytes: Uint8Array, name: string): Promise<ReadFile> => {
    try {
      return { kind: 'read', parcels: readTasks(bytes, name) }
    } catch (error) {
      if (!isFileError(error)) throw error
      return { kind: 'refused', code: error.code, says: error.message, mend: error.mend }
    }
  },
}

export type FilesWork = typeof filesWork

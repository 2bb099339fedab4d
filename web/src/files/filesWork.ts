import { verdictsIn } from '@hop-lark/core/identify'
import { fileNameOf, type Task } from '@hop-lark/core/record'
import { asMarkdown, factsOf, type Manner, type Report, reportOf } from '@hop-lark/core/writeup'
import {
  bytesOf,
  csvFiles,
  type FileError,
  type LedgerEdit,
  type Parcel,
  type ParcelToWrite,
  readTasks,
  writeArchive,
  writeDocx,
  writeHtml,
  writeZip,
} from '@hop-lark/files'
import type { Format } from './formats.ts'
import { rasterise } from './rasterise.ts'

/** A task with what the server and the device know of it. */
export interface ToWrite extends Parcel {
  readonly edits?: readonly LedgerEdit[]
}

/** What came out of a file, or why nothing did. */
export type ReadFile =
  | { readonly kind: 'read'; readonly parcels: readonly Parcel[] }
  | { readonly kind: 'refused'; readonly code: string; readonly says: string; readonly mend: string }

const reportFor = (task: Task, manner?: Manner): Report => reportOf(factsOf(task, verdictsIn(task)), manner)

const toArchive = ({ task, photographs, edits }: ToWrite): ParcelToWrite => ({
  task,
  photographs,
  report: writeHtml(reportFor(task), task, photographs),
  ...(edits ? { edits } : {}),
})

/** Errors lose their kind on the way out of a worker. */
const isFileError = (error: unknown): error is FileError => error instanceof Error && error.name === 'FileError'

/** Files written and read, away from the page. */
export const filesWork = {
  /** A task as a file of a kind. */
  write: async (format: Format, parcel: ToWrite, at: Date): Promise<Uint8Array> => {
    const { task, photographs } = parcel
    switch (format) {
      case 'md':
        return bytesOf(asMarkdown(reportFor(task)))
      case 'html':
        return bytesOf(writeHtml(reportFor(task), task, photographs))
      case 'docx':
        return writeDocx(reportFor(task), task, { rasterise, pictures: photographs })
      case 'csv':
        return writeZip(csvFiles(task), at)
      case 'eln':
        return writeArchive([toArchive(parcel)], fileNameOf(task.title), at)
    }
  },
  /** Many tasks as one archive. */
  archive: async (parcels: readonly ToWrite[], name: string, at: Date): Promise<Uint8Array> =>
    writeArchive(parcels.map(toArchive), name, at),
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

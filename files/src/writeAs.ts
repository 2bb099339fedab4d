import { fileNameOf } from '@hop-lark/core/record'
import { asMarkdown, type Report } from '@hop-lark/core/writeup'
import { csvFiles } from './csv/csvFiles.ts'
import type { Rasterise } from './docx/blocks.ts'
import { writeDocx } from './docx/writeDocx.ts'
import type { ToWrite } from './eln/parcel.ts'
import { writeArchive } from './eln/writeArchive.ts'
import { writeHtml } from './html/writeHtml.ts'
import { bytesOf } from './text.ts'
import { writeZip } from './zip/writeZip.ts'

/** What a task can be written as: its report, its tables or all of it. */
export const FILE_FORMATS = ['md', 'html', 'docx', 'csv', 'eln'] as const

export type FileFormat = (typeof FILE_FORMATS)[number]

/** What is written, and by what means. */
export interface Writing {
  readonly parcel: ToWrite
  /** The report of the parcel's task, worked out where it is wanted: the tables do without. */
  readonly reportOf: () => Report
  readonly rasterise: Rasterise
  /** When it is written. */
  readonly at: Date
}

/** A task as a file of a kind, the same from the page and from the command line; `csv` is a zip of the tables and what they mean. */
export async function writeAs(format: FileFormat, { parcel, reportOf, rasterise, at }: Writing): Promise<Uint8Array> {
  const { task, photographs } = parcel
  switch (format) {
    case 'md':
      return bytesOf(asMarkdown(reportOf()))
    case 'html':
      return bytesOf(writeHtml(reportOf(), task, photographs))
    case 'docx':
      return writeDocx(reportOf(), task, { rasterise, pictures: photographs })
    case 'csv':
      return writeZip(csvFiles(task), at)
    case 'eln': {
      const report = writeHtml(reportOf(), task, photographs)
      return writeArchive([{ ...parcel, report }], fileNameOf(task.title), at)
    }
  }
}

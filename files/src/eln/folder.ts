import { fileNameOf, type Photograph, writeTask } from '@hop-lark/core/record'
import { ledgerTable } from '@hop-lark/core/writeup'
import { csvFiles } from '../csv/csvFiles.ts'
import { writeCsv } from '../csv/writeCsv.ts'
import { bytesOf } from '../text.ts'
import type { ParcelToWrite } from './parcel.ts'

/** A file of an archive, with what it is. */
export interface ArchivedFile {
  /** As seen from the root of the crate. */
  readonly path: string
  readonly bytes: Uint8Array
  readonly type: string
  readonly says: string
}

/** The folder of a task in an archive. */
export interface Folder {
  /** With a slash at its end. */
  readonly path: string
  readonly files: readonly ArchivedFile[]
}

const ENDINGS = { 'image/jpeg': 'jpg', 'image/png': 'png', 'image/webp': 'webp' } as const

/** Where a photograph stands in the folder of its task. */
export const photographFile = ({ id, type }: Pick<Photograph, 'id' | 'type'>): string =>
  `photographs/${fileNameOf(id, 'photograph')}.${ENDINGS[type]}`

/** The files of a task: the task file, the report, its tables, its ledger, its photographs. */
export function folderOf({ task, report, edits, photographs }: ParcelToWrite, name: string): Folder {
  const file = (path: string, bytes: Uint8Array, type: string, says: string): ArchivedFile => ({
    path: `${name}/${path}`,
    bytes,
    type,
    says,
  })
  const tables = [...csvFiles(task)].map(([path, bytes]) =>
    path.endsWith('.csv')
      ? file(`tables/${path}`, bytes, 'text/csv', `Readings as a table: ${path}`)
      : file(`tables/${path}`, bytes, 'application/csvm+json', 'What stands in the columns of the tables'),
  )
  const pictures = (task.photographs ?? []).flatMap((photograph) => {
    const bytes = photographs.get(photograph.id)
    return bytes ? [file(photographFile(photograph), bytes, photograph.type, photograph.says ?? 'Photograph')] : []
  })
  const history = edits
    ? [
        file(
          'edits.json',
          bytesOf(`${JSON.stringify(edits, null, 2)}\n`),
          'application/json',
          'Every edit, with its time, as JSON patches',
        ),
      ]
    : []
  return {
    path: `${name}/`,
    files: [
      file('task.hoplark.json', bytesOf(writeTask(task)), 'application/json', 'The task file: the whole record'),
      file('report.html', bytesOf(report), 'text/html', 'The report'),
      ...tables,
      file('ledger.csv', bytesOf(writeCsv(ledgerTable(task))), 'text/csv', 'When each reading was written and struck through'),
      ...history,
      ...pictures,
    ],
  }
}

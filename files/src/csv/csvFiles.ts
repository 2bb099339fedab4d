import type { Task } from '@hop-lark/core/record'
import { csvwMetadata, dataTables } from '@hop-lark/core/writeup'
import { bytesOf } from '../text.ts'
import { writeCsv } from './writeCsv.ts'

/** The tables of a task as CSV files with their metadata, by name. */
export function csvFiles(task: Task): ReadonlyMap<string, Uint8Array> {
  const tables = dataTables(task)
  const files = tables.map((table): [string, Uint8Array] => [`${table.name}.csv`, bytesOf(writeCsv(table))])
  const metadata = csvwMetadata(tables, ({ name }) => `${name}.csv`)
  return new Map([...files, ['csv-metadata.json', bytesOf(`${JSON.stringify(metadata, null, 2)}\n`)]])
}

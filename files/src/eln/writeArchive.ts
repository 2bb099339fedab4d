import { fileNameOf } from '@hop-lark/core/record'
import { bytesOf } from '../text.ts'
import { writeZip } from '../zip/writeZip.ts'
import { folderOf } from './folder.ts'
import type { ParcelToWrite } from './parcel.ts'
import { METADATA_FILE, roCrate } from './roCrate.ts'

/** A name for each task's folder; two tasks of one title get a number. */
function folderNames(titles: readonly string[]): readonly string[] {
  const taken = new Set<string>()
  return titles.map((title) => {
    const name = fileNameOf(title)
    let free = name
    for (let number = 2; taken.has(free); number++) free = `${name}-${number}`
    taken.add(free)
    return free
  })
}

/**
 * Tasks as one archive (`.eln`): a zip whose single folder is a crate (RO-Crate 1.1) with task file, report, tables, ledger
 * and photographs of each.
 *
 * @param name - of the folder in it, usually that of the archive without its ending
 * @param at - when it is written
 */
export function writeArchive(parcels: readonly ParcelToWrite[], name: string, at: Date): Uint8Array {
  const names = folderNames(parcels.map(({ task }) => task.title))
  const described = parcels.map((parcel, index) => ({
    folder: folderOf(parcel, names[index] ?? 'task'),
    title: parcel.task.title || 'Untitled task',
    says: `${parcel.task.parts.length} parts, ${parcel.task.questions.length} questions`,
  }))
  const root = fileNameOf(name, 'archive')
  const metadata = bytesOf(`${JSON.stringify(roCrate(described, at), null, 2)}\n`)
  const files = described.flatMap(({ folder }) =>
    folder.files.map(({ path, bytes }): [string, Uint8Array] => [`${root}/${path}`, bytes]),
  )
  return writeZip(new Map([[`${root}/${METADATA_FILE}`, metadata], ...files]), at)
}

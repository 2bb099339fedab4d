import { readTaskFileBytes, TaskFileError } from '@hop-lark/core/record'
import { readDocx } from './docx/readDocx.ts'
import type { Parcel } from './eln/parcel.ts'
import { readArchive } from './eln/readArchive.ts'
import { FileError } from './FileError.ts'
import { readHtml } from './html/readHtml.ts'
import { isZip, refuseHuge } from './zip/readZip.ts'

const alone = (task: Parcel['task']): readonly Parcel[] => [{ task, photographs: new Map() }]

const PDF = [0x25, 0x50, 0x44, 0x46]
const OTHER_KINDS: readonly (readonly [RegExp, string, string])[] = [
  [/\.(csv|tsv|xlsx?|ods)$/i, 'a table', 'Open the task it belongs to, and choose “Bring in a table” there.'],
  [/\.(jpe?g|png|webp|gif|heic)$/i, 'a picture', 'Open the task it belongs to, and attach it there.'],
  [/\.(md|txt)$/i, 'plain text', 'A task sheet is pasted into a new task; a record comes back from its task file or archive.'],
]

function refuseOthers(bytes: Uint8Array, name: string): void {
  if (PDF.every((byte, index) => bytes[index] === byte))
    throw new FileError(
      'file.pdf',
      `${name} is a PDF, which holds no record.`,
      'Import the task file, the archive, or the report as HTML or Word document.',
    )
  const other = OTHER_KINDS.find(([ending]) => ending.test(name))
  if (other) throw new FileError('file.other', `${name} is ${other[1]}, not a task.`, other[2])
}

/**
 * The tasks in a file of any of our kinds: task file, archive, report as HTML or Word document. All of them or none.
 *
 * @throws FileError with what is wrong and how to mend it
 */
export function readTasks(bytes: Uint8Array, name: string): readonly Parcel[] {
  refuseHuge(bytes, name)
  if (bytes.byteLength === 0)
    throw new FileError('file.empty', `${name} is empty.`, 'Choose another file, or export it once more.')
  if (/\.docx$/i.test(name)) return alone(readDocx(bytes, name))
  if (isZip(bytes)) return readArchive(bytes, name)
  if (/\.html?$/i.test(name)) return alone(readHtml(bytes, name))
  refuseOthers(bytes, name)
  try {
    return alone(readTaskFileBytes(bytes))
  } catch (error) {
    if (!(error instanceof TaskFileError)) throw error
    throw new FileError('file.task', `${name}: ${error.message}`, 'Choose a file that ends in .hoplark.json, or an .eln archive.')
  }
}

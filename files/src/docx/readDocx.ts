import type { Task } from '@hop-lark/core/record'
import { FileError } from '../FileError.ts'
import { unpackTask } from '../packed.ts'
import { textOf } from '../text.ts'
import { readZip } from '../zip/readZip.ts'
import { RECORD_PART } from './writeDocx.ts'

/** The task that stands inside a report of ours that was saved as a Word document. */
export function readDocx(bytes: Uint8Array, name: string): Task {
  const part = readZip(bytes, name).get(RECORD_PART)
  const packed = part && /<task xmlns="urn:hop-lark:task">([A-Za-z0-9+/=\s]+)<\/task>/.exec(textOf(part, name))?.[1]
  if (!packed)
    throw new FileError(
      'docx.noRecord',
      `${name} is a Word document without a record in it.`,
      'Import the task file or the archive; a task sheet is opened on the brief.',
    )
  return unpackTask(packed)
}

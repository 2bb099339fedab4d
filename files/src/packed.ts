import { readTaskFileBytes, type Task, writeTask } from '@hop-lark/core/record'
import { gunzipSync, gzipSync } from 'fflate'
import { inBase64 } from './base64.ts'
import { FileError } from './FileError.ts'
import { inMegabytes, LARGEST_TABLE } from './limits.ts'
import { bytesOf } from './text.ts'

/** A task as one word of letters and digits (gzip, base64), to be put inside a report, so that the report can be opened again. */
export function packTask(task: Task): string {
  return inBase64(gzipSync(bytesOf(writeTask(task)), { level: 9, mtime: 0 }))
}

/** Size that a gzip stream says it unpacks to: its last four bytes (RFC 1952). */
function unpackedSize(bytes: Uint8Array): number {
  return new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength).getUint32(bytes.byteLength - 4, true)
}

/**
 * Takes a task out of a report again.
 *
 * @throws FileError where it is damaged; TaskFileError where what is in it is no task
 */
export function unpackTask(packed: string): Task {
  let bytes: Uint8Array
  try {
    const zipped = Uint8Array.from(atob(packed.trim()), (character) => character.charCodeAt(0))
    const size = unpackedSize(zipped)
    if (size > LARGEST_TABLE * 4) throw new RangeError(inMegabytes(size))
    bytes = gunzipSync(zipped, { out: new Uint8Array(size) })
  } catch {
    throw new FileError(
      'report.damaged',
      'The record inside this report is damaged.',
      'Export the report once more, or import the task file.',
    )
  }
  return readTaskFileBytes(bytes)
}

import { parseTaskText, readTask, TaskFileError } from './read.ts'
import type { Task } from './types.ts'

/** Browsers and Node have it; the types of neither are known here. */
declare const TextDecoder: new (
  label?: string,
  options?: { readonly fatal?: boolean },
) => { readonly decode: (bytes: Uint8Array, options?: { readonly stream?: boolean }) => string }

/** Where the first byte stands that is no UTF-8, by line and column from 1; undefined where all are. */
function firstStrayByte(bytes: Uint8Array): { readonly line: number; readonly column: number } | undefined {
  const decoder = new TextDecoder('utf-8', { fatal: true })
  try {
    decoder.decode(bytes)
    return undefined
  } catch {
    // The longest beginning that can be read ends where the trouble is; a character cut in two at its end is waited for.
    let [low, high] = [0, bytes.length]
    while (low < high) {
      const middle = Math.ceil((low + high) / 2)
      if (isReadable(bytes.subarray(0, middle))) low = middle
      else high = middle - 1
    }
    const before = new TextDecoder().decode(bytes.subarray(0, low)).split('\n')
    return { line: before.length, column: (before.at(-1)?.replace(/\uFFFD$/, '').length ?? 0) + 1 }
  }
}

function isReadable(bytes: Uint8Array): boolean {
  try {
    new TextDecoder('utf-8', { fatal: true }).decode(bytes, { stream: true })
    return true
  } catch {
    return false
  }
}

/**
 * The text of a task file from its bytes; a byte order mark is passed over.
 *
 * @throws TaskFileError with the place of the first byte that is no UTF-8
 */
function decodeTaskFile(bytes: Uint8Array): string {
  const stray = firstStrayByte(bytes)
  if (!stray) return new TextDecoder().decode(bytes)
  const says = `This is not written in UTF-8: line ${stray.line}, column ${stray.column}. Save it again as UTF-8.`
  throw new TaskFileError([{ at: '', says }])
}

/** A document from the bytes of a task file, not yet checked. */
export const parseTaskFile = (bytes: Uint8Array): unknown => parseTaskText(decodeTaskFile(bytes))

/** Reads a task from the bytes of a file. */
export const readTaskFileBytes = (bytes: Uint8Array): Task => readTask(parseTaskFile(bytes))

import { FileError } from './FileError.ts'

export const bytesOf = (text: string): Uint8Array => new TextEncoder().encode(text)

/**
 * The text of a file; a byte order mark is passed over.
 *
 * @throws FileError where it is no UTF-8
 */
export function textOf(bytes: Uint8Array, name: string): string {
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes)
  } catch {
    throw new FileError('text.encoding', `${name} is not written in UTF-8.`, 'Save it again as UTF-8.')
  }
}

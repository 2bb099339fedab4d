import { type Zippable, zipSync } from 'fflate'
import type { Files } from './readZip.ts'

/** Zip keeps times from 1980 on, in the time of the place. */
const EARLIEST = new Date(1980, 0, 2)

/**
 * A zip archive of files.
 *
 * @param at - the time that all of them get, so that the same record makes the same archive
 */
export function writeZip(files: Files, at: Date): Uint8Array {
  const mtime = at < EARLIEST ? EARLIEST : at
  const entries = [...files].map(([name, bytes]): [string, Zippable[string]] => [name, [bytes, { mtime }]])
  return zipSync(Object.fromEntries(entries), { level: 6 })
}

import { readdirSync, readFileSync } from 'node:fs'
import { readTaskText, type Task } from '@hop-lark/core/record'
import { factsOf, reportOf } from '@hop-lark/core/writeup'
import { checksumOf } from '../checksum.ts'
import type { ParcelToWrite } from '../eln/parcel.ts'
import { writeHtml } from '../html/writeHtml.ts'

const FOLDER = new URL('../../../demo/', import.meta.url)
export const DEMOS: readonly string[] = readdirSync(FOLDER).map((file) => file.replace('.hoplark.json', ''))
export const demo = (name: string): Task => readTaskText(readFileSync(new URL(`${name}.hoplark.json`, FOLDER), 'utf8'))

/** The smallest picture that a browser shows: one white pixel, as PNG. */
export const PIXEL = Uint8Array.from(
  atob('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAQAAAC1HAwCAAAAC0lEQVR42mP8/x8AAwMCAO+ip1sAAAAASUVORK5CYII='),
  (character) => character.charCodeAt(0),
)

/** A task with a photograph of its titration. */
export function withPhotograph(task: Task): Task {
  const [part] = task.parts
  return {
    ...task,
    photographs: [
      {
        id: 'photo1',
        of: `parts.${part?.id}`,
        says: 'the scale',
        type: 'image/png',
        sha256: checksumOf(PIXEL),
        bytes: PIXEL.byteLength,
        width: 1,
        height: 1,
      },
    ],
  }
}

export const reportFor = (task: Task) => reportOf(factsOf(task), 'notebook')

export const parcelOf = (task: Task, photographs: ReadonlyMap<string, Uint8Array> = new Map()): ParcelToWrite => ({
  task,
  photographs,
  report: writeHtml(reportFor(task), task, photographs),
})

export const AT = new Date('2026-06-01T12:00:00.000Z')

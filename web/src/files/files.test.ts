import { readTaskText } from '@hop-lark/core/record'
import type { FileFormat } from '@hop-lark/files'
import { describe, expect, it } from 'vitest'
import cider from '../../../demo/sulfate-in-glaze-salt.hoplark.json'
import { LAWN_SAND } from '../testing/openTask.tsx'
import { filesWork } from './filesWork.ts'
import { FORMATS } from './formats.ts'

const AT = new Date('2026-06-01T12:00:00.000Z')
const parcel = { task: LAWN_SAND, photographs: new Map<string, Uint8Array>() }
const write = (format: FileFormat) => filesWork.write(format, parcel, AT)

describe('files written away from the page', () => {
  it.each([
    ['md', '# Iron in lawn sand'],
    ['html', '<!doctype html>'],
    ['docx', 'PK'],
    ['csv', 'PK'],
    ['eln', 'PK'],
  ] as const)('%s is what it says', async (format, begins) => {
    expect(new TextDecoder().decode(await write(format)).startsWith(begins)).toBe(true)
    expect(FORMATS[format].says).toMatch(/^[A-Z]/)
  })

  it('come back as the task they were written of', async () => {
    for (const format of ['html', 'docx', 'eln'] as const)
      expect(await filesWork.read(await write(format), `task.${format}`)).toEqual({ kind: 'read', parcels: [parcel] })
  })

  it('of a whole shelf are one archive', async () => {
    const other = { task: readTaskText(JSON.stringify(cider)), photographs: new Map<string, Uint8Array>() }
    const read = await filesWork.read(await filesWork.archive([parcel, other], 'shelf', AT), 'shelf.eln')
    expect(read.kind === 'read' && read.parcels.map(({ task }) => task.title)).toEqual([LAWN_SAND.title, other.task.title])
  })

  it('that are none are refused in words that come through a worker', async () => {
    expect(await filesWork.read(new TextEncoder().encode('a,b'), 'runs.csv')).toEqual({
      kind: 'refused',
      code: 'file.other',
      says: 'runs.csv is a table, not a task.',
      mend: 'Open the task it belongs to, and choose “Bring in a table” there.',
    })
  })
})

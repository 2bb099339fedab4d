import { createHash, randomUUID } from 'node:crypto'
import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { gunzipSync, gzipSync } from 'node:zlib'
import { newTask } from '@hop-lark/core/record'
import { QueryTypes } from 'sequelize'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { readSettings } from '../config.ts'
import { migrate } from '../database/migrate.ts'
import { type PrivateDatabase, startPrivateDatabase } from '../launch/index.ts'
import { type Running, startServer } from '../start.ts'
import { saveEdit } from '../tasks/saveEdit.ts'
import { restoreBackup } from './restoreBackup.ts'
import { writeBackup } from './writeBackup.ts'

const folder = mkdtempSync(join(tmpdir(), 'hop-lark-backup-'))
const NOW = new Date('2026-05-12T10:00:00.000Z')
let database: PrivateDatabase
let server: Running
beforeAll(async () => {
  database = await startPrivateDatabase(join(folder, 'database'))
  server = await startServer(readSettings({ DATABASE_URL: database.url, PORT: '0', LOG_LEVEL: 'silent' }))
})
afterAll(async () => {
  await server.stop()
  await database.stop()
  rmSync(folder, { recursive: true, force: true })
})

const PNG = Buffer.from('89504e470d0a1a0a', 'hex')

let files = 0
const fileName = () => join(folder, `${files++}.gz`)
const rename = (id: string, base: number) =>
  saveEdit(server.tasks, id, {
    base,
    key: randomUUID(),
    patch: [{ op: 'replace', path: '/title', value: `Née ${base} \u{1f9ea}` }],
  })

/** Everything there is, but for what is summed up anew whenever somebody looks. */
async function everything() {
  const rows = (table: string, order: string) =>
    server.database.query<Record<string, unknown>>(`SELECT * FROM ${table} ORDER BY ${order}`, { type: QueryTypes.SELECT })
  const tasks = (await rows('tasks', 'id')).map(({ summed: _, ...row }) => row)
  const photographs = await rows('photographs', 'task, sha256')
  return JSON.stringify({ tasks, edits: await rows('edits', 'task, version'), photographs, loaded: await rows('loaded', 'name') })
}

async function fill(): Promise<string> {
  const { id } = await server.tasks.create(newTask('Iron in lawn sand', 'weigh-titrate', Math.random))
  // More edits than a document is written whole after, so that some are in the ledger alone.
  for (let base = 0; base < 70; base++) await rename(id, base)
  // More than are read at a time.
  for (let index = 0; index < 10; index++) {
    const picture = Buffer.concat([PNG, Buffer.from([index])])
    await server.tasks.photographs.keep(id, createHash('sha256').update(picture).digest('hex'), picture)
  }
  await server.tasks.setArchived((await server.tasks.duplicate(id)).id, true)
  await server.database.query('INSERT IGNORE INTO loaded (name, at) VALUES (:name, :at)', {
    replacements: { name: 'one', at: NOW },
  })
  return id
}

/** A backup with its lines changed. */
function altered(file: string, change: (lines: ReturnType<typeof JSON.parse>[]) => unknown[]): string {
  const lines = gunzipSync(readFileSync(file)).toString().trim().split('\n')
  const other = fileName()
  const text = change(lines.map((line) => JSON.parse(line))).map((line) => JSON.stringify(line))
  writeFileSync(other, gzipSync(`${text.join('\n')}\n`))
  return other
}

describe('a backup', () => {
  it('has everything, ledger and archive included, and puts it back over whatever is there', async () => {
    const id = await fill()
    const before = await everything()
    const file = fileName()
    const counts = await writeBackup(server.database, file, NOW)
    await rename(id, 70)
    await server.tasks.create(newTask('Later', 'direct', Math.random))
    expect(await everything()).not.toBe(before)
    expect(await restoreBackup(server.database, file)).toEqual(counts)
    expect(await everything()).toBe(before)
    // What is put back is worked on like any other: the ledger leads to its version.
    expect(await rename(id, 70)).toMatchObject({ kind: 'saved', version: 71 })
    expect((await server.tasks.find(id)).document.title).toBe('Née 70 \u{1f9ea}')
  })

  it('is never written over another', async () => {
    const file = fileName()
    writeFileSync(file, 'mine')
    await expect(writeBackup(server.database, file, NOW)).rejects.toThrow('exists already')
    expect(readFileSync(file, 'utf8')).toBe('mine')
    expect(existsSync(`${file}.part`)).toBe(false)
  })

  it.each<[string, (file: string) => string, RegExp]>([
    ['is not there', () => join(folder, 'nowhere.gz'), /is not there/],
    [
      'is cut off',
      (file) => {
        const other = fileName()
        writeFileSync(other, readFileSync(file).subarray(0, 400))
        return other
      },
      /damaged/,
    ],
    ['has no end', (file) => altered(file, (lines) => lines.slice(0, -1)), /cut off/],
    ['misses a line', (file) => altered(file, (lines) => lines.filter((_, index) => index !== 1)), /cut off/],
    ['is something else', (file) => altered(file, (lines) => [{ format: 'other' }, ...lines.slice(1)]), /no backup/],
    [
      'is from a newer Hop Lark',
      (file) => altered(file, ([head, ...lines]) => [{ ...head, migrations: [...head.migrations, '2031-flux'] }, ...lines]),
      /newer Hop Lark \('2031-flux'/,
    ],
    [
      'has a row that cannot be put in',
      (file) =>
        altered(file, (lines) => {
          const row = lines.findLast(({ table }) => table === 'edits')
          const end = lines.at(-1)
          return [...lines.slice(0, -1), row, { ...end, counts: { ...end.counts, edits: end.counts.edits + 1 } }]
        }),
      /./,
    ],
  ])('that %s changes nothing', async (_, make, says) => {
    await fill()
    const file = fileName()
    await writeBackup(server.database, file, NOW)
    const before = await everything()
    await expect(restoreBackup(server.database, make(file))).rejects.toThrow(says)
    expect(await everything()).toBe(before)
  })

  it('of an older Hop Lark is put back as one of today', async () => {
    const { id } = await server.tasks.create(newTask('Old', 'direct', Math.random))
    const file = fileName()
    await writeBackup(server.database, file, NOW)
    const old = altered(file, ([head, ...lines]) => [
      { ...head, migrations: head.migrations.slice(0, 1) },
      ...lines.map((line) => {
        if (line.table !== 'tasks') return line
        const { documented: _documented, progress: _progress, ...row } = line.row
        const document = JSON.parse(row.document)
        const parts = document.parts.map((part: { runs?: object[] }) =>
          part.runs ? { ...part, runs: part.runs.map((run) => ({ ...run, id: undefined })) } : part,
        )
        return { ...line, row: { ...row, document: JSON.stringify({ ...document, version: 1, parts }) } }
      }),
    ])
    // Ledgers of tasks with edits do not lead to what was altered here; this is about one that has none.
    const alone = altered(old, (lines) => {
      const kept = lines.filter(({ table, row }) => table === undefined || (table === 'tasks' && row.id === id))
      return [...kept.slice(0, -1), { end: true, counts: { tasks: 1, edits: 0, loaded: 0 } }]
    })
    await restoreBackup(server.database, alone)
    const { document } = await server.tasks.find(id)
    expect(document.version).toBe(2)
    expect(document.parts[0]).toMatchObject({ runs: [{ id: 'rough1' }, { id: 'run1' }] })
  })
})

it('a database that a newer Hop Lark has used is left alone, with a sentence', async () => {
  await server.database.query("INSERT INTO migrations (name) VALUES ('2031-flux')")
  await expect(migrate(server.database)).rejects.toThrow("was used by a newer Hop Lark ('2031-flux' is not known here)")
  await server.database.query("DELETE FROM migrations WHERE name = '2031-flux'")
})

it('before a database that holds something is changed, a backup is taken', async () => {
  const taken: string[] = []
  await server.database.query("DELETE FROM migrations WHERE name = '2026-11-progress'")
  await server.database.query('DROP INDEX tasks_archived_progress ON tasks')
  await server.database.query('ALTER TABLE tasks DROP COLUMN progress')
  const before = fileName()
  await migrate(server.database, async () => {
    await writeBackup(server.database, before, NOW)
    taken.push(before)
  })
  expect(taken).toEqual([before])
  await migrate(server.database, async () => void taken.push('again'))
  expect(taken).toHaveLength(1)
  await restoreBackup(server.database, before)
  expect(
    (
      await server.tasks.list({
        search: '',
        page: 1,
        size: 5,
        archived: 'false',
        sort: 'updated',
        order: 'desc',
        progress: 'new',
      })
    ).total,
  ).toBeGreaterThan(0)
})

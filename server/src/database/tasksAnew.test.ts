import { newTask, readTask } from '@hop-lark/core/record'
import { applyPatch } from 'rfc6902'
import { QueryTypes } from 'sequelize'
import { afterAll, beforeAll, expect, inject, it } from 'vitest'
import { readSettings } from '../config.ts'
import { type Running, startServer } from '../start.ts'
import { editsSince } from '../tasks/saveEdit.ts'
import { up as fillIn } from './migrations/allConventions.ts'
import { up } from './migrations/taskFileVersion2.ts'

let server: Running
beforeAll(async () => {
  server = await startServer(readSettings({ DATABASE_URL: inject('databaseUrl'), PORT: '0', LOG_LEVEL: 'silent' }))
})
afterAll(() => server.stop())

/** A task as a server before version 2 left it: written whole at version 1, with one edit in the ledger since. */
async function oldTask() {
  const { id } = await server.tasks.create(newTask('Old', 'empty', Math.random))
  const document = {
    format: 'hop-lark/task',
    version: 1,
    id,
    title: 'Old',
    conventions: {},
    materials: [{ id: 'B', label: 'B', form: 'solution' }],
    parts: [{ id: 't.1', kind: 'titration', burette: 'B', flask: [], reactions: [], runs: [{ kind: 'rough', final: '21.30' }] }],
  }
  const patch = [{ op: 'add', path: '/parts/0/runs/1', value: { kind: 'accurate', final: '20.65' } }]
  const write = (sql: string, replacements: object) => server.database.query(sql, { replacements: { id, ...replacements } })
  await write('UPDATE tasks SET document = :document, version = 2, documented = 1 WHERE id = :id', {
    document: JSON.stringify(document),
  })
  await write('INSERT INTO edits (task, version, `key`, patch, at) VALUES (:id, 2, "an edit", :patch, NOW())', {
    patch: JSON.stringify(patch),
  })
  applyPatch(document, patch as Parameters<typeof applyPatch>[1])
  return { id, document }
}

it('kept tasks become tasks of version 2, with what their ledger holds; pages are told as of any edit', async () => {
  const { id, document } = await oldTask()
  await up(server.database.getQueryInterface())
  const { version, document: now } = await server.tasks.find(id)
  expect(version).toBe(3)
  expect(readTask(now)).toEqual(readTask(document))
  expect(now.parts[0]).toMatchObject({
    id: 't-1',
    runs: [
      { id: 'rough1', final: '21.30' },
      { id: 'run1', final: '20.65' },
    ],
  })
  const [line] = await editsSince(server.tasks, id, 2)
  applyPatch(document, [...(line?.patch ?? [])])
  expect(document).toEqual(now)
})

it('is done once, and leaves tasks of today alone', async () => {
  const { id } = await server.tasks.create(newTask('New', 'direct', Math.random))
  const old = await oldTask()
  for (const _ of [1, 2]) await up(server.database.getQueryInterface())
  expect((await server.tasks.find(id)).version).toBe(0)
  const keys = await server.database.query('SELECT `key` FROM edits WHERE task = :id', {
    type: QueryTypes.SELECT,
    replacements: { id: old.id },
  })
  expect(keys).toEqual([{ key: 'an edit' }, { key: 'task-file-version-2' }])
})

it('tasks that say less than all conventions get the rest as is usual, in a line of their ledger', async () => {
  const { id } = await server.tasks.create(newTask('Before', 'direct', Math.random))
  const { document } = await server.tasks.find(id)
  const { runIn: _, endPoint: __, molarVolume: ___, ...fewer } = document.conventions
  await server.database.query('UPDATE tasks SET document = :document WHERE id = :id', {
    replacements: { id, document: JSON.stringify({ ...document, conventions: { ...fewer, figures: 4 } }) },
  })
  for (const _again of [1, 2]) await fillIn(server.database.getQueryInterface())
  const now = await server.tasks.find(id)
  expect(now.version).toBe(1)
  expect(now.document.conventions).toEqual({ ...document.conventions, figures: 4 })
  const [line] = await editsSince(server.tasks, id, 0)
  expect(line?.patch).toEqual([{ op: 'add', path: '/conventions', value: now.document.conventions }])
})

import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { newTask } from '@hop-lark/core/record'
import { expect, it } from 'vitest'
import { readSettings } from '../config.ts'
import { freePort, startPrivateDatabase } from '../launch/index.ts'
import { startServer } from '../start.ts'

it('says so while the database is away, and goes on when it is back, with everything that was acknowledged', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'hop-lark-away-'))
  const port = await freePort()
  let database = await startPrivateDatabase(folder, port)
  const server = await startServer(readSettings({ DATABASE_URL: database.url, PORT: '0', LOG_LEVEL: 'silent' }))
  const get = async (path: string) => {
    const response = await fetch(`${server.url}/api${path}`)
    return { status: response.status, body: (await response.json()) as { error?: { code: string } } }
  }
  try {
    const task = newTask('Kept', 'empty', Math.random)
    await server.tasks.create(task)
    await database.stop()
    expect(await get('/health')).toMatchObject({ status: 503, body: { status: 'degraded', database: 'away' } })
    expect(await get(`/tasks/${task.id}`)).toMatchObject({ status: 503, body: { error: { code: 'database.away' } } })
    database = await startPrivateDatabase(folder, port)
    expect((await get('/health')).status).toBe(200)
    expect(await get(`/tasks/${task.id}`)).toMatchObject({ status: 200, body: { document: { title: 'Kept' } } })
  } finally {
    await server.stop()
    await database.stop()
    rmSync(folder, { recursive: true, force: true })
  }
})

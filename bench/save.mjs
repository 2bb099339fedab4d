import { randomUUID } from 'node:crypto'
import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { startPrivateDatabase } from '@hop-lark/server/launch'
import { readSettings } from '../server/dist/config.js'
import { startServer } from '../server/dist/start.js'

const CLIENTS = 50
const ROUNDS = 40

function quantile(sorted, part) {
  return sorted[Math.min(sorted.length - 1, Math.floor(part * sorted.length))]
}

function report(name, times, seconds) {
  const sorted = times.toSorted((a, b) => a - b)
  console.log(
    `  ${name}: p50 ${quantile(sorted, 0.5).toFixed(1)} ms, p95 ${quantile(sorted, 0.95).toFixed(1)} ms, ${Math.round(times.length / seconds)} a second`,
  )
}

/** Every client does its rounds one after another, all clients at once. */
async function measure(name, act) {
  const times = []
  const begin = performance.now()
  await Promise.all(
    Array.from({ length: CLIENTS }, async (_, client) => {
      for (let round = 0; round < ROUNDS; round++) {
        const start = performance.now()
        await act(client, round)
        times.push(performance.now() - start)
      }
    }),
  )
  report(name, times, (performance.now() - begin) / 1000)
}

/** Saving a reading through server and database, 50 clients at once on tasks of their own, beside a route that only does SELECT 1. */
export async function benchSave() {
  const folder = mkdtempSync(join(tmpdir(), 'hop-lark-bench-'))
  const database = await startPrivateDatabase(folder)
  const server = await startServer(
    readSettings({ DATABASE_URL: database.url, PORT: '0', LOG_LEVEL: 'silent', HOP_LARK_REQUESTS_PER_MINUTE: '10000000' }),
  )
  const post = async (path, body) => {
    const response = await fetch(`${server.url}/api${path}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    })
    if (!response.ok) throw new Error(`${path}: ${response.status} ${await response.text()}`)
    return response.json()
  }
  try {
    const document = JSON.parse(readFileSync(new URL('../demo/iron-in-lawn-sand.hoplark.json', import.meta.url), 'utf8'))
    const ids = await Promise.all(
      Array.from(
        { length: CLIENTS },
        async (_, client) => (await post('/tasks', { document: { ...document, id: `bench-${client}` } })).id,
      ),
    )
    console.log(`\n${CLIENTS} clients at once, ${ROUNDS} requests each, server, database and clients on the same cores`)
    await measure('SELECT 1 (bare route)', async () => {
      await (await fetch(`${server.url}/api/health`)).json()
    })
    await measure('save one reading', (client, round) =>
      post(`/tasks/${ids[client]}/edits`, {
        base: round,
        key: randomUUID(),
        patch: [{ op: 'replace', path: '/parts/2/runs/2/final', value: (40 + round / 20).toFixed(2) }],
      }),
    )
  } finally {
    await server.stop()
    await database.stop()
    rmSync(folder, { recursive: true, force: true })
  }
}

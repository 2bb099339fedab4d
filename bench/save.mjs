import { execFile } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { promisify } from 'node:util'
import { readSettings, startPrivateDatabase, startServer } from '@hop-lark/server/launch'
import { figure, quantile } from './figure.mjs'

const CLIENTS = 50
const ROUNDS = 20
const run = promisify(execFile)
const clients = fileURLToPath(new URL('saveClients.mjs', import.meta.url))

/** Saving a reading through server and database, 50 clients at once on tasks of their own, beside a route that only does SELECT 1. */
export async function benchSave(sizes = [100, 1000]) {
  const folder = mkdtempSync(join(tmpdir(), 'hop-lark-bench-'))
  const database = await startPrivateDatabase(folder)
  const server = await startServer(
    readSettings({ DATABASE_URL: database.url, PORT: '0', LOG_LEVEL: 'silent', HOP_LARK_REQUESTS_PER_MINUTE: '10000000' }),
  )
  const figures = []
  try {
    for (const size of sizes) {
      const { stdout } = await run(process.execPath, [clients, server.url, size, CLIENTS, ROUNDS], { maxBuffer: 2 ** 26 })
      const { bare, save } = JSON.parse(stdout)
      const [p95, bareP95] = [quantile(save.taken, 0.95), quantile(bare.taken, 0.95)]
      figures.push(
        figure(`save a reading, ${size} runs: p50`, quantile(save.taken, 0.5), 'ms'),
        figure(`save a reading, ${size} runs: p95`, p95, 'ms', `the bare SELECT 1: ${bareP95.toFixed(0)} ms`),
        figure(`save a reading, ${size} runs: p95 over that of the bare route`, p95 / bareP95, '×'),
        figure(`save a reading, ${size} runs: saves`, save.taken.length / save.seconds, 'a second'),
      )
    }
  } finally {
    await server.stop()
    await database.stop()
    rmSync(folder, { recursive: true, force: true })
  }
  return figures
}

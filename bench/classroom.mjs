import { execFile } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { promisify } from 'node:util'
import { readSettings, startPrivateDatabase, startServer } from '@hop-lark/server/launch'
import { figure, quantile } from './figure.mjs'

const PAGES = 40
const SECONDS = 30
const clients = fileURLToPath(new URL('classClients.mjs', import.meta.url))

/** A class of forty, each with a page that listens and saves a reading every two seconds, with the limits a server has. */
export async function benchClassroom() {
  const folder = mkdtempSync(join(tmpdir(), 'hop-lark-bench-'))
  const database = await startPrivateDatabase(folder)
  const server = await startServer(readSettings({ DATABASE_URL: database.url, PORT: '0', LOG_LEVEL: 'silent' }))
  try {
    const { stdout } = await promisify(execFile)(process.execPath, [clients, server.url, PAGES, SECONDS], { maxBuffer: 2 ** 26 })
    const { bare, save, heard, refused } = JSON.parse(stdout)
    const [p95, bareP95] = [quantile(save, 0.95), quantile(bare, 0.95)]
    return [
      figure('save a reading: p50', quantile(save, 0.5), 'ms'),
      figure('save a reading: p95', p95, 'ms', `the bare SELECT 1: ${bareP95.toFixed(1)} ms`),
      figure('save a reading: p95 over that of the bare route', p95 / bareP95, '×'),
      figure('readings saved', save.length, ''),
      figure('events heard', heard, ''),
      figure('requests refused', refused.length, ''),
    ]
  } finally {
    await server.stop()
    await database.stop()
    rmSync(folder, { recursive: true, force: true })
  }
}

// Saves readings from many clients while server and database are killed at random, and then looks whether every edit that
// was acknowledged is there once: node scripts/kills.mjs [--edits 20000] [--kills 100] [--seed 1]
import { spawn } from 'node:child_process'
import { randomUUID } from 'node:crypto'
import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { setTimeout as wait } from 'node:timers/promises'
import { fileURLToPath } from 'node:url'
import { parseArgs } from 'node:util'
import { uniformFrom } from '@hop-lark/core/number'
import { newTask } from '@hop-lark/core/record'
import { freePort } from '@hop-lark/server/launch'

const { values } = parseArgs({
  options: {
    edits: { type: 'string', default: '20000' },
    kills: { type: 'string', default: '100' },
    seed: { type: 'string', default: '1' },
  },
})
const [EDITS, KILLS] = [Number(values.edits), Number(values.kills)]
/** Few enough edits of each that no record grows past what people keep. */
const EDITS_OF_A_TASK = 500
const CLIENTS = 20

const root = fileURLToPath(new URL('..', import.meta.url))
const state = mkdtempSync(join(tmpdir(), 'hop-lark-kills-'))
const random = uniformFrom(Number(values.seed))
const port = await freePort()
const url = `http://127.0.0.1:${port}`

let server
async function start() {
  const child = spawn(process.execPath, ['server/dist/launch/main.js', 'start'], {
    cwd: root,
    env: {
      ...process.env,
      DATABASE_URL: '',
      PORT: String(port),
      HOP_LARK_STATE: state,
      HOP_LARK_EXIT_WITH_PARENT: '1',
      HOP_LARK_REQUESTS_PER_MINUTE: '10000000',
      LOG_LEVEL: 'silent',
    },
    stdio: ['ignore', 'ignore', 'pipe'],
  })
  server = child
  await new Promise((resolve, reject) => {
    let said = ''
    child.stderr.on('data', (chunk) => {
      said += chunk
      if (said.includes('Hop Lark is at')) resolve()
    })
    child.once('exit', () => reject(new Error(said)))
  })
}

/** Asks until there is an answer that is not the server's or the database's absence. */
async function ask(path, body) {
  for (;;) {
    try {
      const response = await fetch(`${url}/api${path}`, {
        ...(body ? { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) } : {}),
        signal: AbortSignal.timeout(15_000),
      })
      if (response.status < 500) return { status: response.status, body: await response.json() }
    } catch {
      // Nobody answered, or not to the end: the same is asked again.
    }
    await wait(50)
  }
}

const tasks = []
/** The newest version of each task that an answer told. */
const versions = new Map()
const acknowledged = []
let next = 0
const unexpected = []

/** One edit after another, each a run of its own, on a task that others write to as well. */
async function client() {
  while (next < EDITS) {
    const number = next++
    const id = tasks[number % tasks.length]
    const [run, key] = [`k${number}`, randomUUID()]
    const patch = [{ op: 'add', path: '/parts/0/runs/-', value: { id: run, kind: 'accurate', initial: '1.00' } }]
    for (let base = versions.get(id) ?? 0; ; ) {
      const { status, body } = await ask(`/tasks/${id}/edits`, { base, key, patch })
      if (status === 200) {
        acknowledged.push({ id, run, key })
        versions.set(id, Math.max(base + 1, versions.get(id) ?? 0))
        break
      }
      if (status !== 409 || body.kind !== 'behind') {
        unexpected.push({ status, body })
        break
      }
      base = body.version
    }
  }
}

async function kill() {
  const database = random() < 0.5
  if (!database) {
    const gone = new Promise((resolve) => server.once('exit', resolve))
    server.kill('SIGKILL')
    await gone
    await start()
    return
  }
  try {
    process.kill(Number(readFileSync(join(state, 'database', 'mariadb.pid'), 'utf8')), 'SIGKILL')
  } catch {
    // It is being started just now.
  }
}

const began = Date.now()
await start()
for (let count = 0; count < Math.max(CLIENTS / 2, Math.ceil(EDITS / EDITS_OF_A_TASK)); count++)
  tasks.push((await ask('/tasks', { document: newTask(`Kills ${count}`, 'direct', random) })).body.id)
let kills = 0
const working = Promise.all(Array.from({ length: CLIENTS }, client))
const killing = (async () => {
  // Spread over the work: the next kill waits for its share of the edits.
  while (kills < KILLS && next < EDITS) {
    if (acknowledged.length >= (kills * EDITS) / KILLS) {
      await wait(random() * 200)
      await kill()
      kills++
    } else await wait(5)
  }
})()
await Promise.all([working, killing])

let [lost, doubled] = [0, 0]
for (const id of tasks) {
  const [{ body: kept }, { body: ledger }] = [await ask(`/tasks/${id}`), await ask(`/tasks/${id}/edits?since=0`)]
  const runs = kept.document.parts[0].runs.map((run) => run.id)
  const keys = ledger.edits.map((line) => line.key)
  for (const edit of acknowledged.filter((one) => one.id === id)) {
    if (!runs.includes(edit.run) || !keys.includes(edit.key)) lost++
  }
  doubled += runs.length - new Set(runs).size + (keys.length - new Set(keys).size)
  if (kept.version !== keys.length) unexpected.push({ id, version: kept.version, lines: keys.length })
}
const gone = new Promise((resolve) => server.once('exit', resolve))
server.kill('SIGTERM')
await gone
rmSync(state, { recursive: true, force: true })

const seconds = ((Date.now() - began) / 1000).toFixed(0)
console.log(
  `${acknowledged.length} acknowledged edits under ${kills} kills in ${seconds} s: ${lost} lost, ${doubled} doubled, ${unexpected.length} answers that were neither success nor 409`,
)
if (unexpected.length > 0) console.log(JSON.stringify(unexpected.slice(0, 3)))
process.exitCode = lost + doubled + unexpected.length === 0 && acknowledged.length === EDITS ? 0 : 1

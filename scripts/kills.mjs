// Saves readings from many clients while server and database are killed at random, and then looks whether every edit that
// was acknowledged is there once: node scripts/kills.mjs [--edits 20000] [--kills 100] [--seed 1]
import { spawn } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { setTimeout as wait } from 'node:timers/promises'
import { fileURLToPath } from 'node:url'
import { parseArgs } from 'node:util'
import { uniformFrom } from '@hop-lark/core/number'
import { freePort } from '@hop-lark/server/launch'
import { makeEdits } from './edits.mjs'

const { values } = parseArgs({
  options: {
    edits: { type: 'string', default: '20000' },
    kills: { type: 'string', default: '100' },
    seed: { type: 'string', default: '1' },
  },
})
const [EDITS, KILLS] = [Number(values.edits), Number(values.kills)]
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
const edits = await makeEdits({ urls: [url], edits: EDITS, clients: CLIENTS, random })
let kills = 0
const killing = async () => {
  // Spread over the work: the next kill waits for its share of the edits.
  while (kills < KILLS && !edits.isDone()) {
    if (edits.acknowledged.length >= (kills * EDITS) / KILLS) {
      await wait(random() * 200)
      await kill()
      kills++
    } else await wait(5)
  }
}
await Promise.all([edits.work(), killing()])
const { lost, doubled } = await edits.check()
const gone = new Promise((resolve) => server.once('exit', resolve))
server.kill('SIGTERM')
await gone
rmSync(state, { recursive: true, force: true })

const seconds = ((Date.now() - began) / 1000).toFixed(0)
const { acknowledged, unexpected } = edits
console.log(
  `${acknowledged.length} acknowledged edits under ${kills} kills in ${seconds} s: ${lost} lost, ${doubled} doubled, ${unexpected.length} answers that were neither success nor 409`,
)
if (unexpected.length > 0) console.log(JSON.stringify(unexpected.slice(0, 3)))
process.exitCode = lost + doubled + unexpected.length === 0 && acknowledged.length === EDITS ? 0 : 1

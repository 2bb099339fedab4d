import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { readSettings } from '../config.ts'
import { type Running, startServer } from '../start.ts'
import { loadDemo } from './demo.ts'
import { isAlive } from './ports.ts'
import { type PrivateDatabase, startPrivateDatabase } from './privateDatabase.ts'

const ROOT = fileURLToPath(new URL('../../../', import.meta.url))
const STATE = process.env.HOP_LARK_STATE ?? join(ROOT, '.hop-lark')
const PID_FILE = join(STATE, 'server.pid')

function say(text: string): void {
  console.error(text)
}

function fail(error: unknown): never {
  say(`hop-lark: ${error instanceof Error ? error.message : String(error)}`)
  process.exit(1)
}

/** Two servers on one data folder would get in each other's way. */
function refuseSecond(): void {
  if (!existsSync(PID_FILE)) return
  const [pid = '', url = ''] = readFileSync(PID_FILE, 'utf8').trim().split(' ')
  if (Number(pid) > 1 && Number(pid) !== process.pid && isAlive(Number(pid))) {
    fail(`Hop Lark is already running here (process ${pid}). Open ${url}, or stop it with: kill ${pid}`)
  }
}

function wordStartError(error: unknown): Error {
  const { code, message } = error as NodeJS.ErrnoException
  if (code === 'EADDRINUSE') return new Error('The port is in use. Choose another: PORT=4711 ./hop-lark demo')
  if (code === 'EACCES') return new Error('This port is not allowed. Choose one above 1023: PORT=4711 ./hop-lark demo')
  if (process.env.DATABASE_URL) return new Error(`The database at DATABASE_URL cannot be used: ${message}`)
  return error instanceof Error ? error : new Error(String(error))
}

/** A test runner that is killed cannot stop what it started, so we look whether it is still there. */
function stopWithParent(stop: () => void): void {
  const parent = process.ppid
  const timer = setInterval(() => {
    if (process.ppid === parent) return
    clearInterval(timer)
    stop()
  }, 500)
  timer.unref()
}

async function start(withDemo: boolean): Promise<void> {
  mkdirSync(STATE, { recursive: true })
  refuseSecond()
  const own: PrivateDatabase | undefined = process.env.DATABASE_URL
    ? undefined
    : await startPrivateDatabase(join(STATE, 'database'))
  let running: Running | undefined
  const stop = async (status: number) => {
    await running?.stop()
    await own?.stop()
    rmSync(PID_FILE, { force: true })
    process.exit(status)
  }
  try {
    const settings = readSettings(own ? { ...process.env, DATABASE_URL: own.url } : process.env)
    running = await startServer(settings, join(ROOT, 'web', 'dist'))
    writeFileSync(PID_FILE, `${process.pid} ${running.url}\n`)
    if (withDemo) {
      const loaded = await loadDemo(running, join(ROOT, 'demo'))
      if (loaded > 0) say(`${loaded} demo tasks from Wrackholm are on the shelf.`)
    }
  } catch (error) {
    say(`hop-lark: ${wordStartError(error).message}`)
    await stop(1)
  }
  for (const signal of ['SIGINT', 'SIGTERM'] as const) process.once(signal, () => void stop(0))
  if (process.env.HOP_LARK_EXIT_WITH_PARENT) stopWithParent(() => void stop(0))
  say(`Hop Lark is at ${running?.url}   (Ctrl-C stops it)`)
}

await start(process.argv[2] === 'demo').catch(fail)

import { mkdirSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { writeBackup } from '../backup/writeBackup.ts'
import { readSettings } from '../config.ts'
import { type Running, startServer } from '../start.ts'
import { backUp, backupName, backupsIn, restore } from './backups.ts'
import { loadDemo } from './demo.ts'
import { removePid, runningServer, writePid } from './pidFile.ts'
import type { PrivateDatabase } from './privateDatabase.ts'
import { startWatchedDatabase } from './watchedDatabase.ts'

const ROOT = fileURLToPath(new URL('../../../', import.meta.url))
const STATE = process.env.HOP_LARK_STATE ?? join(ROOT, '.hop-lark')

function say(text: string): void {
  console.error(text)
}

function fail(error: unknown): never {
  say(`hop-lark: ${error instanceof Error ? error.message : String(error)}`)
  process.exit(1)
}

/** Two servers on one data folder would get in each other's way. */
function refuseSecond(): void {
  const running = runningServer(STATE)
  if (running) {
    const { pid, url } = running
    fail(new Error(`Hop Lark is already running here (process ${pid}). Open ${url}, or stop it with: kill ${pid}`))
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
    : await startWatchedDatabase(join(STATE, 'database'), say)
  let running: Running | undefined
  const stop = async (status: number) => {
    await running?.stop()
    await own?.stop()
    removePid(STATE)
    process.exit(status)
  }
  try {
    const settings = readSettings(own ? { ...process.env, DATABASE_URL: own.url } : process.env)
    running = await startServer(settings, {
      webFolder: join(ROOT, 'web', 'dist'),
      beforeMigration: (database) =>
        writeBackup(database, backupName(backupsIn(STATE), 'before-migration', new Date()), new Date()),
    })
    writePid(STATE, running.url)
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

const [, , verb, file] = process.argv
const done =
  verb === 'backup' ? backUp(STATE, file, say) : verb === 'restore' ? restore(STATE, file, say) : start(verb === 'demo')
await done.catch(fail)

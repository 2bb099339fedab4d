import { type ChildProcess, spawn } from 'node:child_process'
import { readdirSync, readFileSync, rmSync } from 'node:fs'
import { mkdtemp } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { freePort, type PrivateDatabase, startPrivateDatabase } from '@hop-lark/server/launch'
import { test as base, expect } from '@playwright/test'

const ROOT = fileURLToPath(new URL('..', import.meta.url))
const DEMO = join(ROOT, 'demo')

/** A connection of its own: one that is kept may be closed by the server while a test does something else for seconds. */
const ALONE = { connection: 'close' } as const

/** The built app with a database of its own, either of which a test can stop and start again. */
export class Bench {
  readonly url: string
  private readonly port: number
  private readonly databasePort: number
  private readonly folder: string
  private database: PrivateDatabase | undefined
  private server: ChildProcess | undefined

  constructor(ports: { readonly port: number; readonly databasePort: number }, folder: string) {
    this.port = ports.port
    this.databasePort = ports.databasePort
    this.folder = folder
    this.url = `http://127.0.0.1:${this.port}`
  }

  async startDatabase(): Promise<void> {
    this.database = await startPrivateDatabase(join(this.folder, 'database'), this.databasePort)
  }

  async stopDatabase(): Promise<void> {
    await this.database?.stop()
    this.database = undefined
  }

  async startServer(): Promise<void> {
    const server = spawn(process.execPath, ['server/dist/launch/main.js', 'start'], {
      cwd: ROOT,
      env: {
        ...process.env,
        DATABASE_URL: this.database?.url,
        PORT: String(this.port),
        HOP_LARK_STATE: join(this.folder, 'state'),
        HOP_LARK_EXIT_WITH_PARENT: '1',
      },
      stdio: ['ignore', 'ignore', 'pipe'],
    })
    this.server = server
    await new Promise<void>((resolve, reject) => {
      let said = ''
      server.stderr?.on('data', (chunk: Buffer) => {
        said += chunk.toString()
        if (said.includes('Hop Lark is at')) resolve()
      })
      server.once('exit', () => reject(new Error(`The server did not start: ${said}`)))
    })
  }

  /** Kills the server, as a power cut does. */
  async killServer(): Promise<void> {
    const { server } = this
    if (!server || server.exitCode !== null || server.signalCode !== null) return
    const gone = new Promise((resolve) => server.once('exit', resolve))
    server.kill('SIGKILL')
    await gone
  }

  /** Starts the server if a test left it stopped. */
  async ensureServer(): Promise<void> {
    const { server } = this
    if (!server || server.exitCode !== null || server.signalCode !== null) await this.startServer()
  }

  async stopServer(): Promise<void> {
    const { server } = this
    if (!server || server.exitCode !== null || server.signalCode !== null) return
    const gone = new Promise((resolve) => server.once('exit', resolve))
    server.kill('SIGTERM')
    await gone
  }

  /** Puts a demo task on the shelf under a new id, so that tests do not meet in it; `change` alters it before. */
  async shelve(name: string, change: (document: ReturnType<typeof JSON.parse>) => void = () => {}): Promise<string> {
    const document = {
      ...JSON.parse(readFileSync(join(DEMO, `${name}.hoplark.json`), 'utf8')),
      id: `t${Math.random().toString(36).slice(2, 12)}`,
    }
    change(document)
    const response = await fetch(`${this.url}/api/tasks`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', ...ALONE },
      body: JSON.stringify({ document }),
    })
    return ((await response.json()) as { id: string }).id
  }

  async document(id: string): Promise<ReturnType<typeof JSON.parse>> {
    const response = await fetch(`${this.url}/api/tasks/${id}`, { headers: ALONE })
    return ((await response.json()) as { document: unknown }).document
  }

  async stop(): Promise<void> {
    await this.stopServer()
    await this.stopDatabase()
    rmSync(this.folder, { recursive: true, force: true })
  }
}

/** Names of the demo tasks. */
export const DEMO_TASKS = readdirSync(DEMO).map((file) => file.replace('.hoplark.json', ''))

/** Tests of one worker share an app; one that stops it starts it again. */
export const test = base.extend<Record<never, never>, { bench: Bench }>({
  bench: [
    async ({}, use) => {
      const folder = await mkdtemp(join(tmpdir(), 'hop-lark-e2e-'))
      const bench = new Bench({ port: await freePort(), databasePort: await freePort() }, folder)
      await bench.startDatabase()
      await bench.startServer()
      await use(bench)
      await bench.stop()
    },
    { scope: 'worker', timeout: 60_000 },
  ],
})

export { expect }

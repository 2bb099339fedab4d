// The workbench: the pages with hot reload and the server, built anew when its files or core's change, on one address.
import { spawn } from 'node:child_process'
import { mkdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { freePort, startPrivateDatabase } from '@hop-lark/server/launch'
import { context } from 'esbuild'
import { createServer } from 'vite'

const root = fileURLToPath(new URL('..', import.meta.url))
const state = join(root, '.hop-lark')
// Three folders down, as the built server is: from there it finds the pages and the demo tasks.
const built = join(state, 'dev', 'server', 'main.mjs')
const address = Number(process.env.PORT ?? 4710)
const say = (text) => console.error(text)

mkdirSync(join(state, 'dev', 'server'), { recursive: true })
const database = process.env.DATABASE_URL ? undefined : await startPrivateDatabase(join(state, 'database'))
const serverPort = await freePort()

let server
let stopping = false

async function stopServer() {
  const old = server
  server = undefined
  if (!old || old.exitCode !== null) return
  const gone = new Promise((resolve) => old.once('exit', resolve))
  old.kill('SIGTERM')
  await gone
}

async function startServer() {
  await stopServer()
  if (stopping) return
  server = spawn(process.execPath, ['--enable-source-maps', built, 'demo'], {
    cwd: root,
    stdio: ['ignore', 'inherit', 'pipe'],
    env: {
      ...process.env,
      DATABASE_URL: process.env.DATABASE_URL ?? database.url,
      PORT: String(serverPort),
      // The pages come from the other port, and what they change is saved by this one.
      HOP_LARK_HOSTS: `127.0.0.1:${address},localhost:${address}`,
      HOP_LARK_EXIT_WITH_PARENT: '1',
    },
  })
  server.stderr.on('data', (chunk) => {
    const text = chunk.toString()
    if (!text.includes('Hop Lark is at')) process.stderr.write(text)
  })
}

const dependenciesOf = (workspace) =>
  Object.keys(JSON.parse(readFileSync(join(root, workspace, 'package.json'), 'utf8')).dependencies)

const bundle = await context({
  entryPoints: [join(root, 'server', 'src', 'launch', 'main.ts')],
  outfile: built,
  bundle: true,
  platform: 'node',
  format: 'esm',
  target: 'node20',
  sourcemap: true,
  conditions: ['@hop-lark/source'],
  external: [...dependenciesOf('server'), ...dependenciesOf('core')].filter((name) => !name.startsWith('@hop-lark/')),
  logLevel: 'warning',
  plugins: [
    {
      name: 'start again',
      setup: (build) => build.onEnd(({ errors }) => (errors.length === 0 ? startServer() : undefined)),
    },
  ],
})
await bundle.watch()

const pages = await createServer({
  configFile: join(root, 'web', 'vite.config.ts'),
  root: join(root, 'web'),
  server: {
    host: process.env.HOST ?? '127.0.0.1',
    port: address,
    strictPort: true,
    proxy: { '/api': { target: `http://127.0.0.1:${serverPort}`, changeOrigin: true } },
  },
})
await pages.listen()
say(`Hop Lark is at http://127.0.0.1:${address}, with hot reload   (Ctrl-C stops it)`)

async function stop() {
  if (stopping) return
  stopping = true
  await Promise.all([pages.close(), bundle.dispose(), stopServer()])
  await database?.stop()
  process.exit(0)
}
for (const signal of ['SIGINT', 'SIGTERM']) process.once(signal, () => void stop())

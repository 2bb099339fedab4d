import { createHash } from 'node:crypto'
import { readdirSync, readFileSync } from 'node:fs'
import { join, relative } from 'node:path'
import { fileURLToPath } from 'node:url'
import { build } from 'esbuild'
import type { Plugin } from 'vite'

const SOURCE = fileURLToPath(new URL('./src/offline/serviceWorker.ts', import.meta.url))
/** What pages are made of. */
const KEPT = /\.(html|js|css|woff2|svg|webmanifest)$/

/** Every file of a build with the sum of its content; those that bear it in their name never change. */
function filesOf(folder: string): readonly { url: string; revision: string | null }[] {
  return readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && KEPT.test(entry.name) && entry.name !== 'sw.js')
    .map((entry) => {
      const path = join(entry.parentPath, entry.name)
      const url = `/${relative(folder, path)}`
      const sum = createHash('sha256').update(readFileSync(path)).digest('hex').slice(0, 16)
      return { url, revision: url.startsWith('/assets/') ? null : sum }
    })
    .toSorted((one, other) => (one.url < other.url ? -1 : 1))
}

/** In development pages come as they are written: a worker that a built app left at this address takes itself away. */
const TAKES_ITSELF_AWAY = `
self.addEventListener('install', () => self.skipWaiting())
self.addEventListener('activate', async () => {
  await self.registration.unregister()
  for (const client of await self.clients.matchAll()) client.navigate(client.url)
})`

/** Adds the service worker, which keeps the whole build on the device so that the app opens without the server. */
export function offline(): Plugin {
  let folder = ''
  let isBuild = false
  return {
    name: 'hop-lark-offline',
    configResolved: (config) => {
      folder = join(config.root, config.build.outDir)
      isBuild = config.command === 'build'
    },
    configureServer: ({ middlewares }) => {
      middlewares.use('/sw.js', (_request, response) => {
        response.setHeader('content-type', 'text/javascript')
        response.end(TAKES_ITSELF_AWAY)
      })
    },
    closeBundle: async () => {
      if (!isBuild) return
      await build({
        entryPoints: [SOURCE],
        outfile: join(folder, 'sw.js'),
        bundle: true,
        minify: true,
        format: 'iife',
        target: 'es2022',
        define: { __PRECACHE__: JSON.stringify(filesOf(folder)), 'process.env.NODE_ENV': '"production"' },
      })
    },
  }
}

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

/** Adds the service worker, which keeps the whole build on the device so that the app opens without the server. */
export function offline(): Plugin {
  let folder = ''
  return {
    name: 'hop-lark-offline',
    apply: 'build',
    configResolved: (config) => {
      folder = join(config.root, config.build.outDir)
    },
    closeBundle: async () => {
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

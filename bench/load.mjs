import { readdirSync, readFileSync } from 'node:fs'
import { gzipSync } from 'node:zlib'
import { figure } from './figure.mjs'

const dist = new URL('../web/dist/', import.meta.url)

/** What a browser loads for the shelf, and all there is, gzipped. */
export function benchLoad() {
  const html = readFileSync(new URL('index.html', dist), 'utf8')
  const sizes = readdirSync(new URL('assets/', dist))
    .filter((name) => /\.(js|css)$/.test(name))
    .map((name) => ({ name, size: gzipSync(readFileSync(new URL(`assets/${name}`, dist))).length / 1000 }))
  const sum = (some) => some.reduce((total, { size }) => total + size, 0)
  return [
    figure('first load, gzipped', sum(sizes.filter(({ name }) => html.includes(name))), 'kB'),
    figure('all there is, gzipped', sum(sizes), 'kB'),
  ]
}

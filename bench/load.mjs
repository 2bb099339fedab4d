import { readdirSync, readFileSync } from 'node:fs'
import { gzipSync } from 'node:zlib'

const dist = new URL('../web/dist/', import.meta.url)

/** What a browser loads for the shelf, and what only when a task is opened. */
export function benchLoad() {
  const html = readFileSync(new URL('index.html', dist), 'utf8')
  const files = readdirSync(new URL('assets/', dist)).filter((name) => /\.(js|css)$/.test(name))
  console.log('\nThe web app by chunk, gzipped')
  let first = 0
  for (const name of files) {
    const size = gzipSync(readFileSync(new URL(`assets/${name}`, dist))).length / 1000
    const atOnce = html.includes(name)
    if (atOnce) first += size
    console.log(`  ${size.toFixed(1).padStart(7)} kB  ${atOnce ? 'first load' : 'on demand '}  ${name}`)
  }
  console.log(`  ${first.toFixed(1).padStart(7)} kB  in the first load (charts and math typesetting: none yet)`)
}

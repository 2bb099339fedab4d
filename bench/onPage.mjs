import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { createRequire } from 'node:module'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { readSettings, startPrivateDatabase, startServer } from '@hop-lark/server/launch'

const WEB = fileURLToPath(new URL('../web/dist', import.meta.url))

/** Watches the page between two marks: the longest time between frames, and the longest task. */
export const WATCH = () => {
  const seen = { gaps: [], tasks: [], last: performance.now(), stop: false }
  window.seen = seen
  new PerformanceObserver((list) => seen.tasks.push(...list.getEntries().map(({ duration }) => duration))).observe({
    type: 'longtask',
  })
  const frame = (now) => {
    seen.gaps.push(now - seen.last)
    seen.last = now
    if (!seen.stop) requestAnimationFrame(frame)
  }
  requestAnimationFrame(frame)
}

/** A demo task by its name. */
export const demo = (task) => JSON.parse(readFileSync(new URL(`../demo/${task}.hoplark.json`, import.meta.url), 'utf8'))

/** Puts a task on the shelf of the real app in Chromium, with a server and a database of its own, and lets `act` work there. */
export async function onPage(document, act) {
  const { chromium } = createRequire(new URL('../e2e/package.json', import.meta.url))('@playwright/test')
  const folder = mkdtempSync(join(tmpdir(), 'hop-lark-bench-'))
  const database = await startPrivateDatabase(folder)
  const server = await startServer(readSettings({ DATABASE_URL: database.url, PORT: '0', LOG_LEVEL: 'silent' }), {
    webFolder: WEB,
  })
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
    args: ['--headless', '--no-sandbox', '--disable-gpu', '--no-first-run', '--disable-background-networking'],
  })
  try {
    const made = await fetch(`${server.url}/api/tasks`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ document }),
    })
    const { id } = await made.json()
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
    return await act(page, `${server.url}/task/${id}`)
  } finally {
    await browser.close()
    await server.stop()
    await database.stop()
    rmSync(folder, { recursive: true, force: true })
  }
}

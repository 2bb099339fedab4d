import { chromium } from '@playwright/test'
import { readFileSync } from 'node:fs'
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] })
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
page.on('pageerror', (e) => console.log('ERR', e.message))
const texts = process.argv.slice(2)
await page.goto('http://127.0.0.1:4710/')
let n = 0
for (const f of texts) {
  const id = await page.evaluate(async () => { const r = await fetch('/api/tasks', { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify({ document: { format: 'hop-lark/task', version: 2, id: 'zz'+Math.random().toString(36).slice(2), title: 'Try', materials: [], parts: [], questions: [] } }) }); return (await r.json()).id })
  await page.goto(`http://127.0.0.1:4710/task/${id}/brief`)
  await page.getByRole('textbox', { name: 'Task sheet' }).fill(readFileSync(f, 'utf8'))
  await page.keyboard.press('Control+Enter')
  await page.getByRole('button', { name: 'Accept all' }).click()
  await page.waitForTimeout(700)
  await page.screenshot({ path: `/tmp/p${n}a.png` })
  await page.keyboard.press('Alt+2')
  await page.waitForTimeout(1500)
  await page.screenshot({ path: `/tmp/p${n}b.png` })
  if (f.includes('qual')) {
    await page.keyboard.type('white precipitate'); await page.keyboard.press('Enter'); await page.waitForTimeout(700)
    await page.keyboard.type('precipitate dissolved'); await page.keyboard.press('Enter'); await page.waitForTimeout(700)
    await page.keyboard.type('no visible change'); await page.keyboard.press('Enter'); await page.waitForTimeout(1500)
    await page.screenshot({ path: `/tmp/p${n}c.png` })
  } else { await page.keyboard.type('21.5'); await page.keyboard.press('Enter'); await page.keyboard.type('24.0'); await page.keyboard.press('Enter'); await page.waitForTimeout(700); await page.screenshot({ path: `/tmp/p${n}c.png` }) }
  n++
}
await browser.close()

import { chromium } from '@playwright/test'
const base = 'http://127.0.0.1:4799'
export async function shot(name, path, act, options = {}) {
  const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] })
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, ...options })
  page.on('console', (m) => m.type() === 'error' && console.log('console:', m.text()))
  page.on('pageerror', (e) => console.log('pageerror', e.message))
  await page.goto(base + path); await page.waitForTimeout(1500)
  if (act) await act(page)
  await page.waitForTimeout(500)
  await page.screenshot({ path: `/tmp/${name}.png` })
  await browser.close()
}

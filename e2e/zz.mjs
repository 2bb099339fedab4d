import { chromium } from '@playwright/test'
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] })
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
const shots = JSON.parse(process.argv[2])
for (const [url, name, full] of shots) {
  await page.goto('http://127.0.0.1:4710' + url); await page.waitForTimeout(1500)
  await page.screenshot({ path: '/tmp/' + name + '.png', fullPage: !!full })
}
await browser.close()

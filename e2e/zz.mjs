import { chromium } from 'playwright'
const b = await chromium.launch({ executablePath: '/usr/bin/chromium' })
const page = await b.newPage({ viewport: { width: 1280, height: 800 } })
page.setDefaultTimeout(8000)
page.on('console', m => m.type()==='error' && console.log('ERR', m.text()))
page.on('pageerror', e => console.log('PE', e.message))
const which = process.argv[2] ?? 'demo-lawn-sand'
await page.goto(`http://127.0.0.1:4710/task/${which}/write-up`)
await page.getByRole('article', { name: 'Report' }).waitFor()
await page.waitForTimeout(1500)
await page.screenshot({ path: '/tmp/w1.png' })
await page.pdf({ path: '/tmp/w.pdf', format: 'A4', preferCSSPageSize: true, tagged: true, outline: true, printBackground: true })
await b.close()

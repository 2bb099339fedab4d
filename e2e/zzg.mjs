import { chromium } from '@playwright/test'
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] })
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } }); page.setDefaultTimeout(3000)
page.on('pageerror', (e) => console.log('ERR', e.message))
await page.goto('http://127.0.0.1:4710/')
await page.waitForTimeout(1500)
const id = await page.evaluate(async () => (await (await fetch('/api/tasks?search=&archived=false&page=1&sort=updated&order=desc&progress=any')).json()).tasks[0].id)
await page.goto(`http://127.0.0.1:4710/task/${id}/brief`)
await page.waitForTimeout(2000)
const words = ['Weighing by diff','Dissolving and making','Pipetting with','Rinsing and filling','Slowing to drops','Diluting step','Reading a gas','A run of temp','Making a sat','Folding the','Boiling off','Setting up a chrom','Crushing','Heating to const','Holding a tube','Flame tests','Hydrogen: made','Oxygen: made','Carbon dioxide: made']
const svgs = []
for (const w of words) {
  await page.keyboard.press('Control+k')
  await page.waitForTimeout(250)
  await page.keyboard.type('how to ' + w)
  await page.waitForTimeout(400)
  await page.keyboard.press('Enter')
  await page.waitForTimeout(500)
  const d = page.getByRole('dialog')
  svgs.push(await d.locator('svg').first().evaluate((e) => e.outerHTML).catch((e) => 'none ' + w))
  if (w === 'Pipetting with') await page.screenshot({ path: '/tmp/g0.png' })
  await page.keyboard.press('Escape')
  await page.waitForTimeout(300)
}
await page.evaluate((all) => { document.getElementById('root').innerHTML = '<div style="display:grid;grid-template-columns:repeat(5,1fr);gap:6px;padding:6px">' + all.map((s, i) => `<div style="width:240px">${s}</div>`).join('') + '</div>' }, svgs)
await page.setViewportSize({ width: 1280, height: 960 })
await page.screenshot({ path: '/tmp/g1.png' })
await browser.close()

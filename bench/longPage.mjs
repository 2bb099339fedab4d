import { figure, quantile } from './figure.mjs'
import { longRecord } from './growth.mjs'
import { onPage } from './onPage.mjs'

/** In the page: from each key to the end of the next frame, ms. */
const KEYS = () => {
  window.keys = []
  addEventListener(
    'keydown',
    ({ key }) => {
      const begin = performance.now()
      requestAnimationFrame(() => {
        const painted = new MessageChannel()
        painted.port1.onmessage = () => window.keys.push({ key, time: performance.now() - begin })
        painted.port2.postMessage(0)
      })
    },
    true,
  )
}

/** A titration of very many runs on the real page: until it can be typed in, each digit, and Enter. */
async function longTitration(runs) {
  return onPage(longRecord(runs), async (page, task) => {
    await page.goto(new URL('/', task).href)
    await page.waitForTimeout(2000)
    const begin = Date.now()
    await page.goto(`${task}/t1`)
    const cell = page.locator(`[data-at="parts.t1.runs.run${runs - 1}.final"]`)
    await cell.waitFor()
    const opened = Date.now() - begin
    await page.waitForTimeout(4000)
    await page.evaluate(KEYS)
    for (const value of ['41.25', '41.30', '41.35']) {
      await cell.click()
      await cell.press('Control+a')
      await page.keyboard.type(value, { delay: 80 })
      await page.keyboard.press('Enter')
      await page.waitForTimeout(2500)
    }
    const keys = await page.evaluate(() => window.keys)
    const of = (wanted) => keys.filter(({ key }) => wanted(key)).map(({ time }) => time)
    return [
      figure(`${runs} runs: until they can be typed in`, opened, 'ms'),
      figure(
        `${runs} runs: a digit, to the end of its frame, p95`,
        quantile(
          of((key) => /^[\d.]$/.test(key)),
          0.95,
        ),
        'ms',
      ),
      figure(
        `${runs} runs: Enter, to the end of its frame, median`,
        quantile(
          of((key) => key === 'Enter'),
          0.5,
        ),
        'ms',
      ),
    ]
  })
}

export const benchLongPage = async () => [...(await longTitration(1000)), ...(await longTitration(10_000))]

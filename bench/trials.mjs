import { figure } from './figure.mjs'
import { demo, onPage, WATCH } from './onPage.mjs'

/** A million trials in the worker of the real page in Chromium: how many a second, and whether the page stays awake. */
export function benchTrials() {
  return onPage(demo('iron-in-lawn-sand'), async (page, task) => {
    await page.goto(`${task}/work-out`)
    const section = page.locator('[data-at="questions.q2"]')
    await section.getByRole('button', { name: 'How sure' }).click()
    await page.waitForTimeout(1500)
    await page.evaluate(WATCH)
    await page.waitForTimeout(1000)
    await page.evaluate(() => window.seen.gaps.splice(0))
    const begin = Date.now()
    await section.getByRole('button', { name: /^1\D000\D000 trials/ }).click()
    await section.getByRole('progressbar').waitFor()
    await section.getByRole('progressbar').waitFor({ state: 'detached', timeout: 60_000 })
    const seconds = (Date.now() - begin) / 1000
    // The drawing of the result is another matter: what counts here is the time the trials take.
    const gaps = await page.evaluate(() => window.seen.gaps)
    return [
      figure('trials in Chromium, eight errors drawn in each', 1e6 / seconds, 'a second'),
      figure('the longest time between frames meanwhile', Math.max(...gaps.slice(1, -8)), 'ms'),
    ]
  })
}

import { onPage, WATCH } from './onPage.mjs'

/** A million trials in the worker of the real page in Chromium: how many a second, and whether the page stays awake. */
export async function benchTrials() {
  await onPage('iron-in-lawn-sand', 'work-out', async (page) => {
    const section = page.locator('[data-at="questions.q2"]')
    await section.getByRole('button', { name: 'How sure' }).click()
    await page.waitForTimeout(1500)
    await page.evaluate(WATCH)
    await page.waitForTimeout(1000)
    const idle = await page.evaluate(() => Math.max(...window.seen.gaps.splice(0)))
    const begin = Date.now()
    await section.getByRole('button', { name: /^1\D000\D000 trials/ }).click()
    await section.getByRole('progressbar').waitFor()
    await section.getByRole('progressbar').waitFor({ state: 'detached', timeout: 60_000 })
    const seconds = (Date.now() - begin) / 1000
    // The drawing of the result is another matter: what counts here is the time the trials take.
    const { gaps, tasks } = await page.evaluate(() => {
      window.seen.stop = true
      return { gaps: window.seen.gaps, tasks: window.seen.tasks }
    })
    const during = gaps.slice(1, -8)
    console.log('\nTrials in the worker, in Chromium: the percentage of the lawn sand, eight errors drawn in each trial')
    console.log(`  1 000 000 trials in ${seconds.toFixed(2)} s: ${Math.round(1e6 / seconds).toLocaleString('en-GB')} a second`)
    console.log(
      `  the page meanwhile: longest time between frames ${Math.max(...during).toFixed(0)} ms (idle ${idle.toFixed(0)} ms), tasks over 50 ms: ${tasks.length}`,
    )
  })
}

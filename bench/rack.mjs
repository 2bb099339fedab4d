import { onPage, WATCH } from './onPage.mjs'

const STEPS = [
  ['3 drops NaOH', 'white ppt'],
  ['xs', 'dissolves giving a colourless solution'],
  ['warm, damp red litmus', 'gas turned damp red litmus paper blue'],
]

/** Steps typed on the page of the rack in Chromium while the worker identifies: whether the page stays awake. */
export async function benchRack() {
  await onPage('four-jars', 'r1', async (page) => {
    await page.getByRole('button', { name: 'Jar H' }).click()
    const verdict = page.getByRole('region', { name: 'Verdict' })
    await verdict.getByText('Still possible').waitFor({ timeout: 60_000 })
    await page.evaluate(WATCH)
    await page.keyboard.press('Alt+p')
    const times = []
    for (const [did, saw] of STEPS) {
      await page.keyboard.type(did)
      await page.keyboard.press('Enter')
      await page.keyboard.type(saw)
      const begin = Date.now()
      await page.keyboard.press('Enter')
      await verdict
        .locator('[role=progressbar]:not(.opacity-0)')
        .waitFor({ timeout: 400 })
        .catch(() => undefined)
      await verdict.locator('[role=progressbar].opacity-0').waitFor({ state: 'attached', timeout: 60_000 })
      times.push(Date.now() - begin)
    }
    const { gaps, tasks } = await page.evaluate(() => ({ gaps: window.seen.gaps, tasks: window.seen.tasks }))
    console.log('\nThe rack in Chromium: three steps typed on the demo of four jars, verdicts in the worker')
    console.log(`  from Enter to the new verdict: ${times.map((time) => `${time} ms`).join(', ')}`)
    console.log(
      `  the page meanwhile: longest time between frames ${Math.max(...gaps.slice(1)).toFixed(0)} ms, tasks over 50 ms: ${tasks.length}${tasks.length > 0 ? ` (longest ${Math.max(...tasks)} ms)` : ''}`,
    )
  })
}

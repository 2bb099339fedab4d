import { figure, quantile } from './figure.mjs'
import { demo, onPage, WATCH } from './onPage.mjs'

const STEPS = [
  ['3 drops NaOH', 'white ppt'],
  ['xs', 'dissolves giving a colourless solution'],
  ['warm, damp red litmus', 'gas turned damp red litmus paper blue'],
]

/** In the page: when the verdict board next changes, ms from the press of Enter. */
const UNTIL_VERDICT = () => {
  window.verdicts = []
  const board = document.querySelector('[aria-label="Verdict"]')
  let pressed
  addEventListener(
    'keydown',
    (event) => {
      if (event.key === 'Enter') pressed = performance.now()
    },
    true,
  )
  new MutationObserver((changes) => {
    // The bar of progress moves before; the verdict is words.
    if (
      pressed === undefined ||
      !changes.some(({ target }) => !(target instanceof Element && target.getAttribute('role') === 'progressbar'))
    )
      return
    window.verdicts.push(performance.now() - pressed)
    pressed = undefined
  }).observe(board, { subtree: true, childList: true, characterData: true })
}

/** Steps typed on the page of the rack in Chromium while the worker identifies: how soon the verdict, and whether the page stays awake. */
export function benchRack() {
  return onPage(demo('four-jars'), async (page, task) => {
    await page.goto(`${task}/r1`)
    await page.getByRole('button', { name: 'Jar H' }).click()
    const verdict = page.getByRole('region', { name: 'Verdict' })
    await verdict.getByText('Still possible').waitFor({ timeout: 60_000 })
    await page.waitForTimeout(6000)
    await page.evaluate(WATCH)
    await page.evaluate(UNTIL_VERDICT)
    await page.keyboard.press('Alt+p')
    const times = []
    for (const [did, saw] of STEPS) {
      await page.keyboard.type(did)
      await page.keyboard.press('Enter')
      await page.keyboard.type(saw)
      await page.evaluate(() => window.verdicts.splice(0))
      await page.keyboard.press('Enter')
      await page.waitForFunction(() => window.verdicts.length > 0, undefined, { timeout: 60_000 })
      times.push(await page.evaluate(() => window.verdicts[0]))
      await verdict.locator('[role=progressbar].opacity-0').waitFor({ state: 'attached', timeout: 60_000 })
    }
    const { gaps, tasks } = await page.evaluate(() => ({ gaps: window.seen.gaps, tasks: window.seen.tasks }))
    const each = times.map((time) => `${time.toFixed(0)} ms`).join(', ')
    return [
      figure('from Enter to the new verdict on the page: median of three', quantile(times, 0.5), 'ms', each),
      figure('the longest time between frames meanwhile', Math.max(...gaps.slice(1)), 'ms', `${tasks.length} tasks over 50 ms`),
    ]
  })
}

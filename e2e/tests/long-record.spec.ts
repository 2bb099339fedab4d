import { axeFinds } from '../axe.ts'
import { expect, test } from '../bench.ts'
import { saved } from './keyboard.ts'

const RUNS = 1000
const record = {
  format: 'hop-lark/task',
  version: 1,
  id: 'long-record',
  title: 'A thousand runs',
  materials: [
    { id: 'F', label: 'F', form: 'solution' },
    { id: 'M', label: 'M', form: 'solution', solute: 'KMnO4', strength: { value: '0.0200', unit: 'mol/dm3' } },
  ],
  parts: [
    {
      id: 't1',
      kind: 'titration',
      burette: 'M',
      flask: [{ material: 'F', volume: '25.0', by: 'pipette' }],
      reactions: [{ equation: 'MnO4- + 8H+ + 5Fe2+ -> Mn2+ + 5Fe3+ + 4H2O', role: 'titration' }],
      runs: Array.from({ length: RUNS }, (_, index) => ({
        kind: index === 0 ? 'rough' : 'accurate',
        initial: '0.00',
        final: (index === 0 ? 23.6 : 22.8 + (index % 9) / 20).toFixed(2),
      })),
    },
  ],
  questions: [{ id: 'q1', find: { quantity: 'concentration', of: 'Fe2+', in: 'F' } }],
}
/** The cell of a run by its number; the rough run is before run 1. */
const final = (run: number) => `[data-at="parts.t1.runs.${run === 0 ? 'rough1' : `run${run}`}.final"]`

test('a titration of a thousand runs: what is in sight is drawn, the rest is reached, and every reading is kept', async ({
  page,
  bench,
  request,
}) => {
  const made = await request.post(`${bench.url}/api/tasks`, { data: { document: record } })
  const { id } = await made.json()
  await page.goto(`${bench.url}/task/${id}/t1`)
  const cells = page.locator('[data-at$=".final"]')
  let apart = 0

  await test.step('the last runs are in sight, and hardly more is drawn', async () => {
    await expect(page.locator(final(RUNS - 1))).toBeInViewport()
    expect(await cells.count()).toBeLessThan(60)
    await expect(page.getByRole('table')).toHaveAttribute('aria-colcount', String(RUNS + 1))
  })

  await test.step('a reading is entered, kept by the server, and struck through when it changes', async () => {
    await page.locator(final(RUNS - 1)).fill('22.95')
    await page.keyboard.press('Enter')
    await saved(page)
    const { document } = await (await request.get(`${bench.url}/api/tasks/${id}`)).json()
    expect(document.parts[0].runs[RUNS - 1].final).toMatchObject({ value: '22.95' })
  })

  await test.step('a run that is added comes into sight with the cursor in it', async () => {
    await page.getByRole('button', { name: 'New run' }).click()
    await expect(page.locator(`[data-at="parts.t1.runs.run${RUNS}.initial"]`)).toBeFocused()
    await saved(page)
  })

  await test.step('a note leads to a run that was not drawn', async () => {
    const note = page
      .getByRole('region', { name: 'Check' })
      .getByRole('button', { name: /from the others/ })
      .first()
    apart = Number(/Run (\d+)/.exec((await note.textContent()) ?? '')?.[1])
    expect(apart).toBeLessThan(20)
    await note.click()
    await expect(page.locator(final(apart))).toBeFocused()
    await expect(page.locator(final(apart))).toBeInViewport()
    // The column that was typed in last is kept; those beside it are not.
    await expect(page.locator(final(RUNS - 5))).toHaveCount(0)
  })

  await test.step('the arrows go on from run to run, past what was drawn', async () => {
    for (let press = 0; press < 25; press++) {
      await page.keyboard.press('End')
      await page.keyboard.press('ArrowRight')
    }
    await expect(page.locator(final(apart + 25))).toBeFocused()
  })

  await test.step('what is half typed stays while the table is scrolled elsewhere', async () => {
    await page.keyboard.type('22.')
    await page.getByRole('table').evaluate((table) => {
      const frame = table.parentElement as HTMLElement
      frame.scrollLeft = frame.scrollWidth
    })
    await expect(page.locator(final(RUNS - 1))).toBeInViewport()
    await expect(page.locator(final(apart + 25))).toHaveValue(/22\.$/)
    await page.locator(final(apart + 25)).press('Escape')
  })

  await test.step('nothing is in a screen reader’s way', async () => {
    expect(await axeFinds(page)).toEqual([])
  })

  await test.step('the work-out page says how sure the answer is', async () => {
    await page.goto(`${bench.url}/task/${id}/work-out`)
    await expect(page.getByTestId('answer-q1')).toContainText('±')
  })
})

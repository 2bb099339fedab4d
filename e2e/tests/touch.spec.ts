import { devices } from '@playwright/test'
import { expect, test } from '../bench.ts'
import { smallTargets } from '../targets.ts'

const { defaultBrowserType: _, ...PHONE } = devices['Pixel 5']
const PAGES = [
  ['iron-in-lawn-sand', ['brief', 'w1', 's1', 't1', 'work-out', 'write-up']],
  ['water-in-washing-soda', ['h1']],
  ['kiln-wash-alkali', ['m1']],
  ['dyes-of-lichen-inks', ['c1']],
  ['four-jars', ['r1']],
] as const
/** A desk page at 200 % and at 400 %; the latter is what WCAG 2.1, success criterion 1.4.10, asks for. */
const ZOOMED = [
  { width: 640, height: 400 },
  { width: 320, height: 256 },
] as const

test.describe('by finger', () => {
  test.use({ ...PHONE, viewport: { width: 390, height: 844 } })

  for (const [task, stages] of PAGES)
    test(`everything on the pages of ${task} can be hit, and no key is spoken of`, async ({ page, bench }) => {
      const id = await bench.shelve(task)
      for (const stage of stages) {
        await page.goto(`${bench.url}/task/${id}/${stage}`)
        await page.getByRole('heading', { level: 1 }).waitFor()
        expect(await smallTargets(page), stage).toEqual([])
        await expect(page.locator('kbd:visible'), stage).toHaveCount(0)
      }
      await page.goto(bench.url)
      await page.getByRole('heading', { level: 1 }).waitFor()
      expect(await smallTargets(page), 'shelf').toEqual([])
    })
})

for (const [task, stages] of PAGES)
  test(`the pages of ${task} flow at 200 % and 400 %, nothing beside the window or under the bar`, async ({ page, bench }) => {
    const id = await bench.shelve(task)
    for (const stage of stages)
      for (const zoomed of ZOOMED) {
        await page.setViewportSize(zoomed)
        await page.goto(`${bench.url}/task/${id}/${stage}`)
        await page.getByRole('heading', { level: 1 }).waitFor()
        const seen = await page.evaluate(() => {
          const bar = document.querySelector('.page-margin')?.getBoundingClientRect()
          const fixed = bar && getComputedStyle(document.querySelector('.page-margin') as Element).position === 'fixed'
          return {
            beside: document.documentElement.scrollWidth - document.documentElement.clientWidth,
            barTakes: fixed ? bar.height / innerHeight : 0,
          }
        })
        expect(seen.beside, `${stage}, ${zoomed.width} wide`).toBe(0)
        expect(seen.barTakes, `${stage}, ${zoomed.width} wide`).toBeLessThan(0.4)
      }
  })

import { expect, test } from '../bench.ts'

/** By then a student has typed a title and pressed Enter, ms. */
const SLOW = 2500

test('what is typed and entered before the dialog of a new task has come is not lost', async ({ page, bench }) => {
  let asked = false
  await page.route(/NewTaskDialog.*\.js/, async (route) => {
    asked = true
    await new Promise((resolve) => setTimeout(resolve, SLOW))
    await route.continue()
  })
  await page.goto(bench.url)
  await page.getByRole('heading', { name: 'Tasks' }).waitFor()
  await page.keyboard.press('n')
  await expect(page.getByLabel('New task: its title')).toBeFocused()
  await page.keyboard.type('Two unknowns')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { level: 1, name: 'Brief' })).toBeVisible()
  await expect(page.getByRole('link', { name: 'Tubes', exact: true })).toBeVisible()
  expect(asked).toBe(true)
})

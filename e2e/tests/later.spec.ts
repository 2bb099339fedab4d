import { expect, test } from '../bench.ts'

test('what is typed before the dialog of a new task is there goes into its title, and typing goes on there', async ({
  page,
  bench,
}) => {
  // A slow line: its code comes two seconds late.
  await page.route(/NewTaskDialog/, async (route) => {
    await new Promise((resolve) => setTimeout(resolve, 2000))
    await route.continue()
  })
  await page.goto(bench.url)
  await page.getByRole('heading', { name: 'Tasks' }).waitFor()
  await page.keyboard.press('n')
  await page.keyboard.type('Acid in no')
  const title = page.getByRole('dialog').getByRole('textbox', { name: 'Title' })
  await expect(title).toHaveValue('Acid in no')
  // The cursor stands behind what was begun, and nothing of it is selected.
  await expect.poll(() => title.evaluate((field: HTMLInputElement) => field.selectionStart)).toBe('Acid in no'.length)
  await page.keyboard.type(' hurry')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Brief' })).toBeVisible()
  await expect(page.getByText('Acid in no hurry').first()).toBeVisible()
})

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

test('a page of which the network dropped a part once is loaded again by itself', async ({ page, bench }) => {
  const id = await bench.shelve('iron-in-lawn-sand')
  const dropped: string[] = []
  await page.route(/assets\/(zod|StagePage)-/, (route) => {
    const name = route.request().url()
    if (dropped.includes(name)) return route.continue()
    dropped.push(name)
    return route.abort()
  })
  await page.goto(`${bench.url}/task/${id}/t1`)
  await expect(page.locator('[data-at^="parts.t1.runs."]').first()).toBeVisible()
  expect(dropped).toHaveLength(2)
})

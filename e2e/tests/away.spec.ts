import { expect, test } from '../bench.ts'
import { enter, inCell, saved } from './keyboard.ts'

test('the database stops while readings are typed: the page goes on, says so, and everything is saved when it is back', async ({
  page,
  bench,
}) => {
  const id = await bench.shelve('acid-in-orchard-vinegar')
  await page.goto(`${bench.url}/task/${id}/t2`)
  await inCell(page, 'parts.t2.runs.run2.initial')
  await saved(page)
  await bench.stopDatabase()
  await enter(page, '0.00')
  await enter(page, '21.00')
  await expect(page.locator('[data-save="kept"]')).toContainText('kept on this device until the server is back')
  // The page goes on working meanwhile: the titre, the mean, the answer.
  await expect(page.getByTestId('mean')).toContainText('Mean titre 21.03 cm³')
  await page.keyboard.press('Alt+n')
  await inCell(page, 'parts.t2.runs.run3.initial')
  await enter(page, '21.00')
  await enter(page, '42.05')

  // Even a page that is closed and opened again while the database is away has everything.
  await page.goto('about:blank')
  await page.goto(`${bench.url}/task/${id}/t2`)
  await expect(page.locator('[data-at="parts.t2.runs.run3.final"]')).toHaveValue('42.05')
  await expect(page.locator('[data-save="kept"]')).toBeVisible()

  await bench.startDatabase()
  await saved(page)
  const { runs } = (await bench.document(id)).parts.find((part: { id: string }) => part.id === 't2')
  expect(runs.slice(2).map(({ initial, final }: Record<string, { value: string }>) => [initial?.value, final?.value])).toEqual([
    ['0.00', '21.00'],
    ['21.00', '42.05'],
  ])
})

test('the shelf and an unknown task say what is wrong', async ({ page, bench }) => {
  await page.goto(`${bench.url}/task/nowhere/brief`)
  await expect(page.getByRole('heading', { name: 'There is no such task.' })).toBeVisible()
  await bench.stopDatabase()
  await page.goto(bench.url)
  await expect(page.getByRole('alert')).toContainText('The database cannot be reached.')
  await bench.startDatabase()
  await page.getByRole('button', { name: 'Try again' }).click()
  await expect(page.getByRole('alert')).toHaveCount(0)
})

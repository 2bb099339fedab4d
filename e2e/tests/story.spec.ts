import { expect, test } from '../bench.ts'
import { chooseByArrows, enter, inCell, newTask, saved, tabTo } from './keyboard.ts'

test('a titration from the first reading to the answer, by keyboard only, with the server restarted in the middle', async ({
  page,
  bench,
}) => {
  await newTask(page, bench.url, /Weigh, make up, titrate/, 'Iron in moss killer')

  // Weigh by difference.
  await page.keyboard.press('Alt+2')
  await inCell(page, 'parts.w1.withSample')
  await enter(page, '31.46')
  await inCell(page, 'parts.w1.withResidue')
  await enter(page, '26.72')
  await expect(page.getByTestId('mass-w1')).toHaveText('4.74 g')

  // Say what is in the burette and what reacts.
  await page.keyboard.press('Alt+4')
  await inCell(page, 'parts.t1.runs.rough1.initial')
  await tabTo(page, 'Set up', 'Shift+Tab')
  await page.keyboard.press('Enter')
  await tabTo(page, 'Formula of what is in it')
  await enter(page, 'KMnO4')
  await tabTo(page, 'Strength')
  await enter(page, '0.0100')
  await tabTo(page, 'Add an equation')
  await page.keyboard.press('Enter')
  await tabTo(page, 'Equation', 'Shift+Tab')
  await enter(page, 'MnO4- + H+ + Fe2+ -> Mn2+ + Fe3+ + H2O')
  await tabTo(page, 'Balance it')
  await page.keyboard.press('Enter')
  await expect(page.getByLabel('Equation', { exact: true })).toHaveValue('MnO4- + 8H+ + 5Fe2+ -> Mn2+ + 5Fe3+ + 4H2O')
  await page.keyboard.press('Escape')

  // Rough run, then accurate ones; the burette carries on where it stood.
  await tabTo(page, 'rough, initial reading')
  await enter(page, '0.00')
  await inCell(page, 'parts.t1.runs.rough1.final')
  await enter(page, '21.30')
  await inCell(page, 'parts.t1.runs.run1.initial')
  await expect(page.getByLabel('Now')).toContainText('Run quickly to 41.10')
  await page.keyboard.press('Enter')
  await inCell(page, 'parts.t1.runs.run1.final')
  await expect(page.locator('[data-at="parts.t1.runs.run1.initial"]')).toHaveValue('21.30')

  await saved(page)
  await bench.stopServer()
  await enter(page, '41.95')
  await inCell(page, 'parts.t1.runs.run2.initial')
  await expect(page.locator('[data-save="kept"]')).toBeVisible()
  await expect(page.getByLabel('Now')).toContainText('Refill the burette first.')
  await bench.startServer()

  await enter(page, '0.40')
  await inCell(page, 'parts.t1.runs.run2.final')
  await enter(page, '21.1')
  // A lost nought is put in, and said.
  await expect(page.getByText('21.1 is written 21.10')).toBeVisible()
  await expect(page.locator('[data-at="parts.t1.runs.run2.final"]')).toHaveValue('21.10')
  await expect(page.getByTestId('mean')).toContainText(
    'Runs 1 and 2 agree within 0.10 cm³. Mean titre 20.68 cm³, from (20.65 + 20.70) ÷ 2.',
  )
  await expect(page.getByLabel('Now')).toContainText('You may stop.')

  // Ask the question.
  await page.keyboard.press('Alt+5')
  await tabTo(page, 'Add a question')
  await page.keyboard.press('Enter')
  await tabTo(page, 'Quantity')
  await chooseByArrows(page, 'percentage by mass, purity')
  await tabTo(page, 'Of (element, ion or formula)')
  await enter(page, 'Fe')
  await tabTo(page, 'Add the question')
  await page.keyboard.press('Enter')
  const answer = page.getByRole('region', { name: 'Percentage by mass of Fe in F1' })
  await expect(answer.getByRole('heading')).toBeVisible()
  await expect(answer).toContainText('12.2 %')
  await expect(answer.getByRole('list', { name: 'Lines' }).getByRole('listitem')).toHaveCount(6)

  // Close everything and find it all again.
  await saved(page)
  const address = page.url()
  await page.goto('about:blank')
  await page.goto(address)
  await expect(page.getByRole('region', { name: 'Percentage by mass of Fe in F1' })).toContainText('12.2 %')
  await page.keyboard.press('Alt+4')
  await expect(page.getByTestId('mean')).toContainText('20.68')
  const document = await bench.document(address.split('/').at(-2) ?? '')
  expect(document.parts[2].runs.map(({ final }: { final: { value: string } }) => final.value)).toEqual([
    '21.30',
    '41.95',
    '21.10',
  ])
})

test('a number in the working leads to where it was read; a correction strikes through, and undo takes it back', async ({
  page,
  bench,
}) => {
  const id = await bench.shelve('iron-in-lawn-sand')
  await page.goto(`${bench.url}/task/${id}/work-out`)
  await page.getByRole('button', { name: '31.46' }).click()
  await inCell(page, 'parts.w1.withSample')
  const cell = page.locator('[data-at="parts.w1.withSample"]')
  await cell.fill('31.64')
  await page.keyboard.press('Enter')
  await expect(page.locator('s')).toContainText('31.46')
  await expect(page.getByTestId('mass-w1')).toHaveText('4.92 g')
  await page.keyboard.press('Control+z')
  await expect(page.getByTestId('mass-w1')).toHaveText('4.74 g')
  await expect(page.locator('s')).toHaveCount(0)
  await page.keyboard.press('Control+Shift+z')
  await expect(page.getByTestId('mass-w1')).toHaveText('4.92 g')
  await saved(page)
  expect((await bench.document(id)).parts[0].withSample.was[0].value).toBe('31.46')
})

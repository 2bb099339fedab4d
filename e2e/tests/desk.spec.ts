import { expect, test } from '../bench.ts'
import { enter, saved, tabTo } from './keyboard.ts'

test('how sure an answer is: a million trials run beside the page, can be cancelled, and repeat', async ({ page, bench }) => {
  const id = await bench.shelve('iron-in-lawn-sand')
  await page.goto(`${bench.url}/task/${id}/work-out`)
  const section = page.getByRole('region', { name: 'Percentage by mass of iron in F1' })
  await section.getByRole('button', { name: 'How sure' }).click()
  await expect(section).toContainText('±0.64 % would become ±0.51 %.')
  await section.getByRole('button', { name: /^1\D000\D000 trials/ }).click()
  await section.getByRole('button', { name: 'Cancel' }).click()
  await expect(section.getByRole('progressbar')).toHaveCount(0)
  const between = section.getByRole('figure', { name: /Of 100000 trials 95 % lie between/ })
  await section.getByRole('button', { name: /^100\D000 trials/ }).click()
  await expect(between).toBeVisible()
  await expect(between).toHaveAccessibleName('Of 100000 trials 95 % lie between 12.09 and 12.25')
})

test('lines are worked out by keyboard; the first that goes wrong is named, and all is found again', async ({ page, bench }) => {
  const id = await bench.shelve('iron-in-lawn-sand')
  await page.goto(`${bench.url}/task/${id}/work-out`)
  const section = page.getByRole('region', { name: 'Percentage by mass of iron in F1' })
  await section.getByRole('button', { name: 'Work it out yourself' }).focus()
  await page.keyboard.press('Enter')
  await tabTo(page, 'Yours: amount of manganate(VII)', 'Shift+Tab')
  await enter(page, '2.07e-4')
  await tabTo(page, 'Yours: amount of iron(II) in the 25.0')
  await enter(page, '4.13e-5')
  await expect(section).toContainText('First to go wrong (ratio): Not right: the mole ratio is upside down.')
  await saved(page)
  await page.reload()
  await expect(section).toContainText('First to go wrong (ratio)')
})

test('one chain of working is kept as the school of the task', async ({ page, bench }) => {
  const id = await bench.shelve('copper-in-verdigris')
  await page.goto(`${bench.url}/task/${id}/work-out`)
  await page.getByRole('button', { name: 'one chain' }).click()
  const section = page.getByRole('region', { name: /Percentage by mass of copper/ })
  await expect(section.getByRole('list', { name: 'Lines' }).getByRole('listitem')).toHaveCount(2)
  await saved(page)
  await page.reload()
  await expect(section.getByRole('list', { name: 'Lines' }).getByRole('listitem')).toHaveCount(2)
  await expect(section).toContainText('34.5')
})

test('a chromatogram is entered by keyboard from an empty sheet and found again', async ({ page, bench }) => {
  await page.goto(bench.url)
  await page.getByRole('heading', { name: 'Tasks' }).waitFor()
  await page.keyboard.press('n')
  await page.getByRole('dialog').getByRole('textbox', { name: 'Title' }).fill('Inks')
  await page.getByRole('radio', { name: /Chromatogram/ }).click()
  await page.getByRole('button', { name: 'Open the task' }).click()
  await page.getByRole('heading', { name: 'Brief' }).waitFor()
  await page.keyboard.press('Alt+2')
  await expect(page.getByLabel('solvent front')).toBeFocused()
  await enter(page, '8.0')
  await tabTo(page, 'next sample')
  for (const [name, distance] of [
    ['K', '3.6'],
    ['L', '3.5'],
  ] as const) {
    await enter(page, name)
    await enter(page, distance)
  }
  await tabTo(page, 'Spot 1 is a reference', 'Shift+Tab')
  await page.keyboard.press('Space')
  await expect(page.getByTestId('lanes')).toHaveText('L contains K (Rf 0.44).')
  await saved(page)
  await page.reload()
  await expect(page.getByTestId('lanes')).toHaveText('L contains K (Rf 0.44).')
})

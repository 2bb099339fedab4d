import type { Page } from '@playwright/test'
import { expect, test } from '../bench.ts'
import { chooseByArrows, enter, newTask, saved, tabTo } from './keyboard.ts'

/** A new task from the shelf with some starting sheet, at its work-out page. */
async function newSums(page: Page, url: string, sheet: RegExp, title: string): Promise<void> {
  await newTask(page, url, sheet, title)
  await page.keyboard.press('Alt+2')
  await expect(page.getByRole('heading', { name: 'Work out' })).toBeVisible()
}

/** Fills the fields of a question that is open, in order, and asks it. */
async function fillIn(page: Page, fields: readonly (readonly [label: string, text: string])[]): Promise<void> {
  for (const [label, text] of fields) {
    await tabTo(page, label)
    await page.keyboard.press('ControlOrMeta+a')
    await enter(page, text)
  }
  await tabTo(page, (await page.getByRole('button', { name: 'Keep' }).count()) > 0 ? 'Keep' : 'Add the question')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('dialog')).toHaveCount(0)
}

async function fillQuestion(page: Page, question: string, fields: readonly (readonly [string, string])[]): Promise<void> {
  await tabTo(page, `Fill in: ${question}`)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('dialog')).toBeVisible()
  await fillIn(page, fields)
}

const answerOf = (page: Page, question: string) => page.getByRole('region', { name: question, exact: true })

test('heat of a reaction: temperatures, mass and amount to an enthalpy change with its sign, by keyboard', async ({
  page,
  bench,
}) => {
  await newSums(page, bench.url, /Heat of a reaction/, 'Lime in the quarry')
  await fillQuestion(page, 'Change of temperature', [
    ['Temperature before', '21.4'],
    ['Highest or lowest temperature after', '27.6'],
  ])
  await expect(answerOf(page, 'Change of temperature')).toContainText('6.2 °C')
  await fillQuestion(page, 'Heat', [['Mass of solution or water warmed', '50.0']])
  await expect(answerOf(page, 'Heat')).toContainText('1.30 kJ')
  await fillQuestion(page, 'Amount of what runs out first', [
    ['Concentration', '1.00'],
    ['Volume', '25,0 cm3'],
  ])
  // q = 50.0 × 4.18 × 6.2 = 1295.8 J for 0.0250 mol.
  const enthalpy = answerOf(page, 'Enthalpy change')
  await expect(enthalpy).toContainText('−51.8 kJ/mol')
  await expect(enthalpy.getByRole('list', { name: 'Lines' }).getByRole('listitem')).toHaveCount(1)
  await saved(page)
  const address = page.url()
  await page.goto('about:blank')
  await page.goto(address)
  await expect(answerOf(page, 'Enthalpy change')).toContainText('−51.8 kJ/mol')
})

test('gas collected: from its volume to the share of a sample, by keyboard', async ({ page, bench }) => {
  await newSums(page, bench.url, /Gas collected/, 'Chalk from the north cliff')
  await fillQuestion(page, 'Amount of gas', [['Volume of gas', '72.0 cm3']])
  await fillQuestion(page, 'Amount of what gave it', [
    ['By the equation', 'CaCO3 + 2HCl -> CaCl2 + H2O + CO2'],
    ['Known', 'CO2'],
    ['Wanted', 'CaCO3'],
  ])
  await fillQuestion(page, 'Mass of it', [['Of (formula)', 'CaCO3']])
  await expect(answerOf(page, 'Mass of it')).toContainText('0.300 g')
  await fillQuestion(page, 'Share of the sample', [['Second', '0.350 g']])
  await expect(answerOf(page, 'Share of the sample')).toContainText('85.8 %')
})

test('a precipitate weighed, times to a fixed change, an ester and hard water, by keyboard', async ({ page, bench }) => {
  await newSums(page, bench.url, /Precipitate weighed/, 'Gypsum of the saltings')
  await fillQuestion(page, 'Percentage by mass', [
    ['Precipitate', 'BaSO4'],
    ['Sought', 'SO4^2-'],
    ['Mass of precipitate', '466 mg'],
    ['Mass of sample', '0.500'],
  ])
  await expect(answerOf(page, 'Percentage by mass')).toContainText('38.4 %')

  await newSums(page, bench.url, /Times to a fixed change/, 'The lamp clock')
  await fillQuestion(page, 'First rate', [['Time', '60']])
  await fillQuestion(page, 'Second rate', [['Time', '30 s']])
  await fillQuestion(page, 'Order', [
    ['First concentration', '0.050 mol/dm3'],
    ['Second concentration', '0.100 mol/dm3'],
  ])
  await expect(answerOf(page, 'Order')).toContainText('1.00')

  await newSums(page, bench.url, /Equilibrium of an ester/, 'Pear drops')
  await fillQuestion(page, 'Equilibrium constant', [
    ['Amount of acid put in', '1.00'],
    ['Amount of alcohol put in', '1.00'],
    ['Amount of acid left', '0.333'],
  ])
  await expect(answerOf(page, 'Equilibrium constant')).toContainText('4.01')

  await newSums(page, bench.url, /Hardness of water/, 'The lower well')
  await fillQuestion(page, 'Total hardness', [
    ['Concentration of the titrant', '0.0100'],
    ['Titre', '13.30'],
    ['Volume of sample', '50.0'],
    ['Unit', 'mg/dm3'],
  ])
  await expect(answerOf(page, 'Total hardness')).toContainText('266 mg/dm³')
  await fillQuestion(page, 'Temporary hardness', [
    ['Concentration of the titrant', '0.0200'],
    ['Titre', '9.60'],
    ['Volume of sample', '100.0'],
    ['Unit', 'mg/dm3'],
  ])
  await expect(answerOf(page, 'Permanent hardness')).toContainText('170 mg/dm³')
})

test('a calculation is asked for from the list, and what does not fit is refused beside its field', async ({ page, bench }) => {
  await newSums(page, bench.url, /Your task sheet/, 'Nothing but sums')
  await tabTo(page, 'Add a question')
  await page.keyboard.press('Enter')
  await tabTo(page, 'Quantity')
  await chooseByArrows(page, 'activation energy from the gradient of ln k against 1/T')
  await tabTo(page, 'Gradient of ln k')
  await enter(page, '-6250 cm3')
  await expect(page.getByRole('dialog')).toContainText('In K, not in cm3.')
  await expect(page.locator('[role=dialog] [data-onward]')).toBeFocused()
  await fillIn(page, [['Gradient of ln k', '-6250']])
  await expect(page.getByRole('region', { name: /Activation energy/ })).toContainText('52.0 kJ/mol')
})

import type { Page } from '@playwright/test'
import { expect, test } from '../bench.ts'
import { chooseByArrows, enter, newTask, saved, tabTo } from './keyboard.ts'

type Points = readonly (readonly [x: string, y: string])[]

/** A new task from the shelf with some starting sheet, at the page of its series. */
async function newSeries(page: Page, url: string, sheet: RegExp, title: string): Promise<void> {
  await newTask(page, url, sheet, title)
  await page.keyboard.press('Alt+2')
  await expect(page.getByText('The graph begins with the first point.')).toBeVisible()
}

/** Types points one after another, x in its own cell each time, whatever is foreseen. */
async function typePoints(page: Page, axis: string, points: Points): Promise<void> {
  const x = page.getByRole('textbox', { name: `next ${axis}`, exact: true })
  await expect(page.locator(':focus')).toHaveAttribute('aria-label', /^next /)
  for (const [place, [across, up]] of points.entries()) {
    if (!(await x.evaluate((cell) => cell === document.activeElement))) await page.keyboard.press('Shift+Tab')
    await expect(x).toBeFocused()
    await enter(page, across)
    await enter(page, up)
    await expect(page.getByRole('textbox', { name: `point ${place + 1}, ${axis}` })).toHaveValue(across)
  }
}

const answerOf = (page: Page, question: string) => page.getByRole('region', { name: question, exact: true })

async function workOut(page: Page): Promise<void> {
  await page.keyboard.press('Escape')
  await page.keyboard.press('Alt+3')
  await expect(page.getByRole('heading', { name: 'Work out' })).toBeVisible()
}

test('a pH curve from the first reading to equivalence and pKa, by keyboard', async ({ page, bench }) => {
  await newSeries(page, bench.url, /pH curve/, 'Sour milk of the dairy')
  // 25.0 cm³ of an acid of pKa 3.86 with alkali of its strength, from the charge balance.
  await typePoints(page, 'volume added', [
    ['0.00', '2.46'],
    ['6.00', '3.37'],
    ['12.50', '3.87'],
    ['19.00', '4.36'],
    ['24.00', '5.24'],
    ['24.80', '5.95'],
    ['25.20', '10.60'],
    ['26.00', '11.29'],
    ['30.00', '11.96'],
  ])
  await expect(page.getByTestId('verdict')).toContainText(/steepest at 25\.0/)
  await workOut(page)
  await expect(answerOf(page, 'Volume at the equivalence')).toContainText(/25\.00.cm³/)
  await expect(answerOf(page, 'pKa of the acid')).toContainText('3.87')
  await saved(page)
})

test('a calibration and its unknown, by keyboard, and back after it was closed', async ({ page, bench }) => {
  await newSeries(page, bench.url, /Calibration/, 'Iron of the spring')
  await typePoints(page, 'concentration', [
    ['0.010', '0.110'],
    ['0.020', '0.222'],
    ['0.030', '0.329'],
    ['0.040', '0.441'],
  ])
  await tabTo(page, 'name of the unknown')
  await enter(page, 'spring water')
  await tabTo(page, 'spring water, next reading')
  await enter(page, '0.274')
  await enter(page, '0.278')
  await expect(page.getByRole('region', { name: 'Unknowns' })).toContainText('0.0250')
  await workOut(page)
  const found = answerOf(page, 'Concentration of the unknown')
  await expect(found).toContainText('0.0250 mol/dm³')
  await expect(found).toContainText('±')
  await saved(page)
  const address = page.url()
  await page.goto('about:blank')
  await page.goto(address)
  await expect(found).toContainText('0.0250 mol/dm³')
})

test('times at several temperatures to an activation energy, and a constant for any equilibrium, by keyboard', async ({
  page,
  bench,
}) => {
  await newSeries(page, bench.url, /Times at several temperatures/, 'The fading dye')
  await typePoints(page, 'temperature', [
    ['20.0', '128'],
    ['30.0', '66'],
    ['40.0', '35'],
    ['50.0', '20'],
  ])
  await expect(page.getByRole('columnheader', { name: 'ln(1/time)' })).toBeVisible()
  await workOut(page)
  // ln(128/20) over 1/293.15 − 1/323.15 is 5862 K by the ends alone.
  await expect(answerOf(page, 'Activation energy')).toContainText('48.9 kJ/mol')
  await tabTo(page, 'Add a question')
  await page.keyboard.press('Enter')
  await tabTo(page, 'Quantity')
  await chooseByArrows(page, 'equilibrium constant Kc')
  for (const [label, text] of [
    ['Equation', 'H2 + I2 <=> 2HI'],
    ['H2 put in', '0.400'],
    ['I2 put in', '0.400'],
    ['HI put in', '0'],
    ['HI at equilibrium', '0.600'],
  ] as const) {
    await tabTo(page, label)
    await enter(page, text)
  }
  await tabTo(page, 'Add the question')
  await page.keyboard.press('Enter')
  await expect(answerOf(page, 'Equilibrium constant Kc')).toContainText('36.0')
})

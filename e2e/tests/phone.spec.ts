import { devices, type Locator, type Page } from '@playwright/test'
import { expect, test } from '../bench.ts'
import { saved } from './keyboard.ts'

const { defaultBrowserType: _, ...PHONE } = devices['Pixel 5']
test.use({ ...PHONE, viewport: { width: 390, height: 844 } })

/** Begins a task from the shelf by touch; the title is typed on the device's own keyboard. */
async function begin(page: Page, url: string, title: string): Promise<void> {
  await page.goto(url)
  await page.getByRole('button', { name: 'New task' }).first().tap()
  await page.getByRole('dialog').getByLabel('Title').fill(title)
  await page.getByRole('button', { name: 'Open the task' }).tap()
  await expect(page.getByRole('heading', { level: 1, name: 'Brief' })).toBeVisible()
}

const stage = (page: Page, name: RegExp) => page.getByRole('navigation', { name: 'Stages' }).getByRole('link', { name }).tap()

/** Takes a reading on the pad. */
async function read(page: Page, field: Locator, reading: string): Promise<void> {
  await field.tap()
  const pad = page.getByRole('group', { name: 'Keys for a reading' })
  await expect(pad).toBeVisible()
  for (const digit of reading) await pad.getByRole('button', { name: digit === '.' ? 'Decimal point' : digit, exact: true }).tap()
  await pad.getByRole('button', { name: 'Keep it and go on' }).tap()
}

const at = (page: Page, path: string) => page.locator(`[data-at="${path}"]`)

test.describe('on a phone, by touch', () => {
  test('a solution is made up and titrated', async ({ page, bench }) => {
    await begin(page, bench.url, 'Make up and titrate')
    await stage(page, /Weigh/)
    await read(page, at(page, 'parts.w1.withSample'), '31.46')
    await read(page, at(page, 'parts.w1.withResidue'), '26.72')
    await stage(page, /Titrate/)
    await page.getByRole('button', { name: 'Set up' }).tap()
    const dialog = page.getByRole('dialog')
    await dialog.getByLabel('Formula of what is in it').fill('KMnO4')
    await dialog.getByLabel('Strength', { exact: true }).fill('0.0100')
    await dialog.getByLabel('Strength', { exact: true }).blur()
    await dialog.getByRole('region', { name: 'Usual equations' }).getByRole('button').first().tap()
    await dialog.getByRole('button', { name: 'Done' }).tap()
    await read(page, at(page, 'parts.t1.runs.rough1.initial'), '0.00')
    await read(page, at(page, 'parts.t1.runs.rough1.final'), '21.30')
    await read(page, at(page, 'parts.t1.runs.run1.initial'), '21.30')
    await read(page, at(page, 'parts.t1.runs.run1.final'), '41.95')
    await read(page, at(page, 'parts.t1.runs.run2.initial'), '0.40')
    await read(page, at(page, 'parts.t1.runs.run2.final'), '21.10')
    await expect(page.getByTestId('mean')).toContainText('20.68')
    await stage(page, /Work out/)
    await page
      .getByRole('region', { name: 'What the record can answer' })
      .getByRole('button', { name: /Percentage/ })
      .tap()
    await expect(page.getByRole('region', { name: 'Percentage by mass of Fe in F1' })).toContainText('12.2 %')
    await saved(page)
  })

  test('an unknown is tested', async ({ page, bench }) => {
    await begin(page, bench.url, 'One unknown')
    await stage(page, /Tubes/)
    for (const [did, saw] of [
      ['NaOH', 'dirty green ppt'],
      ['xs', 'no visible change'],
    ] as const) {
      const fresh = page.getByRole('button', { name: 'Fresh portion' }).last()
      if (did === 'NaOH') await fresh.tap()
      await page.getByRole('textbox', { name: /what you do/ }).fill(did)
      await page.getByRole('textbox', { name: /what you see/ }).fill(saw)
      await page.keyboard.press('Enter')
    }
    await expect(page.getByRole('table')).toContainText('dirty green ppt')
    await page.getByRole('textbox', { name: /^Your conclusion/ }).fill('Fe2+')
    await page.getByRole('textbox', { name: /^Your conclusion/ }).blur()
    await saved(page)
  })

  test('a salt is heated to constant mass', async ({ page, bench }) => {
    await begin(page, bench.url, 'Heating blue salt')
    await stage(page, /Heat/)
    await read(page, at(page, 'parts.h1.container'), '23.42')
    for (const mass of ['25.91', '25.01', '25.01']) await read(page, at(page, 'parts.h1.masses'), mass)
    await expect(page.getByTestId('constant')).toContainText('constant mass')
    await saved(page)
  })

  test('a thermometric run is followed', async ({ page, bench }) => {
    await begin(page, bench.url, 'Temperature run')
    await stage(page, /Measure/)
    await read(page, page.getByLabel('next volume added'), '0')
    await read(page, page.getByLabel('next temperature'), '18.5')
    await read(page, page.getByLabel('next volume added'), '5')
    for (const temperature of ['20.0', '21.5', '23.0', '24.5', '24.0', '23.5'])
      await read(page, page.getByLabel('next temperature'), temperature)
    await expect(page.getByText('The lines cross at')).toBeVisible()
    await saved(page)
  })

  test('a chromatogram is measured', async ({ page, bench }) => {
    await begin(page, bench.url, 'Dyes in an ink')
    await stage(page, /Chromatogram/)
    await read(page, at(page, 'parts.c1.front'), '8.0')
    for (const [name, distance] of [
      ['red*', '3.3'],
      ['ink', '3.3'],
    ] as const) {
      await at(page, 'parts.c1.spots').fill(name)
      await read(page, page.getByLabel('next distance'), distance)
    }
    await expect(page.getByTestId('lanes')).toContainText('ink contains red')
    await saved(page)
  })
})

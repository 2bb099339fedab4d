import type { Page } from '@playwright/test'
import { axeFinds } from '../axe.ts'
import { expect, test } from '../bench.ts'
import { deviceIsFull, savesAreRefused, savesFail } from '../trouble.ts'
import { inCell, saved } from './keyboard.ts'

/** Every kind of page, on the demo task that fills it. */
const PAGES = [
  ['iron-in-lawn-sand', ['brief', 'w1', 's1', 't1', 'work-out', 'write-up']],
  ['paper-from-the-pier', ['brief']],
  ['kiln-wash-alkali', ['m1', 'write-up']],
  ['water-in-washing-soda', ['h1']],
  ['shell-and-acid', ['m2']],
  ['dyes-of-lichen-inks', ['c1']],
  ['four-jars', ['r1', 'work-out', 'write-up']],
  ['limewater-in-three-waters', ['work-out']],
  ['copper-in-the-roof-water', ['m1']],
  ['clock-in-the-cold-store', ['m1']],
  ['sourness-of-the-cellar-cider', ['m1', 'work-out']],
] as const

/** Nothing may stick out of the page sideways. */
async function overflow(page: Page): Promise<number> {
  return page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth)
}

const DESK = { width: 1280, height: 800 }
const PHONE = { width: 390, height: 844 }

/** A page as it is wide and narrow, light and dark: the dark theme changes nothing but colours. */
async function looksRight(page: Page, what: string): Promise<void> {
  for (const viewport of [PHONE, DESK]) {
    await page.setViewportSize(viewport)
    await page.emulateMedia({ colorScheme: 'light', reducedMotion: 'reduce' })
    expect(await axeFinds(page), `${what}, ${viewport.width} wide`).toEqual([])
    expect(await overflow(page), `${what}, ${viewport.width} wide`).toBe(0)
    await page.emulateMedia({ colorScheme: 'dark', reducedMotion: 'reduce' })
    expect(await axeFinds(page, 'color-contrast'), `${what}, dark, ${viewport.width} wide`).toEqual([])
  }
}

test('the shelf is free of axe violations and fits, wide and narrow, light and dark', async ({ page, bench }) => {
  await bench.shelve('iron-in-lawn-sand')
  await page.goto(bench.url)
  await page.getByRole('link', { name: 'Iron in lawn sand' }).first().waitFor()
  await looksRight(page, 'shelf')
})

for (const [task, stages] of PAGES)
  test(`every page of ${task} is free of axe violations and fits, wide and narrow, light and dark`, async ({ page, bench }) => {
    const id = await bench.shelve(task)
    for (const stage of stages) {
      await page.goto(`${bench.url}/task/${id}/${stage}`)
      await page.getByRole('heading', { level: 1 }).waitFor()
      await looksRight(page, stage)
    }
  })

test('what could not be saved is said free of axe violations, and fits', async ({ page, bench }) => {
  const id = await bench.shelve('acid-in-orchard-vinegar')
  await page.goto(`${bench.url}/task/${id}/t2`)
  await inCell(page, 'parts.t2.runs.run2.initial')
  await saved(page)
  await savesAreRefused(page, '3.65')
  await page.keyboard.type('3.65')
  await page.keyboard.press('Enter')
  const look = page.getByRole('button', { name: 'Look at what was set aside' })
  await look.waitFor()
  await looksRight(page, 'notices')
  await look.click()
  await page.getByRole('dialog').waitFor()
  await looksRight(page, 'what was set aside')
})

test('what could not be kept is said free of axe violations, and waits on the shelf', async ({ page, bench }) => {
  const id = await bench.shelve('acid-in-orchard-vinegar')
  await page.goto(`${bench.url}/task/${id}/t2`)
  await inCell(page, 'parts.t2.runs.run2.initial')
  await saved(page)
  await deviceIsFull(page)
  await savesFail(page)
  await page.keyboard.type('3.65')
  await page.keyboard.press('Enter')
  await page.locator('[data-save="held"]').waitFor()
  await looksRight(page, 'a device without room')
  await page.getByRole('link', { name: 'Hop Lark' }).click()
  await page.getByRole('region', { name: 'Waiting work' }).waitFor()
  await looksRight(page, 'waiting work')
})

test('dialogs, menus and the palette are free of axe violations', async ({ page, bench }) => {
  const id = await bench.shelve('iron-in-lawn-sand')
  await page.goto(`${bench.url}/task/${id}/t1`)
  await page.getByRole('button', { name: 'Set up' }).click()
  await page.getByRole('dialog').waitFor()
  expect(await axeFinds(page)).toEqual([])
  await page.keyboard.press('Escape')
  await page.keyboard.press('Control+k')
  await page.getByPlaceholder(/^new run/).fill('work')
  expect(await axeFinds(page)).toEqual([])
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Work out' })).toBeVisible()
  const answer = page.locator('[data-at="questions.q2"]')
  await answer.getByRole('button', { name: 'What if …' }).click()
  await answer.getByRole('button', { name: 'Why too low?' }).click()
  await answer.getByRole('button', { name: 'How sure' }).click()
  await expect(answer.getByRole('figure')).toBeVisible()
  expect(await axeFinds(page)).toEqual([])
  await answer.getByRole('button', { name: 'Work it out yourself' }).click()
  await expect(answer).toContainText('work it out first')
  expect(await axeFinds(page)).toEqual([])
  await page.getByRole('button', { name: 'Add a question' }).click()
  await page.getByRole('dialog').waitFor()
  expect(await axeFinds(page)).toEqual([])
  await page.keyboard.press('Escape')
  await page.keyboard.press('Control+k')
  await page.getByPlaceholder(/^new run/).fill('constant mass')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('dialog')).toContainText('constant mass')
  expect(await axeFinds(page)).toEqual([])
})

test('a wrong reading is said at once, points to its cell, and is mended by one key', async ({ page, bench }) => {
  const id = await bench.shelve('iron-in-lawn-sand')
  await page.goto(`${bench.url}/task/${id}/t1`)
  const final = page.locator('[data-at="parts.t1.runs.run4.final"]')
  await final.fill('2.10')
  await page.keyboard.press('Enter')
  const check = page.getByLabel('Check')
  await expect(check).toContainText('final reading 2.10 is above the initial 21.80: burettes count downwards.')
  await check.getByRole('button', { name: /burettes count downwards/ }).hover()
  await expect(final).toHaveAttribute('data-pointed', '')
  await check.getByRole('button', { name: 'Swap them' }).click()
  await expect(final).toHaveValue('21.80')
  await expect(check).not.toContainText('burettes count downwards')
  // What is no number is kept in the cell and not in the record.
  await final.fill('47..0')
  await expect(page.getByRole('alert')).toContainText('47..0 has 2 decimal points')
  await page.keyboard.press('Escape')
  await expect(final).toHaveValue('21.80')
  // A decimal comma is taken as a point.
  await final.fill('42,50')
  await page.keyboard.press('Enter')
  await expect(final).toHaveValue('42.50')
})

test('the mean follows the student who gives a reason, and says so', async ({ page, bench }) => {
  const id = await bench.shelve('iron-in-lawn-sand')
  await page.goto(`${bench.url}/task/${id}/t1`)
  await page.getByRole('button', { name: 'run 2: kind, refill, in the mean' }).click()
  await page.getByRole('combobox', { name: 'In the mean' }).click()
  await page.getByRole('option', { name: 'take it in' }).click()
  await page.getByLabel('Why (the report says so)').fill('read twice, colour lasted 30 s')
  await page.keyboard.press('Enter')
  await page.keyboard.press('Escape')
  await expect(page.getByTestId('mean')).toContainText('Mean titre 20.83 cm³')
  await expect(page.getByLabel('Check')).toContainText(
    'Run 2 is taken into the mean by choice: read twice, colour lasted 30 s.',
    { ignoreCase: true },
  )
})

test('twelve runs and a long title fit; the newest run is in sight', async ({ page, bench }) => {
  const id = await bench.shelve('iron-in-lawn-sand')
  await page.goto(`${bench.url}/task/${id}/brief`)
  await page
    .getByLabel('Title')
    .fill(
      'A very long title of a task about the iron(II) in lawn sand from the orchard shed behind the field station on Wrackholm, second sack',
    )
  await page.keyboard.press('Enter')
  await page.keyboard.press('Alt+4')
  await inCell(page, 'parts.t1.runs.run4.final')
  for (let run = 5; run < 13; run++) {
    await page.keyboard.press('Alt+n')
    await inCell(page, `parts.t1.runs.run${run}.initial`)
  }
  await expect(page.locator('[data-at="parts.t1.runs.run12.initial"]')).toBeInViewport()
  expect(await overflow(page)).toBe(0)
  await saved(page)
})

test('an empty task says what to do on every page', async ({ page, bench }) => {
  await page.goto(bench.url)
  await page.keyboard.press('n')
  await page.getByRole('dialog').getByRole('textbox', { name: 'Title' }).fill('Empty')
  await page.getByRole('radio', { name: /Your task sheet/ }).click()
  await page.getByRole('button', { name: 'Open the task' }).click()
  await expect(page.getByText('No stages yet.')).toBeVisible()
  await page.getByRole('button', { name: '+ Titrate' }).click()
  await page.getByRole('link', { name: 'Titrate' }).first().click()
  await expect(page.getByLabel('Now')).toContainText('Fill the burette and read it.')
  await page.keyboard.press('Alt+3')
  await expect(page.getByText('No question yet.')).toBeVisible()
  expect(await axeFinds(page)).toEqual([])
})

test('a task is archived, found again, put back, and deleted only by name', async ({ page, bench }) => {
  // The shelf shows a page of many tasks: another of the same title could come into it.
  const title = 'Vinegar to be archived'
  await bench.shelve('acid-in-orchard-vinegar', (document) => {
    document.title = title
  })
  await page.goto(bench.url)
  await page.getByRole('button', { name: `More for ${title}` }).click()
  await page.getByRole('menuitem', { name: 'Archive' }).click()
  await expect(page.getByRole('link', { name: title })).toHaveCount(0)
  await page.getByRole('button', { name: 'Archived' }).click()
  await page
    .getByRole('button', { name: `More for ${title}` })
    .first()
    .click()
  await page.getByRole('menuitem', { name: 'Delete for good …' }).click()
  const dialog = page.getByRole('dialog')
  await expect(dialog.getByRole('button', { name: 'Delete for good' })).toBeDisabled()
  await dialog.getByLabel(/Type the title/).fill(title)
  await page.keyboard.press('Enter')
  await dialog.getByRole('button', { name: 'Delete for good' }).click()
  await expect(page.getByText('Nothing is archived.')).toBeVisible()
})

test('a task file is exported and taken back in; a wrong one is refused with the place', async ({ page, bench }) => {
  const id = await bench.shelve('iron-in-lawn-sand')
  await page.goto(`${bench.url}/task/${id}/brief`)
  await page.getByRole('button', { name: 'Menu' }).click()
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('menuitem', { name: 'Export the task file' }).click(),
  ])
  expect(download.suggestedFilename()).toBe('iron-in-lawn-sand.hoplark.json')
  const file = await download.path()
  await page.goto(bench.url)
  await page.getByLabel('Task file').setInputFiles({
    name: 'x.hoplark.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{"format":"hop-lark/task","version":1,"id":"x","title":"x","colour":"red"}'),
  })
  await expect(page.getByText('x.hoplark.json: colour: is not a field')).toBeVisible()
  await page.getByLabel('Task file').setInputFiles(file)
  await expect(page.getByRole('heading', { name: 'Brief' })).toBeVisible()
  await page.keyboard.press('Alt+4')
  await expect(page.getByTestId('mean')).toContainText('20.68')
})

test('the rack in all its views and the reference are free of axe violations', async ({ page, bench }) => {
  const id = await bench.shelve('four-jars')
  await page.goto(`${bench.url}/task/${id}/r1`)
  await page.getByRole('button', { name: /^Tube G1/ }).click()
  await expect(page.getByRole('region', { name: 'Verdict' })).toContainText('nickel(II) chloride')
  await page.getByLabel('G1: what you do').fill('drops silver nitrate')
  await page.getByLabel('G1: what you see').fill('nothing')
  await expect(page.getByLabel('Before you do it')).toBeVisible()
  await page.getByRole('button', { name: 'Correct step 1' }).click()
  await page.getByRole('button', { name: 'What should be seen' }).click()
  await page.getByRole('button', { name: 'Scheme of groups' }).click()
  expect(await axeFinds(page)).toEqual([])
  await page.keyboard.press('Alt+g')
  await expect(page.getByTestId('grid')).toBeVisible()
  expect(await axeFinds(page)).toEqual([])
  await page.keyboard.press('Alt+r')
  for (const shelf of ['Reagents', 'Ions', 'Gases', 'Flames', 'Colours', 'Indicators', 'Glassware']) {
    await page.getByRole('tab', { name: shelf }).click()
    expect(await axeFinds(page), shelf).toEqual([])
  }
  await page.getByRole('tab', { name: 'Ions' }).click()
  await page.getByLabel('Look for').fill('copper')
  await expect(page.getByRole('region', { name: 'copper(II)' })).toContainText('pale blue precipitate')
})

import type { Page } from '@playwright/test'
import { expect, test } from '../bench.ts'
import { docxOf, lockedPdf, pdfOf } from '../sheetFiles.ts'
import { enter, inCell, newTask, saved, tabTo } from './keyboard.ts'

const VINEGAR = `Acid in the orchard's cider vinegar

V1 is cider vinegar that has been diluted ten times. V2 is 0.100 mol dm-3 sodium hydroxide.

(a) 1. Rinse and fill the burette.
2. Pipette 25.0 cm3 of V1 into a conical flask and add two drops of phenolphthalein.
3. Titrate until the first lasting pink. Repeat until two titres agree within 0.10 cm3.
(b) State the mean titre.
(c) Calculate the concentration of ethanoic acid, CH3COOH, in V1.
(d) Explain why the flask may be wet with water.`

const JARS = `The potter's grey jar

P is a solution of one salt. Use a fresh 1 cm depth of P in a test-tube for each test.

(a) Add aqueous sodium hydroxide, drop by drop, until it is in excess.
(b) Add dilute nitric acid, then aqueous silver nitrate.
(c) Identify the ions in P.`

/** Puts text on the field that has the cursor, as pasting does. */
const paste = (page: Page, text: string) => page.keyboard.insertText(text)

test('a titration from the pasted sheet to its answers, by keyboard only', async ({ page, bench }) => {
  await newTask(page, bench.url, /Your task sheet/, 'Cider vinegar')
  await tabTo(page, 'Task sheet')
  await paste(page, VINEGAR)
  await page.keyboard.press('Control+Enter')
  await expect(page.getByLabel('Now')).toContainText('Which solution is in the burette?')
  // The cursor has left the field with it.
  await page.keyboard.press('1')
  await expect(page.getByLabel('Now')).toContainText('Look through the steps, then accept.')
  await tabTo(page, 'Accept all', 'Shift+Tab')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('link', { name: 'not begun Titrate' })).toBeVisible()

  await page.keyboard.press('Alt+2')
  await inCell(page, 'parts.t1.runs.rough1.initial')
  await enter(page, '0.00')
  await inCell(page, 'parts.t1.runs.rough1.final')
  await enter(page, '20.60')
  await inCell(page, 'parts.t1.runs.run1.initial')
  await page.keyboard.press('Enter')
  await inCell(page, 'parts.t1.runs.run1.final')
  await enter(page, '41.00')
  await inCell(page, 'parts.t1.runs.run2.initial')
  await enter(page, '0.00')
  await inCell(page, 'parts.t1.runs.run2.final')
  await enter(page, '20.45')
  await page.keyboard.press('Alt+3')
  await expect(page.getByTestId('answer-q2')).toContainText('0.0817')
  await tabTo(page, 'Your answer')
  await page.keyboard.type('The water adds no ethanoic acid.')
  await saved(page)
  await page.reload()
  await expect(page.getByLabel('Your answer')).toHaveValue('The water adds no ethanoic acid.')
  await expect(page.getByTestId('answer-q2')).toContainText('0.0817')
})

test('unknowns from the pasted sheet to the record of every planned test, by keyboard only', async ({ page, bench }) => {
  await newTask(page, bench.url, /Your task sheet/, 'Grey jar')
  await tabTo(page, 'Task sheet')
  await paste(page, JARS)
  await page.keyboard.press('Control+Enter')
  await expect(page.getByLabel('Now')).toContainText('Look through the steps, then accept.')
  await tabTo(page, 'Accept all', 'Shift+Tab')
  await page.keyboard.press('Enter')
  await page.keyboard.press('Alt+2')
  await expect(page.getByLabel('P1: what you see')).toBeFocused()
  await expect(page.getByLabel('P1: what you do')).toHaveValue(/NaOH/)
  await enter(page, 'white precipitate')
  await enter(page, 'precipitate dissolved, colourless solution')
  // The plan of the first tube is done: the next one is there.
  await expect(page.getByLabel('P2: what you see')).toBeFocused()
  await enter(page, 'no visible change')
  await enter(page, 'white precipitate')
  await saved(page)
  await page.reload()
  await page.getByRole('button', { name: /^Tube P1/ }).click()
  await expect(page.getByRole('table')).toContainText('precipitate dissolved, colourless solution')
  await expect(page.getByText('Planned')).toHaveCount(0)
})

test('a sheet that is edited after it was accepted keeps what was recorded', async ({ page, bench }) => {
  await newTask(page, bench.url, /Your task sheet/, 'Vinegar again')
  await page.getByRole('textbox', { name: 'Task sheet' }).fill(VINEGAR.replace('fill the burette', 'fill the burette with V2'))
  await page.getByRole('button', { name: 'Read the sheet' }).click()
  await page.getByRole('button', { name: 'Accept all' }).click()
  await page.keyboard.press('Alt+2')
  await inCell(page, 'parts.t1.runs.rough1.initial')
  await enter(page, '0.00')
  await inCell(page, 'parts.t1.runs.rough1.final')
  await enter(page, '20.60')
  await inCell(page, 'parts.t1.runs.run1.initial')
  await saved(page)
  await page.keyboard.press('Alt+1')
  await page.getByRole('button', { name: 'Change the sheet' }).click()
  await page
    .getByRole('textbox', { name: 'Task sheet' })
    .fill(VINEGAR.replace('fill the burette', 'fill the burette with V2').replace('25.0 cm3', '10.0 cm3'))
  await page.getByRole('button', { name: 'Read the sheet' }).click()
  await saved(page)
  await page.keyboard.press('Alt+2')
  await expect(page.getByText('10.0 cm³ of V1')).toBeVisible()
  await expect(page.locator('[data-at="parts.t1.runs.rough1.final"]')).toHaveValue('20.60')
})

test('hostile text does no harm, and is explained', async ({ page, bench }) => {
  const faults: string[] = []
  page.on('pageerror', (error) => faults.push(error.message))
  await newTask(page, bench.url, /Your task sheet/, 'Odd sheets')
  const field = page.getByRole('textbox', { name: 'Task sheet' })
  await field.fill('<img src=x onerror="document.title=1"> \u202eTitrate A with B.\u202c \u05e9\u05dc\u05d5\u05dd')
  await page.getByRole('button', { name: 'Read the sheet' }).click()
  await expect(page.getByTestId('sheet-text')).toContainText('<img src=x')
  await expect(page.locator('img[src="x"]')).toHaveCount(0)
  await page.getByRole('button', { name: 'Change the sheet' }).click()
  await field.fill('x'.repeat(20_000))
  await page.getByRole('button', { name: 'Read the sheet' }).click()
  await expect(page.getByTestId('sheet-text')).toBeVisible()
  await page.getByRole('button', { name: 'Change the sheet' }).click()
  await field.fill('Add 5 cm3 of A to B. '.repeat(50_000))
  await page.getByRole('button', { name: 'Read the sheet' }).click()
  await expect(page.getByRole('alert')).toContainText(/100000|100,000|too long|at most/i)
  expect(faults).toEqual([])
})

test('files that are no sheets are refused with the reason', async ({ page, bench }) => {
  await newTask(page, bench.url, /Your task sheet/, 'Files')
  const choose = (name: string, buffer: Buffer) =>
    page.getByLabel('File with the task sheet').setInputFiles({ name, mimeType: 'application/octet-stream', buffer })
  await choose('broken.pdf', Buffer.from('%PDF-1.4 broken'))
  await expect(page.getByRole('alert')).toContainText('broken.pdf cannot be opened as a PDF')
  await choose('broken.docx', Buffer.from('PK nothing'))
  await expect(page.getByRole('alert')).toContainText('broken.docx cannot be opened')
  await choose('locked.pdf', lockedPdf())
  await expect(page.getByRole('alert')).toContainText('locked.pdf is protected by a password')
  await choose('sheet.xyz', Buffer.from('A'))
  await expect(page.getByRole('alert')).toContainText('no text, .docx or .pdf')
  await choose('sheet.txt', Buffer.from(VINEGAR))
  await expect(page.getByTestId('sheet-text')).toContainText('cider vinegar')
})

test('a Word document and a PDF are read like pasted text', async ({ page, bench }) => {
  for (const [name, buffer] of [
    ['sheet.docx', docxOf(VINEGAR)],
    ['sheet.pdf', await pdfOf(page, VINEGAR)],
  ] as const) {
    await newTask(page, bench.url, /Your task sheet/, name)
    await page.getByLabel('File with the task sheet').setInputFiles({ name, mimeType: 'application/octet-stream', buffer })
    await expect(page.getByTestId('sheet-text')).toContainText('cider vinegar')
    await expect(page.getByLabel('Now')).toContainText('Which solution is in the burette?')
    await page.keyboard.press('1')
    await page.getByRole('button', { name: 'Accept all' }).click()
    await expect(page.getByRole('link', { name: 'not begun Titrate' })).toBeVisible()
  }
})

test('a plan is made from a question, taken and ready for readings, by keyboard only', async ({ page, bench }) => {
  await newTask(page, bench.url, /Your task sheet/, 'My investigation')
  await tabTo(page, 'Plan an investigation')
  await page.keyboard.press('Enter')
  const dialog = page.getByRole('dialog')
  await expect(dialog).toContainText('How does the strength of the acid change the rate')
  await tabTo(page, 'Take this plan')
  await page.keyboard.press('Enter')
  await expect(page.getByTestId('sheet-text')).toContainText('Kept the same')
  await tabTo(page, 'Accept all', 'Shift+Tab')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('link', { name: /not begun with 50 cm3 of A alone/i })).toBeVisible()
  await saved(page)
  await page.reload()
  await expect(page.getByTestId('sheet-text')).toContainText('Kept the same')
  await page.keyboard.press('Alt+2')
  await inCell(page, 'parts.m1.points')
  // The table begins at no time, and no gas: it is asked whether that nought was meant.
  await page.keyboard.type('0')
  await page.keyboard.press('Enter')
  await page.keyboard.press('Enter')
  await expect(page.getByLabel('point 1, volume of gas')).toHaveValue('0')
  await expect(page.getByLabel('point 1, time')).toHaveValue('0')
})

test('how the hands do it is told from the step and from the palette', async ({ page, bench }) => {
  const id = await bench.shelve('iron-in-lawn-sand')
  await page.goto(`${bench.url}/task/${id}/brief`)
  await page.getByRole('button', { name: /^Pipette 25.0 cm³ of F4/ }).click()
  await page
    .getByRole('button', { name: /pipett/i })
    .last()
    .click()
  await expect(page.getByRole('dialog')).toContainText('Touch')
  await page.keyboard.press('Escape')
  await expect(page.getByRole('dialog')).toBeHidden()
  await page.keyboard.press('Control+k')
  await page.getByPlaceholder(/^new run/).fill('constant mass')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('dialog')).toContainText('constant mass')
})

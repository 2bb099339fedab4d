import type { Page } from '@playwright/test'
import { expect, test } from '../bench.ts'
import { enter, inCell, newTask, saved } from './keyboard.ts'

const LINE = 'parts.r1.line'

const did = (page: Page) => page.getByLabel(/: what you do$/)
const saw = (page: Page) => page.getByLabel(/: what you see$/)
const says = (page: Page) => page.locator('#step-line-says')

/** A new rack, with its first portion. */
async function newRack(page: Page, url: string, title: string): Promise<void> {
  await newTask(page, url, /Unknowns/, title)
  await page.keyboard.press('Alt+2')
  await expect(page.getByRole('heading', { name: 'Tubes' })).toBeVisible()
  await page.keyboard.press('Alt+p')
  await inCell(page, LINE)
}

/** Types an act and what was seen, and looks at what both are read as before they are kept. */
async function typed(
  page: Page,
  done: string,
  seen: string,
  read: { readonly done: string; readonly seen: string },
): Promise<void> {
  await inCell(page, LINE)
  await enter(page, done)
  await expect(saw(page)).toBeFocused()
  await page.keyboard.type(seen)
  await expect(says(page)).toContainText(`done: ${read.done}`)
  await expect(says(page)).toContainText(`seen: ${read.seen}`)
}

test('what students type is read where it stands, shown before it is kept, and mended by one key', async ({ page, bench }) => {
  await newRack(page, bench.url, 'A bottle from the rope walk')

  await typed(page, '1 cm3 NaOH slowly with shaking', 'wht ppt', {
    done: '1 cm³ NaOH(aq), slowly, with shaking',
    seen: 'white precipitate',
  })
  await page.keyboard.press('Enter')
  await typed(page, 'loads more', 'didnt disolve', { done: 'NaOH(aq) to excess', seen: 'precipitate insoluble' })
  await page.keyboard.press('Enter')

  // A flame's colour is a flame's, and a test tersely noted is of its paper.
  await page.keyboard.press('Alt+p')
  await typed(page, 'flame tst', 'no yellow', { done: 'flame test', seen: 'no yellow flame' })
  await page.keyboard.press('Enter')
  await typed(page, 'warm, damp red litmus', 'stayed red', {
    done: 'warmed gently, damp red litmus paper',
    seen: 'damp red litmus stayed red',
  })
  await page.keyboard.press('Enter')

  // Two bottles in one act, as the app itself advises it.
  await page.keyboard.press('Alt+p')
  await typed(page, 'acidified silver nitrate', 'goes milky white', {
    done: 'HNO3(aq) + AgNO3(aq)',
    seen: 'white precipitate',
  })
  await page.keyboard.press('Enter')

  // What was meant otherwise is mended by one key.
  await typed(page, 'xs ammonia', 'brown', { done: 'NH3(aq) to excess', seen: 'precipitate dissolved giving a brown solution' })
  await page.keyboard.press('Alt+o')
  await expect(saw(page)).toHaveValue('precipitate turned brown')
  await page.keyboard.press('Enter')
  await expect(page.getByTitle('read as: precipitate turned brown')).toBeVisible()

  const board = page.getByRole('region', { name: 'Verdict' })
  await expect(board.getByRole('img', { name: /^chloride/ })).toBeVisible()
  await expect(board.getByRole('button', { name: /^sodium ruled out|^ammonium ruled out/ }).first()).toBeVisible()

  // All of it is there after a restart.
  await saved(page)
  await bench.stopServer()
  await bench.startServer()
  await page.reload()
  await expect(page.getByTitle('read as: white precipitate')).toBeVisible()
  await expect(page.getByRole('row', { name: /HNO3\(aq\) \+ AgNO3\(aq\)/ })).toBeVisible()
})

test('several acts in one line each have their observation, or one by one key; a fresh portion takes its own tube', async ({
  page,
  bench,
}) => {
  await newRack(page, bench.url, 'Acts in one line')
  await enter(page, '3 drops NaOH then excess')
  await expect(saw(page)).toHaveAttribute('placeholder', 'saw after 3 drops NaOH(aq)')
  await enter(page, 'white ppt')
  await expect(did(page)).toHaveValue('excess')
  await enter(page, 'dissolves')
  await page.keyboard.type('HNO3 then 2 drops AgNO3')
  await page.keyboard.press('Shift+Enter')
  await expect(did(page)).toHaveValue('HNO3(aq) + 2 drops AgNO3(aq)')
  await enter(page, 'no ppt')
  await page.keyboard.type('to a fresh portion add wibble water')
  await expect(says(page)).toContainText('is no bottle or act known here')
  await page.keyboard.press('Enter')
  await enter(page, 'nothing')
  await expect(page.getByRole('heading', { name: /^P2/ })).toBeVisible()
  await expect(page.getByRole('row', { name: /wibble water/ })).toBeVisible()
})

test('what can hurt is not kept by Enter, with the reason and what to do instead', async ({ page, bench }) => {
  await newRack(page, bench.url, 'A hasty hand')
  await enter(page, '2 cm3 KMnO4')
  await enter(page, 'purple')
  await enter(page, 'conc H2SO4')
  const stop = page.getByRole('alert', { name: 'Stop' })
  await expect(stop).toContainText('explodes')
  await expect(stop).toContainText('dilute sulfuric acid')
  await enter(page, 'green oil')
  await expect(page.getByRole('row', { name: /H2SO4\(conc\)/ })).toHaveCount(0)
  await expect(saw(page)).toHaveValue('green oil')
  // What was done with leave is still recorded.
  await page.keyboard.press('Alt+Enter')
  await expect(page.getByRole('row', { name: /H2SO4\(conc\)/ })).toBeVisible()
  await page.keyboard.type('potassium cyanyde')
  await expect(stop).toContainText('Did you mean thiocyanate')
  // A formula is no slip of the pen for another one.
  await did(page).fill('2 drops NaCN')
  await expect(stop).toContainText('No cyanide is used here')
  await expect(says(page)).toContainText('done: 2 drops NaCN')
  await did(page).fill('1 cm3 citric acid')
  await expect(says(page)).toContainText('“citric acid” is no bottle')
})

test('a conclusion that denies and doubts is laid beside the record, claim by claim', async ({ page, bench }) => {
  const id = await bench.shelve('four-jars')
  await page.goto(`${bench.url}/task/${id}/r1`)
  const field = page.getByLabel('Your conclusion on Jar G')
  await field.waitFor()
  await field.fill('contains nickel, probably chlorine ions, no bromide. Copper is present. Zinc is present')
  await page.keyboard.press('Enter')
  const compared = page.getByTestId('compared')
  await expect(compared).toContainText('The record shows nickel(II) too')
  await expect(compared).toContainText('The record rules bromide out too')
  await expect(compared).toContainText('The record speaks against copper')
  // Its white would be hidden under the green of nickel.
  await expect(compared).toContainText('The record does not yet show zinc')
  await expect(compared).toContainText('The ion is a halide')
  await compared.getByRole('button', { name: 'G3.3' }).first().click()
  await expect(page.getByRole('heading', { name: /^G3/ })).toBeVisible()
})

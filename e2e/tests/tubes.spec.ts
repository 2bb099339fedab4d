import { execFileSync } from 'node:child_process'
import { fileURLToPath } from 'node:url'
import type { Locator, Page } from '@playwright/test'
import { expect, test } from '../bench.ts'
import { enter, inCell, saved, tabTo } from './keyboard.ts'

const ROOT = fileURLToPath(new URL('../..', import.meta.url))
const LINE = 'parts.r1.line'

/** A step as it is typed: what was done, Enter, what was seen, Enter. */
async function step(page: Page, did: string, saw: string): Promise<void> {
  await inCell(page, LINE)
  await enter(page, did)
  await expect(page.getByLabel(/: what you see$/)).toBeFocused()
  await enter(page, saw)
  await inCell(page, LINE)
}

/** A fresh portion, by its key. */
async function freshPortion(page: Page, tube: string): Promise<void> {
  await page.keyboard.press('Alt+p')
  await expect(page.getByLabel(`${tube}: what you do`)).toBeFocused()
}

/** Ions under a heading of the board, as screen readers name them. */
async function under(board: Locator, heading: string): Promise<string[]> {
  const section = board.locator('div').filter({ has: board.page().getByRole('heading', { name: heading, exact: true }) })
  const named = await section.last().getByRole('img').all()
  return Promise.all(named.map(async (one) => ((await one.getAttribute('aria-label')) ?? '').replace(/:.*/, '')))
}

/** A new task of unknowns from the shelf, its tubes open. */
async function newUnknowns(page: Page, url: string, title: string): Promise<void> {
  await page.goto(url)
  await page.getByRole('heading', { name: 'Tasks' }).waitFor()
  await page.keyboard.press('n')
  await page.getByRole('radio', { name: /Unknowns/ }).focus()
  await page.keyboard.press('Space')
  await tabTo(page, 'Title', 'Shift+Tab')
  await enter(page, title)
  await expect(page.getByRole('heading', { name: 'Brief' })).toBeVisible()
  await page.keyboard.press('Alt+2')
  await expect(page.getByRole('heading', { name: 'Tubes' })).toBeVisible()
}

test('an unknown is recorded in plain words, by keyboard only, and identified with evidence', async ({ page, bench }) => {
  await newUnknowns(page, bench.url, 'A bottle from the kiln shed')
  await freshPortion(page, 'P1')
  await step(page, '3 drops NaOH', 'blue ppt')
  await step(page, 'xs', 'insol in xs')
  await freshPortion(page, 'P2')
  await step(page, '3 drops ammonia', 'pale blue ppt')
  await step(page, 'xs', 'ppt dissolves giving deep blue soln')
  await freshPortion(page, 'P3')
  await step(page, 'drops HNO3', '-')
  await step(page, 'drops barium nitrate', 'white ppt')
  const board = page.getByRole('region', { name: 'Verdict' })
  await expect.poll(() => under(board, 'Present')).toEqual(['copper(II)', 'sulfate'])
  await expect(board).toContainText('Together: copper(II) sulfate')
  // The evidence is the steps that show it.
  await expect(board.getByRole('button', { name: 'P3.2' }).first()).toBeVisible()

  // One wrong observation does not wreck the verdict; it is named as worth repeating.
  await freshPortion(page, 'P4')
  await step(page, '3 drops NaOH', 'white ppt')
  await expect(board).toContainText('Worth repeating')
  await expect(board.getByRole('button', { name: 'P4.1' }).first()).toBeVisible()
  expect(await under(board, 'Present')).toEqual(['copper(II)', 'sulfate'])
})

test('a second unknown beside the first is identified, and kept over a restart of the server', async ({ page, bench }) => {
  await newUnknowns(page, bench.url, 'Two bottles from the kiln shed')
  await freshPortion(page, 'P1')
  await step(page, '3 drops NaOH', 'white ppt')
  const board = page.getByRole('region', { name: 'Verdict' })
  // The second sample: ammonium left in the tube makes the foil test look like nitrate.
  await tabTo(page, 'New sample, a solution', 'Shift+Tab')
  await page.keyboard.press('Enter')
  await page.keyboard.press('p')
  await expect(page.getByLabel('Q1: what you do')).toBeFocused()
  await step(page, 'NaOH xs', '-')
  await step(page, 'warm, damp red litmus', 'gas turned damp red litmus blue')
  await freshPortion(page, 'Q2')
  await step(page, 'NaOH xs', '-')
  await page.keyboard.type('al foil')
  await expect(page.getByLabel('Before you do it')).toContainText('Ammonium must be boiled off first')
  await page.keyboard.press('Enter')
  await enter(page, 'fizzes')
  await step(page, 'warm, damp red litmus', 'gas turned damp red litmus paper blue')
  await freshPortion(page, 'Q3')
  await step(page, '1 cm3 HNO3', '-')
  await step(page, 'drops silver nitrate', 'white ppt')
  await step(page, 'ammonia xs', 'dissolves giving a colourless solution')
  await expect.poll(() => under(board, 'Present')).toEqual(['ammonium', 'chloride'])

  await saved(page)
  await bench.stopServer()
  await bench.startServer()
  await page.reload()
  await expect.poll(() => under(board, 'Present')).toEqual(['ammonium', 'chloride'])
  // Back through the tubes to the first sample.
  await inCell(page, LINE)
  for (const tube of ['Q2', 'Q1', 'P1']) {
    await page.keyboard.press('PageUp')
    await expect(page.getByLabel(`${tube}: what you do`)).toBeFocused()
  }
  await expect(page.getByRole('row', { name: /NaOH|sodium hydroxide/ })).toContainText('white ppt')
})

interface CliSample {
  readonly material: string
  readonly ions: readonly { readonly ion: string; readonly verdict: string }[]
}

test('the board says of every jar what the command line says', async ({ page, bench }) => {
  const out = execFileSync(process.execPath, ['cli/dist/main.js', 'identify', 'demo/four-jars.hoplark.json', '--json'], {
    cwd: ROOT,
    encoding: 'utf8',
  })
  const { samples } = JSON.parse(out) as { samples: CliSample[] }
  const labels: Readonly<Record<string, string>> = { G: 'Jar G', H: 'Jar H', K: 'Jar K', 'K-yellow': 'Yellow from K', L: 'Jar L' }
  const id = await bench.shelve('four-jars')
  await page.goto(`${bench.url}/task/${id}/r1`)
  for (const { material, ions } of samples) {
    await page.getByRole('button', { name: labels[material] ?? '', exact: true }).click()
    const board = page.getByRole('region', { name: 'Verdict' })
    const present = ions.filter(({ verdict }) => verdict === 'present').length
    const possible = ions.filter(({ verdict }) => verdict === 'possible').length
    await expect.poll(async () => (await under(board, 'Present')).length, { message: material }).toBe(present)
    expect((await under(board, 'Still possible')).length, material).toBe(Math.min(6, possible))
    const absent = ions.filter(({ verdict }) => verdict === 'absent').length
    await expect(board.getByRole('button', { name: /ruled out/ }), material).toHaveCount(absent)
  }
})

/** Six steps as a student may write them, for every tube of a wide rack. */
const SIX_STEPS = [
  { do: 'add', reagent: 'NaOH(aq)', amount: 'drops', saw: 'green ppt' },
  { do: 'add', reagent: 'NaOH(aq)', amount: 'excess', saw: 'insoluble in excess' },
  { do: 'warm', reagent: 'damp red litmus paper', saw: 'no visible change' },
  { do: 'cool', saw: 'no visible change' },
  { do: 'filter', saw: 'colourless filtrate, green residue' },
  { do: 'look', saw: 'colourless solution' },
]

test('a wide rack of twelve tubes with six steps each fits, and every tube of it is reached', async ({ page, bench }) => {
  const id = await bench.shelve('four-jars', ({ parts }) => {
    const [sample] = parts.find(({ kind }: { kind: string }) => kind === 'rack').samples
    sample.tubes = Array.from({ length: 12 }, (_, index) => ({
      id: `G${index + 1}`,
      cm3: '1',
      steps: SIX_STEPS.map((step, place) => ({ id: `s${place + 1}`, ...step })),
    }))
  })
  await page.goto(`${bench.url}/task/${id}/r1`)
  const sideways = () => page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth)
  const rack = page.getByRole('list', { name: 'Rack' })
  await expect(rack.getByRole('button')).toHaveCount(12)
  expect(await rack.evaluate((list) => list.scrollWidth - list.clientWidth)).toBe(0)
  await rack.getByRole('button', { name: /^Tube G1:/ }).click()
  for (let tube = 1; tube <= 12; tube++) {
    await expect(page.getByLabel(`G${tube}: what you do`)).toBeFocused()
    await expect(page.getByRole('table').first().getByRole('row')).toHaveCount(SIX_STEPS.length + 1)
    // The line stays in sight under six steps.
    await expect(page.getByLabel(`G${tube}: what you see`)).toBeInViewport()
    expect(await sideways()).toBe(0)
    await page.keyboard.press('PageDown')
  }
})

test('what an ion should have shown stands beside what was seen', async ({ page, bench }) => {
  const id = await bench.shelve('four-jars')
  await page.goto(`${bench.url}/task/${id}/r1`)
  await page.getByRole('button', { name: /^Tube G2/ }).click()
  await page.getByRole('button', { name: 'What should be seen' }).click()
  await page.getByRole('combobox', { name: 'Cation' }).click()
  await page.getByRole('option', { name: 'copper(II)' }).click()
  const expected = page.getByTestId('expected')
  await expect(expected).toContainText('deep blue solution')
  await expect(expected).toContainText('ppt dissolves giving a blue solution')
})

test('a question about ions is answered with evidence that leads back to the step', async ({ page, bench }) => {
  const id = await bench.shelve('four-jars')
  await page.goto(`${bench.url}/task/${id}/work-out`)
  const section = page.getByRole('region', { name: 'Ions in Jar H' })
  await expect(section).toContainText('Jar H contains ammonium ions: on warming')
  await section.getByRole('button', { name: 'H1.3' }).click()
  await expect(page.getByRole('button', { name: /^Tube H1/ })).toHaveAttribute('aria-pressed', 'true')
  await expect(page.locator('[data-at="parts.r1.samples.H.tubes.H1.steps.s3"]')).toBeFocused()
})

test('an organic liquid is told by its groups, and stays so over a restart', async ({ page, bench }) => {
  await newUnknowns(page, bench.url, 'A bottle from the cider house')
  await tabTo(page, 'New sample, an organic liquid or water', 'Shift+Tab')
  await page.keyboard.press('Enter')
  await page.keyboard.press('p')
  await expect(page.getByLabel('Q1: what you do')).toBeFocused()
  await step(page, 'Br2 water', 'stays orange')
  await freshPortion(page, 'Q2')
  await step(page, 'dnph', 'no ppt')
  const board = page.getByRole('region', { name: 'Verdict' })
  const asLiquid = board.getByRole('region', { name: 'As a liquid' })
  await expect(asLiquid).toContainText('Not settled')
  await freshPortion(page, 'Q3')
  await inCell(page, LINE)
  await enter(page, 'sulfuric acid then dichromate then warm in hot water')
  await enter(page, '-')
  await enter(page, 'orange solution')
  await enter(page, 'turned green')
  await freshPortion(page, 'Q4')
  await step(page, 'sodium carbonate', 'no bubbles')
  await expect(asLiquid).toContainText('primary or secondary alcohol')
  await expect(asLiquid.getByRole('button', { name: 'Q3.3' }).first()).toBeVisible()
  // Ions are not spoken of, and what warms a liquid is hot water.
  await expect(board).not.toContainText('Ruled out')
  await inCell(page, LINE)
  await page.keyboard.type('warm')
  await expect(page.getByText('every flame in the room out')).toBeVisible()
  await page.keyboard.press('Escape')

  await saved(page)
  await bench.stopServer()
  await bench.startServer()
  await page.reload()
  await expect(asLiquid).toContainText('primary or secondary alcohol')
})

test('a metal that is the sample is named as it came, by keyboard from an empty shelf, and stays so over a restart', async ({
  page,
  bench,
}) => {
  await newUnknowns(page, bench.url, 'Scraps from the slipway')
  await tabTo(page, 'New sample, a solid', 'Shift+Tab')
  await page.keyboard.press('Enter')
  await tabTo(page, 'Dry portion')
  await page.keyboard.press('Enter')
  await step(page, 'hydrochloric acid', 'fizzes, gas gives a squeaky pop with a lighted splint')
  const whole = page.getByRole('region', { name: 'Verdict' }).getByTestId('whole-sample')
  // Acid tells of a metal, not yet which.
  await expect(whole).toContainText('zinc')
  await expect(whole).toContainText('magnesium')
  await page.keyboard.press('Escape')
  await tabTo(page, 'Dry portion', 'Shift+Tab')
  await page.keyboard.press('Enter')
  await step(page, 'equal volume of hydrochloric acid', 'fizzes and dissolves')
  await step(page, 'equal volume of ammonia', 'white ppt')
  await step(page, 'excess ammonia', 'dissolves')
  await expect(whole).toContainText('zinc')
  await expect(whole).not.toContainText('magnesium')

  await saved(page)
  await bench.stopServer()
  await bench.startServer()
  await page.reload()
  await expect(whole).toContainText('zinc')
})

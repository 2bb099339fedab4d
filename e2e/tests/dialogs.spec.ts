import type { Page } from '@playwright/test'
import { axeFinds } from '../axe.ts'
import { expect, test } from '../bench.ts'
import { inCell, saved } from './keyboard.ts'

interface Opened {
  readonly says: string
  readonly demo?: string
  /** The page it is opened on; the shelf, if none. */
  readonly stage?: string
  /** Without its sheet, as a task that is only planned. */
  readonly noSheet?: true
  /** Opens it by keys alone. */
  readonly open: (page: Page) => Promise<void>
  /** How it is called. */
  readonly name: RegExp
}

/** Opens something by the words of the palette. */
const byPalette = (words: string) => async (page: Page) => {
  await page.keyboard.press('Control+k')
  await page.getByRole('combobox', { name: 'What do you need?' }).fill(words)
  await page
    .getByRole('option', { name: new RegExp(words, 'i') })
    .first()
    .waitFor()
  await page.keyboard.press('Enter')
}

const byButton = (name: string) => async (page: Page) => {
  await page.getByRole('button', { name }).first().focus()
  await page.keyboard.press('Enter')
}

/** Of a task that was just archived, and so is the first of those. */
async function deleteForGood(page: Page): Promise<void> {
  const more = page.getByRole('button', { name: /^More for / }).first()
  await more.press('Enter')
  await page.getByRole('menuitem', { name: 'Archive' }).press('Enter')
  await page.getByRole('button', { name: 'Archived' }).press('Enter')
  await page.getByRole('heading', { name: 'Archived tasks' }).waitFor()
  await more.press('Enter')
  await page.getByRole('menuitem', { name: 'Delete for good …' }).press('Enter')
}

const DIALOGS: readonly Opened[] = [
  { says: 'a new task', open: (page) => page.keyboard.press('n'), name: /^New task/ },
  { says: 'the list of keys', demo: 'iron-in-lawn-sand', stage: 't1', open: byPalette('list the keys'), name: /^Keys/ },
  { says: 'the clock', demo: 'iron-in-lawn-sand', stage: 't1', open: byPalette('set the clock'), name: /^The clock/ },
  {
    says: 'the set-up of a titration',
    demo: 'iron-in-lawn-sand',
    stage: 't1',
    open: (page) => page.keyboard.press('Alt+s'),
    name: /./,
  },
  {
    says: 'the choices of a run',
    demo: 'iron-in-lawn-sand',
    stage: 't1',
    open: byButton('run 2: kind, refill, in the mean'),
    name: /./,
  },
  { says: 'a table that is brought in', demo: 'iron-in-lawn-sand', stage: 't1', open: byButton('Bring in a table'), name: /./ },
  {
    says: 'how it is done',
    demo: 'water-in-washing-soda',
    stage: 'h1',
    open: byPalette('constant mass'),
    name: /constant mass/i,
  },
  { says: 'a question', demo: 'iron-in-lawn-sand', stage: 'work-out', open: byButton('Add a question'), name: /./ },
  { says: 'a deletion', demo: 'acid-in-orchard-vinegar', open: deleteForGood, name: /./ },
  {
    says: 'a plan',
    demo: 'iron-in-lawn-sand',
    stage: 'brief',
    noSheet: true,
    open: byButton('Plan an investigation'),
    name: /^Plan an investigation/,
  },
]

/** Where the cursor is: how many fields and buttons of the dialog there are, which of them it is, and where it lies. */
function stopIn(dialog: Element) {
  const stops = [...dialog.querySelectorAll<HTMLElement>('a[href], button, input, select, textarea, [tabindex]')].filter(
    (one) => one.tabIndex >= 0 && !(one as HTMLButtonElement).disabled && one.checkVisibility(),
  )
  const here = document.activeElement as HTMLElement
  const { top, bottom, left, right } = here.getBoundingClientRect()
  const down = dialog.scrollTop
  const called = here.getAttribute('aria-label') ?? here.textContent ?? ''
  return {
    inside: dialog.contains(here),
    at: stops.indexOf(here),
    count: stops.length,
    top: top + down,
    bottom: bottom + down,
    left,
    right,
    called,
  }
}

for (const { says, demo, stage, noSheet, open, name } of DIALOGS)
  test(`${says}: free of axe violations, gone through in order by Tab, and the cursor comes back`, async ({ page, bench }) => {
    const id =
      demo &&
      (await bench.shelve(demo, (document) => {
        if (noSheet) delete document.brief
      }))
    await page.goto(id && stage ? `${bench.url}/task/${id}/${stage}` : bench.url)
    await page.getByRole('heading', { level: 1 }).waitFor()
    await open(page)
    const dialog = page.getByRole('dialog', { name })
    await dialog.waitFor()
    for (const colorScheme of ['light', 'dark'] as const) {
      await page.emulateMedia({ colorScheme, reducedMotion: 'reduce' })
      expect(await axeFinds(page), `${says}, ${colorScheme}`).toEqual([])
    }
    await test.step('Tab goes through all of it, and not out of it', async () => {
      const first = await dialog.evaluate(stopIn)
      expect(first.inside).toBe(true)
      let before = first
      const passed = new Set([first.at])
      for (let press = 1; press < first.count; press++) {
        await page.keyboard.press('Tab')
        const here = await dialog.evaluate(stopIn)
        expect(here.inside, `after ${before.called}`).toBe(true)
        if (here.at === first.at) break
        passed.add(here.at)
        const wraps = here.at < before.at
        // The cross at the top comes last.
        const goesUp = here.called !== 'Close' && here.bottom <= before.top && here.left < before.right
        expect(goesUp && !wraps ? `${before.called} → ${here.called}` : 'in order').toBe('in order')
        before = here
      }
      await page.keyboard.press('Escape')
      await expect(dialog).toHaveCount(0)
    })
    await expect.poll(() => page.evaluate(() => document.activeElement?.tagName)).not.toBe('BODY')
  })

test('a dialog that is opened from a cell gives the cursor back to it', async ({ page, bench }) => {
  const id = await bench.shelve('iron-in-lawn-sand')
  await page.goto(`${bench.url}/task/${id}/t1`)
  await page.locator('[data-at="parts.t1.runs.run4.final"]').focus()
  for (const open of [byPalette('set the clock'), byPalette('list the keys'), (one: Page) => one.keyboard.press('Alt+s')]) {
    await open(page)
    await page.getByRole('dialog').waitFor()
    await page.keyboard.press('Escape')
    await expect(page.getByRole('dialog')).toHaveCount(0)
    await inCell(page, 'parts.t1.runs.run4.final')
  }
})

for (const stage of ['r1', 'write-up'])
  test(`every menu of ${stage} is free of axe violations, and gives the cursor back`, async ({ page, bench }) => {
    const id = await bench.shelve('four-jars')
    await page.goto(`${bench.url}/task/${id}/${stage}`)
    await page.getByRole('heading', { level: 1 }).waitFor()
    await saved(page)
    const menus = page.locator('button[aria-haspopup=menu]')
    expect(await menus.count()).toBeGreaterThan(1)
    for (const button of await menus.all()) {
      await button.press('Enter')
      await page.getByRole('menu').waitFor()
      for (const colorScheme of ['light', 'dark'] as const) {
        await page.emulateMedia({ colorScheme, reducedMotion: 'reduce' })
        expect(await axeFinds(page), `${await page.getByRole('menu').getAttribute('id')}, ${colorScheme}`).toEqual([])
      }
      await page.keyboard.press('Escape')
      await expect(button).toBeFocused()
    }
  })

import type { Page } from '@playwright/test'
import { expect, test } from '../bench.ts'
import { deviceIsFull, savesAreRefused, savesFail } from '../trouble.ts'
import { enter, inCell, saved } from './keyboard.ts'

const NEXT = 'parts.t2.runs.run2'
const cell = (page: Page, at: string) => page.locator(`[data-at="${at}"]`)
const save = (page: Page, kind: string) => expect(page.locator(`[data-save="${kind}"]`)).toBeVisible()

interface Run {
  readonly id: string
  readonly initial?: { readonly value: string }
}
const runsOf = (document: { parts: { id: string; runs?: Run[] }[] }): readonly Run[] =>
  document.parts.find(({ id }) => id === 't2')?.runs ?? []
const initialOf = (document: Parameters<typeof runsOf>[0]) => runsOf(document).find(({ id }) => id === 'run2')?.initial?.value

test('a reading whose save failed outlives the shelf and a look at another task, and is saved when it can be', async ({
  page,
  bench,
}) => {
  const [id, other] = [await bench.shelve('acid-in-orchard-vinegar'), await bench.shelve('iron-in-lawn-sand')]
  await page.goto(`${bench.url}/task/${id}/t2`)
  await inCell(page, `${NEXT}.initial`)
  const back = await savesFail(page)
  await enter(page, '3.30')
  await save(page, 'kept')
  await page.getByRole('link', { name: 'Hop Lark' }).click()
  await expect(page.getByRole('region', { name: 'Waiting work' })).toContainText('waits on this device')
  await page.goto(`${bench.url}/task/${other}/t1`)
  await saved(page)
  await page.goto(`${bench.url}/task/${id}/t2`)
  await expect(cell(page, `${NEXT}.initial`)).toHaveValue('3.30')
  await save(page, 'kept')
  await back()
  await saved(page)
  expect(initialOf(await bench.document(id))).toBe('3.30')
})

test('what waits on this device is sent from the shelf, also of a task that is not opened again', async ({ page, bench }) => {
  const id = await bench.shelve('acid-in-orchard-vinegar')
  await page.goto(`${bench.url}/task/${id}/t2`)
  await inCell(page, `${NEXT}.initial`)
  const back = await savesFail(page)
  await enter(page, '3.40')
  await save(page, 'kept')
  await page.goto('about:blank')
  await back()
  await page.goto(bench.url)
  await expect.poll(async () => initialOf(await bench.document(id))).toBe('3.40')
  await expect(page.getByRole('region', { name: 'Waiting work' })).toHaveCount(0)
})

test('a title that is too long is refused beside its field, stays as typed, and hinders nothing else', async ({
  page,
  bench,
}) => {
  const id = await bench.shelve('acid-in-orchard-vinegar')
  const title = 'Vinegar '.repeat(50)
  await page.goto(`${bench.url}/task/${id}/brief`)
  const field = page.getByRole('textbox', { name: 'Title' })
  await field.fill(title)
  await page.keyboard.press('Enter')
  await expect(page.getByText('must be at most 300 characters.')).toBeVisible()
  await page.keyboard.press('Alt+5')
  await inCell(page, `${NEXT}.initial`)
  await enter(page, '3.50')
  await saved(page)
  await page.reload()
  await expect(cell(page, `${NEXT}.initial`)).toHaveValue('3.50')
  await expect(page.getByLabel('Typed, not entered')).toContainText('Vinegar')
  await page.keyboard.press('Alt+1')
  await expect(field).toHaveValue(title)
  await expect(field).toHaveAccessibleDescription('typed, not entered yet')
})

test('what another Hop Lark would refuse is set aside with the reason, mended, and entered again', async ({ page, bench }) => {
  const id = await bench.shelve('acid-in-orchard-vinegar')
  await page.goto(`${bench.url}/task/${id}/t2`)
  await inCell(page, `${NEXT}.initial`)
  // A server that is stricter than the page, as after an upgrade.
  await savesAreRefused(page, '3.66')
  await enter(page, '3.66')
  await expect(page.getByRole('alert').filter({ hasText: 'One entry could not be saved.' })).toBeVisible()
  await enter(page, '24.50')
  await saved(page)
  await page.reload()
  await page.getByRole('button', { name: 'Look at what was set aside' }).click()
  const dialog = page.getByRole('dialog', { name: 'Set aside' })
  await expect(dialog).toContainText('has an unlucky number.')
  await dialog.getByRole('textbox').fill('3.65')
  await dialog.getByRole('button', { name: 'Enter it again' }).click()
  await expect(dialog.getByRole('textbox')).toHaveCount(0)
  await page.keyboard.press('Escape')
  await saved(page)
  expect(initialOf(await bench.document(id))).toBe('3.65')
})

test('a device without room says so at once, offers the task as a file, and loses nothing while the page is open', async ({
  page,
  context,
  bench,
}) => {
  const id = await bench.shelve('acid-in-orchard-vinegar')
  await page.goto(`${bench.url}/task/${id}/t2`)
  await inCell(page, `${NEXT}.initial`)
  await saved(page)
  await deviceIsFull(page)
  await context.setOffline(true)
  await enter(page, '3.70')
  const notice = page.getByRole('alert').filter({ hasText: 'What you enter is in this window only.' })
  await expect(notice).toContainText('This device has no room left.')
  await save(page, 'held')
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    notice.getByRole('button', { name: 'Download the task' }).click(),
  ])
  expect(file.suggestedFilename()).toMatch(/\.hoplark\.json$/)
  await context.setOffline(false)
  await saved(page)
  expect(initialOf(await bench.document(id))).toBe('3.70')
})

test('a task opens and saves in a browser that keeps nothing', async ({ page, bench }) => {
  await page.addInitScript(() => {
    for (const name of ['indexedDB', 'localStorage', 'sessionStorage'])
      Object.defineProperty(window, name, {
        get: () => {
          throw new DOMException('denied', 'SecurityError')
        },
      })
  })
  const id = await bench.shelve('acid-in-orchard-vinegar')
  await page.goto(`${bench.url}/task/${id}/t2`)
  await expect(page.getByRole('alert').filter({ hasText: 'Nothing is kept on this device.' })).toBeVisible()
  await inCell(page, `${NEXT}.initial`)
  await enter(page, '3.80')
  await saved(page)
  expect(initialOf(await bench.document(id))).toBe('3.80')
})

test('what is half typed outlives another page, a reload and a closed window, and is shown as such', async ({
  page,
  context,
  bench,
}) => {
  const id = await bench.shelve('acid-in-orchard-vinegar')
  await page.goto(`${bench.url}/task/${id}/t2`)
  await inCell(page, `${NEXT}.initial`)
  await page.keyboard.type('3.9')
  await page.keyboard.press('Alt+1')
  await expect(page.getByRole('heading', { level: 1, name: 'Brief' })).toBeVisible()
  await page.getByRole('button', { name: 'Change the sheet' }).click()
  await page.getByRole('textbox', { name: 'Task sheet' }).pressSequentially(' and then')
  await page.reload()
  await expect(page.getByRole('textbox', { name: 'Task sheet' })).toHaveValue(/^ and then/)
  await page.close()
  const next = await context.newPage()
  await next.goto(`${bench.url}/task/${id}/t2`)
  await expect(cell(next, `${NEXT}.initial`)).toHaveValue('3.9')
  await expect(cell(next, `${NEXT}.initial`)).toHaveAccessibleDescription('typed, not entered yet')
})

test('Ctrl Z takes back typing in a field, elsewhere the last change, and says which and where', async ({ page, bench }) => {
  const id = await bench.shelve('acid-in-orchard-vinegar')
  await page.goto(`${bench.url}/task/${id}/t2`)
  await inCell(page, `${NEXT}.initial`)
  await enter(page, '3.95')
  await page.keyboard.type('24')
  await page.keyboard.press('Control+z')
  // A browser that was slow between the digits takes them back one by one.
  if ((await cell(page, `${NEXT}.final`).inputValue()) !== '') await page.keyboard.press('Control+z')
  await expect(cell(page, `${NEXT}.final`)).toHaveValue('')
  await expect(cell(page, `${NEXT}.initial`)).toHaveValue('3.95')
  await page.keyboard.press('Alt+1')
  await page.getByRole('heading', { level: 1, name: 'Brief' }).click()
  await page.keyboard.press('Control+z')
  await expect(page.getByText(/Taken back on another page, .*: write 3.95/)).toBeVisible()
  await page.getByRole('button', { name: 'Look' }).click()
  await expect(cell(page, `${NEXT}.initial`)).toHaveValue('')
})

test('a task that was deleted while work on it waited is put back with that work', async ({ page, bench }) => {
  const id = await bench.shelve('acid-in-orchard-vinegar')
  await page.goto(`${bench.url}/task/${id}/t2`)
  await inCell(page, `${NEXT}.initial`)
  const back = await savesFail(page)
  await enter(page, '4.05')
  await save(page, 'kept')
  const { title } = await bench.document(id)
  const ask = (method: string, path: string, body?: object) =>
    fetch(`${bench.url}/api/tasks/${id}${path}`, {
      method,
      headers: { 'content-type': 'application/json', connection: 'close' },
      ...(body ? { body: JSON.stringify(body) } : {}),
    })
  await ask('POST', '/archive')
  await ask('DELETE', '', { title })
  await back()
  const notice = page.getByRole('alert').filter({ hasText: 'This task was deleted' })
  await notice.getByRole('button', { name: 'Put it back' }).click()
  await saved(page)
  expect(initialOf(await bench.document(id))).toBe('4.05')
})

test('what a second person enters is there within two seconds', async ({ page, browser, bench }) => {
  const id = await bench.shelve('acid-in-orchard-vinegar')
  const elsewhere = await browser.newContext()
  const second = await elsewhere.newPage()
  for (const one of [page, second]) {
    await one.goto(`${bench.url}/task/${id}/t2`)
    await inCell(one, `${NEXT}.initial`)
  }
  await enter(second, '4.15')
  await expect(cell(page, `${NEXT}.initial`)).toHaveValue('4.15', { timeout: 2000 })
  await elsewhere.close()
})

test('two windows of one browser without the server make one run of the run both add', async ({ context, bench }) => {
  const id = await bench.shelve('acid-in-orchard-vinegar')
  const [left, right] = [await context.newPage(), await context.newPage()]
  for (const one of [left, right]) {
    await one.goto(`${bench.url}/task/${id}/t2`)
    await inCell(one, `${NEXT}.initial`)
  }
  await context.setOffline(true)
  for (const one of [left, right]) {
    await one.keyboard.press('Alt+n')
    await inCell(one, 'parts.t2.runs.run3.initial')
    await enter(one, '4.25')
    await save(one, 'kept')
  }
  // One of them is closed with its work, and another opened in its place.
  await right.close()
  const third = await context.newPage()
  await context.setOffline(false)
  await third.goto(`${bench.url}/task/${id}/t2`)
  await saved(third)
  await saved(left)
  expect(runsOf(await bench.document(id)).map(({ id: run }) => run)).toEqual(['rough1', 'run1', 'run2', 'run3'])
})

test('nothing that was entered is out of sight: the window does not scroll away, the first graph fits its frame', async ({
  page,
  bench,
}) => {
  const id = await bench.shelve('kiln-wash-alkali', (document) => {
    for (const part of document.parts) if (part.kind === 'series') part.points = []
    for (let number = 0; number < 20; number++)
      document.materials.push({ id: `X${number}`, label: `X${number}`, form: 'solution' })
  })
  await page.goto(`${bench.url}/task/${id}/brief`)
  await page.getByRole('heading', { level: 1, name: 'Brief' }).waitFor()
  expect(await page.evaluate(() => document.documentElement.scrollHeight - window.innerHeight)).toBe(0)
  await page.goto(`${bench.url}/task/${id}/m1`)
  await inCell(page, 'parts.m1.points')
  await page.setViewportSize({ width: 1100, height: 800 })
  await enter(page, '0.00')
  await enter(page, '19.5')
  const figure = page.getByRole('figure', { name: /1 point/ })
  await expect(figure).toBeVisible()
  await expect
    .poll(() => figure.evaluate((element) => element.scrollWidth - (element.parentElement?.clientWidth ?? 0)))
    .toBeLessThanOrEqual(0)
})

test('after enough titres agree, what is typed does not run into the last one: the next run is offered', async ({
  page,
  bench,
}) => {
  const id = await bench.shelve('acid-in-orchard-vinegar')
  await page.goto(`${bench.url}/task/${id}/t2`)
  await inCell(page, `${NEXT}.initial`)
  await enter(page, '0.00')
  await enter(page, '21.05')
  await expect(page.getByRole('button', { name: 'New run' })).toBeFocused()
  await page.keyboard.type('44')
  await expect(cell(page, `${NEXT}.final`)).toHaveValue('21.05')
  await page.keyboard.press('Enter')
  await inCell(page, 'parts.t2.runs.run3.initial')
})

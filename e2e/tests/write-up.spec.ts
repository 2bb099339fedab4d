import { readFile } from 'node:fs/promises'
import type { Page } from '@playwright/test'
import { expect, test } from '../bench.ts'
import { enter, saved, tabTo } from './keyboard.ts'
import { inOrder, printed } from './paper.ts'

const report = (page: Page) => page.getByRole('article', { name: 'Report' })

/** Opens the report of a task and waits until it is whole. */
async function open(page: Page, url: string, id: string): Promise<void> {
  await page.goto(`${url}/task/${id}/write-up`)
  await report(page).waitFor()
  await expect(page.getByText(/an examiner would mark down/)).toBeVisible()
}

/** Takes a choice from the menu in focus by the arrow keys. */
async function fromMenu(page: Page, name: string): Promise<void> {
  await page.keyboard.press('Enter')
  const choice = page.getByRole('menuitem', { name })
  await expect(choice).toBeVisible()
  for (let press = 0; press < 12 && !(await choice.evaluate((item) => item === document.activeElement)); press++)
    await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Enter')
}

test('from the last reading to what is handed in and back from the archive, by keyboard', async ({ page, bench }, info) => {
  test.setTimeout(120_000)
  await page.addInitScript(() => {
    window.print = () => document.documentElement.setAttribute('data-printed', 'yes')
  })
  const id = await bench.shelve('iron-in-lawn-sand', (task) => {
    task.parts[2].runs.pop()
    delete task.parts[2].runs[3].final
    delete task.questions[2].answer
  })
  await page.goto(`${bench.url}/task/${id}/t1`)
  await tabTo(page, 'run 3, final reading')
  await enter(page, '21.80')
  await saved(page)
  // The stages stand under Alt and their number.
  await page.keyboard.press('Alt+6')
  await report(page).waitFor()
  await expect(report(page)).toContainText('Runs 1 and 3 agree within 0.10 cm³.')

  await tabTo(page, 'To find the amount of iron')
  await page.keyboard.press('Enter')
  await enter(page, 'To find how much iron lawn sand holds.')
  await expect(report(page)).toContainText('To find how much iron lawn sand holds.')
  await expect(page.locator('[data-state="own"]')).toBeFocused()
  await tabTo(page, 'Manganate(VII) is its own indicator')
  await page.keyboard.press('Enter')
  await tabTo(page, 'Take it over as it is')
  await page.keyboard.press('Enter')
  await expect.poll(async () => (await bench.document(id)).questions[2].answer).toContain('its own indicator')
  await saved(page)

  await page.keyboard.press('Alt+p')
  await expect(page.locator('html[data-printed="yes"]')).toBeAttached()
  const { text, tagged } = await printed(page, 'A4')
  expect(tagged).toBe(true)
  expect(
    inOrder(
      text,
      'Iron in lawn sand',
      'To find how much iron lawn sand holds.',
      'Results',
      'Final reading / cm³',
      '21.30',
      '21.80',
      'Taken into the mean',
      'Mean titre: (20.65 + 20.70) ÷ 2 = 20.68 cm³',
      'Answers and working',
      '0.0103',
      '12.2 ± 0.1 %',
      'its own indicator',
    ),
  ).toBeUndefined()
  expect(text).not.toContain('Take it over')
  expect(text).not.toContain('Start the clock')

  await tabTo(page, 'Files', 'Shift+Tab')
  const download = page.waitForEvent('download')
  await fromMenu(page, 'Everything, as an archive (ELN)')
  const archive = info.outputPath('iron-in-lawn-sand.eln')
  await (await download).saveAs(archive)
  const before = await bench.document(id)

  // An empty shelf, as on another machine.
  await fetch(`${bench.url}/api/tasks/${id}/archive`, { method: 'POST' })
  await fetch(`${bench.url}/api/tasks/${id}`, {
    method: 'DELETE',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ title: before.title }),
  })
  await page.goto(bench.url)
  await page.getByRole('heading', { name: 'Tasks' }).waitFor()
  await tabTo(page, 'From a file')
  const chooser = page.waitForEvent('filechooser')
  await page.keyboard.press('Enter')
  await (await chooser).setFiles(archive)
  await page.waitForURL(/\/brief$/)
  await expect(page.getByText('The task was imported.')).toBeVisible()
  const back = page.url().split('/task/')[1]?.split('/')[0] ?? ''
  expect(await bench.document(back)).toEqual(before)
  await page.getByRole('link', { name: /Write up/ }).waitFor()
  await page.keyboard.press('Alt+6')
  await expect(report(page)).toContainText('To find how much iron lawn sand holds.')
})

for (const format of ['A4', 'Letter'] as const)
  test(`a long task prints on ${format}: light on any theme, pages numbered, nothing of the page around it`, async ({
    page,
    bench,
  }) => {
    const id = await bench.shelve('iron-in-lawn-sand', (task) => {
      task.parts[2].runs = Array.from({ length: 40 }, (_, index) => ({
        id: `run${index + 1}`,
        kind: 'accurate',
        initial: '0.00',
        final: (20.6 + (index % 3) * 0.05).toFixed(2),
      }))
    })
    await page.emulateMedia({ colorScheme: 'dark', media: 'screen' })
    await open(page, bench.url, id)
    await page.emulateMedia({ colorScheme: 'dark', media: 'print' })
    const colours = await report(page).evaluate((element) => {
      const { backgroundColor, color } = getComputedStyle(element)
      return [backgroundColor, color]
    })
    expect(colours).toEqual(['rgb(255, 255, 255)', 'rgb(28, 39, 51)'])
    const { pages, text } = await printed(page, format)
    expect(pages).toBeGreaterThan(2)
    for (let number = 1; number <= pages; number++) expect(text).toContain(`${number} / ${pages}`)
    // Heads are repeated where a table goes over a page; every run is there once.
    expect(text.match(/Titre \/ cm³/g)?.length).toBeGreaterThanOrEqual(2)
    expect(inOrder(text, ' 1 20.60', ' 20 20.65', ' 40 20.60')).toBeUndefined()
  })

test('unknowns print as test, observation and inference, with the conclusions and their evidence', async ({ page, bench }) => {
  test.setTimeout(90_000)
  const id = await bench.shelve('four-jars')
  await open(page, bench.url, id)
  await expect(report(page)).toContainText('Jar G contains nickel(II) ions', { timeout: 60_000 })
  const { text } = await printed(page, 'A4')
  expect(
    inOrder(
      text,
      'Tests on Jar G',
      'Observation',
      'green precipitate',
      'Jar G is nickel(II) chloride',
      'tests G3.3 and G2.2',
      'Tests on Jar H',
    ),
  ).toBeUndefined()
})

test('a graph stands on paper with its words', async ({ page, bench }) => {
  const id = await bench.shelve('kiln-wash-alkali')
  await open(page, bench.url, id)
  await expect(report(page).getByRole('img', { name: /Graph of temperature against volume of H: 10 points/ })).toBeVisible()
  const { text } = await printed(page, 'A4')
  expect(
    inOrder(text, 'temperature / °C', 'volume of H / cm³', 'One small square is 0.5 across', 'cross at 22.1 cm³'),
  ).toBeUndefined()
})

/** A picture of noise, larger than two megabytes as it comes. */
async function noise(page: Page): Promise<Buffer> {
  const base64 = await page.evaluate(async () => {
    const canvas = new OffscreenCanvas(1400, 1000)
    const context = canvas.getContext('2d')
    const image = context?.createImageData(1400, 1000)
    if (!context || !image) throw new Error('no canvas')
    let state = 1
    for (let at = 0; at < image.data.length; at++) {
      state = (Math.imul(state, 1664525) + 1013904223) >>> 0
      image.data[at] = at % 4 === 3 ? 255 : state >>> 24
    }
    context.putImageData(image, 0, 0)
    const bytes = new Uint8Array(await (await canvas.convertToBlob({ type: 'image/png' })).arrayBuffer())
    let text = ''
    for (const byte of bytes) text += String.fromCharCode(byte)
    return btoa(text)
  })
  return Buffer.from(base64, 'base64')
}

test('a photograph is kept with its task while the server is away, and comes back out of the archive', async ({
  page,
  bench,
}, info) => {
  test.setTimeout(120_000)
  const id = await bench.shelve('iron-in-lawn-sand')
  await page.goto(`${bench.url}/task/${id}/t1`)
  await page.getByRole('button', { name: 'Attach a photograph' }).waitFor()
  const picture = await noise(page)
  expect(picture.byteLength).toBeGreaterThan(2 * 1024 * 1024)
  await page.route('**/photographs/**', (route) => route.abort())
  await page.getByLabel('Pictures').setInputFiles({ name: 'scale.png', mimeType: 'image/png', buffer: picture })
  const shown = page.getByRole('region', { name: 'Photographs' }).getByRole('img')
  await expect(shown).toBeVisible({ timeout: 20_000 })
  await page.getByLabel('What it shows').fill('the scale at the end')
  await page.getByLabel('What it shows').press('Enter')
  await saved(page)
  const [photograph] = (await bench.document(id)).photographs
  expect(photograph).toMatchObject({
    of: 'parts.t1',
    says: 'the scale at the end',
    type: 'image/jpeg',
    width: 1400,
    height: 1000,
  })
  expect(photograph.bytes).toBeLessThanOrEqual(2 * 1024 * 1024)
  const address = `${bench.url}/api/tasks/${id}/photographs/${photograph.sha256}`
  expect((await fetch(address)).status).toBe(404)

  // The page is loaded again, and the server is there.
  await page.unroute('**/photographs/**')
  await page.reload()
  await expect(shown).toBeVisible()
  await expect.poll(async () => (await fetch(address)).status, { timeout: 20_000 }).toBe(200)

  await open(page, bench.url, id)
  await expect(report(page).getByRole('img', { name: 'Titrate: the scale at the end' })).toBeVisible()
  await page.getByRole('button', { name: 'Files' }).click()
  const download = page.waitForEvent('download')
  await page.getByRole('menuitem', { name: 'Everything, as an archive (ELN)' }).click()
  const archive = info.outputPath('sand.eln')
  await (await download).saveAs(archive)

  await page.goto(bench.url)
  await page.getByLabel('Task file').setInputFiles(archive)
  await page.waitForURL(/\/brief$/)
  const back = page.url().split('/task/')[1]?.split('/')[0] ?? ''
  expect(back).not.toBe(id)
  const restored = await fetch(`${bench.url}/api/tasks/${back}/photographs/${photograph.sha256}`)
  expect(Buffer.from(await restored.arrayBuffer()).byteLength).toBe(photograph.bytes)
})

test('what is no picture is refused, and nothing is attached', async ({ page, bench }) => {
  const id = await bench.shelve('iron-in-lawn-sand')
  await page.goto(`${bench.url}/task/${id}/t1`)
  await page.getByRole('button', { name: 'Attach a photograph' }).waitFor()
  await page.getByLabel('Pictures').setInputFiles({ name: 'page.png', mimeType: 'image/png', buffer: Buffer.from('<html>') })
  await expect(
    page.getByText('page.png is no picture that this browser can show. Choose a JPEG, PNG or WebP picture.'),
  ).toBeVisible()
  expect((await bench.document(id)).photographs).toBeUndefined()
})

test('a CSV file of runs is brought in and taken back', async ({ page, bench }) => {
  const id = await bench.shelve('iron-in-lawn-sand')
  await page.goto(`${bench.url}/task/${id}/t1`)
  await page.getByRole('button', { name: 'Bring in a table' }).click()
  await page.getByLabel('CSV file').setInputFiles({
    name: 'runs.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('run,initial reading / mL,final reading / mL\r\nrough,0.00,21.40\r\n1,0.10,20.75\r\n'),
  })
  await page.getByRole('button', { name: 'Put in 2 rows' }).click()
  await expect.poll(async () => (await bench.document(id)).parts[2].runs.length).toBe(7)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect.poll(async () => (await bench.document(id)).parts[2].runs.length).toBe(5)
})

test('the whole shelf goes into one archive and comes back', async ({ page, bench }, info) => {
  test.setTimeout(120_000)
  for (const name of ['iron-in-lawn-sand', 'kiln-wash-alkali']) await bench.shelve(name)
  await page.goto(bench.url)
  const download = page.waitForEvent('download', { timeout: 100_000 })
  await page.getByRole('button', { name: 'Save all as one archive' }).click()
  const archive = info.outputPath('shelf.eln')
  await (await download).saveAs(archive)
  const [head] = await readFile(archive)
  expect(head).toBe(0x50)
  await page.getByLabel('Task file').setInputFiles(archive)
  await expect(page.getByText(/^\d+ tasks were imported\.$/)).toBeVisible({ timeout: 60_000 })
})

test('the report can be had for Word and as Markdown', async ({ page, bench }) => {
  const id = await bench.shelve('kiln-wash-alkali')
  await open(page, bench.url, id)
  for (const [item, ending, begins] of [
    ['Report for Word (DOCX)', 'docx', 'PK'],
    ['Report as plain text (Markdown)', 'md', '# Neutralising kiln-wash alkali'],
    ['Report as a page (HTML)', 'html', '<!doctype html>'],
    ['Readings as tables (CSV, zipped)', 'csv.zip', 'PK'],
  ] as const) {
    await page.getByRole('button', { name: 'Files' }).click()
    const download = page.waitForEvent('download')
    await page.getByRole('menuitem', { name: item }).click()
    const file = await download
    expect(file.suggestedFilename()).toBe(`neutralising-kiln-wash-alkali.${ending}`)
    expect((await readFile(await file.path())).toString('utf8').startsWith(begins)).toBe(true)
  }
})

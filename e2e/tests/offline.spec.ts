import { expect, test } from '../bench.ts'
import { enter, inCell, saved } from './keyboard.ts'

test.use({ serviceWorkers: 'allow' })

/** Waits until the app itself is on the device. */
const isKept = (page: import('@playwright/test').Page) =>
  page.waitForFunction(async () => {
    const registration = await navigator.serviceWorker.ready
    return registration.active?.state === 'activated' && navigator.serviceWorker.controller !== null
  })

test('the app opens without the server: the shelf, a task that was open here, and one that was not', async ({
  page,
  context,
  bench,
}) => {
  const [id, other] = [await bench.shelve('acid-in-orchard-vinegar'), await bench.shelve('iron-in-lawn-sand')]
  await page.goto(`${bench.url}/task/${id}/t2`)
  await saved(page)
  await isKept(page)
  await page.goto(bench.url)
  await bench.stopServer()
  try {
    await page.reload()
    await expect(page.getByRole('alert')).toContainText('The server does not answer.')
    await page.getByRole('region', { name: 'On this device' }).getByRole('link').first().click()
    await page.goto(`${bench.url}/task/${id}/t2`)
    await inCell(page, 'parts.t2.runs.run2.initial')
    await enter(page, '3.30')
    // Every page is there, also those that nobody has looked at.
    for (const stage of ['w1', 'work-out', 'brief']) {
      await page.goto(`${bench.url}/task/${id}/${stage}`)
      await expect(page.locator('h1')).toBeVisible()
    }
    await page.goto(`${bench.url}/task/${other}/t1`)
    await expect(page.getByText('This task was never open on this device')).toBeVisible()
  } finally {
    await bench.startServer()
  }
  // It opens by itself as soon as the server answers.
  await saved(page)
  const waiting = await context.newPage()
  await waiting.goto(bench.url)
  await expect
    .poll(async () => JSON.stringify((await bench.document(id)).parts.find((part: { id: string }) => part.id === 't2').runs))
    .toContain('3.30')
})

test('can be installed', async ({ page, bench }) => {
  await page.goto(bench.url)
  const manifest = await (await page.request.get(`${bench.url}/hop-lark.webmanifest`)).json()
  expect(manifest).toMatchObject({ name: 'Hop Lark', display: 'standalone' })
  const devtools = await page.context().newCDPSession(page)
  await isKept(page)
  const { installabilityErrors } = await devtools.send('Page.getInstallabilityErrors')
  expect(installabilityErrors.map(({ errorId }) => errorId).filter((error) => error !== 'in-incognito')).toEqual([])
})

test('a newer build is offered, and loaded in this window when it is wanted', async ({ page, bench }) => {
  await page.goto(bench.url)
  await isKept(page)
  // A worker from another address is another build to the browser.
  await page.evaluate(() => navigator.serviceWorker.register('/sw.js?newer'))
  const offer = page.getByText('A newer Hop Lark is ready.')
  await expect(offer).toBeVisible()
  await page.evaluate(() => {
    ;(window as unknown as { before: boolean }).before = true
  })
  await page.getByRole('button', { name: 'Load it' }).click()
  await page.waitForFunction(() => !('before' in window))
  await expect(page.getByRole('heading', { name: 'Tasks' })).toBeVisible()
})

test('a window that is older than the server says so instead of breaking', async ({ browser, bench }) => {
  const context = await browser.newContext({ serviceWorkers: 'block' })
  const page = await context.newPage()
  await page.goto(bench.url)
  await page.getByRole('heading', { name: 'Tasks' }).waitFor()
  const gone = await page.request.get(`${bench.url}/assets/TubesPage-of-another-build.js`)
  expect({ status: gone.status(), ...(await gone.json()).error }).toMatchObject({ status: 404, code: 'address.unknown' })
  const id = await bench.shelve('four-jars')
  await page.route('**/assets/TubesPage-*.js', (route) => route.fulfill({ status: 404, body: '' }))
  await page.goto(`${bench.url}/task/${id}/r1`)
  await expect(page.getByRole('heading', { name: 'A part of this page could not be fetched.' })).toBeVisible()
  await context.close()
})

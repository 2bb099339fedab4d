// Takes the pictures of docs/screenshots from a running demo: ./hop-lark demo, then npm run screenshots --workspace e2e
import { fileURLToPath } from 'node:url'
import { chromium } from '@playwright/test'

const base = process.env.HOP_LARK_URL ?? 'http://127.0.0.1:4710'
const folder = fileURLToPath(new URL('../docs/screenshots/', import.meta.url))
const DESK = { width: 1280, height: 800 }
const PHONE = { width: 390, height: 844 }

const SHOTS = [
  { name: 'shelf', path: '/' },
  { name: 'brief', path: '/task/demo-pier/brief' },
  {
    name: 'timetable',
    path: '/task/demo-pier/brief',
    act: async (page) => {
      await page.getByRole('region', { name: 'Timetable', exact: true }).evaluate((section) => section.scrollIntoView())
    },
  },
  { name: 'weigh', path: '/task/demo-lawn-sand/w1' },
  { name: 'titrate', path: '/task/demo-lawn-sand/t1' },
  {
    name: 'titrate-phone-dark',
    path: '/task/demo-vinegar/t2',
    viewport: PHONE,
    colorScheme: 'dark',
    act: async (page) => {
      await page.locator('[data-at="parts.t2.runs.run2.initial"]').tap()
      await page.getByRole('button', { name: '2', exact: true }).tap()
    },
  },
  {
    name: 'guide',
    path: '/task/demo-vinegar/t1',
    act: async (page) => {
      await page.keyboard.press('Control+k')
      await page.getByPlaceholder(/^new run/).fill('filler')
      await page.getByRole('option', { name: /Pipetting with a filler/ }).click()
      await page.getByRole('dialog').getByText('One pair of hands').waitFor()
    },
  },
  {
    name: 'work-out',
    path: '/task/demo-lawn-sand/work-out',
    act: (page) => page.locator('[data-at="questions.q2"]').evaluate((section) => section.scrollIntoView()),
  },
  {
    name: 'write-up',
    path: '/task/demo-lawn-sand/write-up',
    act: async (page) => {
      await page.getByText(/an examiner would mark down/).waitFor()
      await page.locator('#report-method').evaluate((heading) => heading.scrollIntoView())
    },
  },
  {
    name: 'what-if',
    path: '/task/demo-lawn-sand/work-out',
    act: async (page) => {
      const section = page.locator('[data-at="questions.q2"]')
      const heading = section.getByRole('button', { name: 'What if …' })
      await heading.click()
      await section.getByRole('button', { name: /lid was left off at the second/ }).click()
      await heading.evaluate((button) => button.scrollIntoView())
    },
  },
  {
    name: 'how-sure',
    path: '/task/demo-lawn-sand/work-out',
    act: async (page) => {
      const section = page.locator('[data-at="questions.q2"]')
      await section.getByRole('button', { name: 'How sure' }).click()
      await section.getByRole('button', { name: /^100\D000 trials/ }).click()
      const result = section.getByRole('figure', { name: /trials 95 %/ })
      await result.waitFor()
      await page.waitForTimeout(600)
      await section.getByText('Standard, k = 2').evaluate((button) => button.scrollIntoView())
    },
  },
  {
    name: 'tubes',
    path: '/task/demo-four-jars/r1',
    act: async (page) => {
      await page.getByRole('button', { name: 'Jar H', exact: true }).click()
      await page.getByRole('button', { name: /^Tube H1/ }).click()
      await page.getByRole('region', { name: 'Verdict' }).getByRole('heading', { name: 'Still possible' }).waitFor()
      await page.getByRole('heading', { level: 1 }).scrollIntoViewIfNeeded()
    },
  },
  {
    name: 'tubes-phone',
    path: '/task/demo-four-jars/r1',
    viewport: PHONE,
    act: async (page) => {
      await page.getByRole('button', { name: 'Jar H', exact: true }).click()
      await page.getByRole('button', { name: /^Tube H2/ }).click()
      await page.getByRole('region', { name: 'Now' }).getByText('Next most telling').waitFor()
      await page.evaluate(() => window.scrollTo(0, 0))
    },
  },
  {
    name: 'reference',
    path: '/task/demo-four-jars/r1',
    act: async (page) => {
      await page.getByRole('button', { name: 'Reference' }).click()
      await page.getByRole('tab', { name: 'Ions' }).click()
      await page.getByRole('button', { name: 'copper(II)' }).click()
      await page.getByText('deep blue solution').waitFor()
    },
  },
  { name: 'measure', path: '/task/demo-kiln-wash/m1' },
  {
    name: 'calibration',
    path: '/task/demo-roof/m1',
    act: (page) => page.getByRole('button', { name: 'Add an unknown' }).scrollIntoViewIfNeeded(),
  },
  { name: 'chromatogram', path: '/task/demo-lichen-inks/c1' },
  { name: 'heat', path: '/task/demo-washing-soda/h1' },
  {
    name: 'plan',
    path: '/?',
    act: async (page) => {
      const made = await page.request.post(`${base}/api/tasks`, {
        headers: { origin: base },
        data: {
          document: {
            format: 'hop-lark/task',
            version: 2,
            id: 'empty-for-a-plan',
            title: 'An investigation',
            materials: [],
            parts: [],
            questions: [],
          },
        },
      })
      const { id } = made.ok() ? await made.json() : { id: 'empty-for-a-plan' }
      await page.goto(`${base}/task/${id}/brief`)
      await page.getByRole('button', { name: 'Plan an investigation' }).click()
      await page.getByRole('dialog').getByText('Why so much').waitFor()
    },
  },
]

const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
  args: ['--headless', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run'],
})
for (const { name, path, viewport = DESK, colorScheme = 'light', act } of SHOTS) {
  const finger = viewport === PHONE
  const page = await browser.newPage({
    viewport,
    colorScheme,
    hasTouch: finger,
    isMobile: finger,
    locale: 'en-GB',
    timezoneId: 'UTC',
    reducedMotion: 'reduce',
  })
  await page.goto(base + path)
  await page.getByRole('heading', { level: 1 }).waitFor()
  await page.evaluate(() => document.fonts.ready)
  await act?.(page)
  await page.waitForTimeout(300)
  await page.screenshot({ path: `${folder}${name}.png` })
  await page.close()
}
await browser.close()

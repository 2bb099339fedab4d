import { uniformFrom } from '@hop-lark/core/number'
import { type BrowserContext, expect, type Page } from '@playwright/test'
import type { Bench } from '../bench.ts'
import { deviceIsFull } from '../trouble.ts'
import { Model } from './model.ts'

const STAGE = 't1'
const PLACES = ['initial', 'final'] as const

interface Device {
  readonly name: string
  readonly context: BrowserContext
  offline: boolean
  /** Whether the device takes nothing more. */
  full: boolean
  pages: Page[]
}

/** What a seed does, act by act. */
type Act = (walker: Walker, device: Device, page: Page) => Promise<void>

/**
 * Walks through the app at random, as people, networks and machines do at their worst: two browsers, one of them with two
 * windows, on one task. Everything follows from the seed.
 */
export class Walker {
  readonly model = new Model()
  readonly done: string[] = []
  private readonly random: () => number
  private readonly devices: Device[] = []
  private readonly bench: Bench
  private readonly task: string
  private serverIsUp = true
  private nextValue = 0

  constructor(bench: Bench, task: string, seed: number) {
    this.bench = bench
    this.task = task
    this.random = uniformFrom(seed)
  }

  /** @param contexts - a browser each; other walks may have left their drafts in them */
  async begin(contexts: readonly BrowserContext[]): Promise<void> {
    for (const [index, context] of contexts.entries())
      this.devices.push({ name: `browser${index + 1}`, context, offline: false, full: false, pages: [] })
    // Each begins with a reading: a server that is killed first of all would leave pages with nothing to enter anything in.
    for (const device of this.devices) {
      const page = await this.open(device)
      await expect(page.locator('[data-at^="parts.t1.runs."]').first()).toBeVisible()
      await this.enterReading(device, page)
    }
  }

  private pick<Some>(some: readonly Some[]): Some {
    return some[Math.floor(this.random() * some.length)] as Some
  }

  /** A reading that nobody has entered before: whole hundredths in an order that is mixed by a step without common divisor. */
  private fresh(): string {
    this.nextValue = (this.nextValue + 1789) % 5000
    return (this.nextValue / 100).toFixed(2)
  }

  private async open(device: Device): Promise<Page> {
    const page = await device.context.newPage()
    device.pages.push(page)
    await page.goto(`${this.bench.url}/task/${this.task}/${STAGE}`).catch(() => undefined)
    return page
  }

  /** Whether the task is open on a page; while the server is away a page that never had it cannot show it. */
  private async shows(page: Page): Promise<boolean> {
    if (!page.url().includes(`/task/${this.task}/${STAGE}`))
      await page.goto(`${this.bench.url}/task/${this.task}/${STAGE}`, { timeout: 5000 }).catch(() => undefined)
    return page
      .locator('[data-at^="parts.t1.runs."]')
      .first()
      .waitFor({ timeout: this.serverIsUp && !this.isOffline(page) ? 10_000 : 1500 })
      .then(() => true)
      .catch(() => false)
  }

  private isOffline(page: Page): boolean {
    return this.devices.some(({ offline, context }) => offline && context === page.context())
  }

  private async cell(page: Page): Promise<string | undefined> {
    if (!(await this.shows(page))) return undefined
    const cells = await page
      .locator('[data-at^="parts.t1.runs."]')
      .evaluateAll((all) => all.map((one) => one.getAttribute('data-at')))
    const readings = cells.filter((at): at is string => PLACES.some((place) => at?.endsWith(`.${place}`)))
    return readings.length === 0 ? undefined : this.pick(readings).replace('parts.t1.runs.', '')
  }

  private at = (page: Page, cell: string) => page.locator(`[data-at="parts.t1.runs.${cell}"]`)

  async enterReading(device: Device, page: Page): Promise<void> {
    const cell = await this.cell(page)
    if (cell === undefined) return
    const value = this.fresh()
    await this.at(page, cell).fill(value)
    await this.at(page, cell).press('Enter')
    await expect(this.at(page, cell)).toHaveValue(value)
    await expect(this.at(page, cell)).not.toHaveAttribute('data-draft')
    this.model.enter(device.name, page, cell, value)
  }

  async typeOnly(device: Device, page: Page): Promise<void> {
    const cell = await this.cell(page)
    if (cell === undefined) return
    // Half a number is no reading, so that leaving the cell does not enter it.
    const value = `${this.fresh()}.`
    await this.at(page, cell).fill(value)
    this.model.type(device.name, cell, value)
    await page.keyboard.press('Alt+1')
  }

  async addRun(_: Device, page: Page): Promise<void> {
    if (!(await this.shows(page))) return
    await page.keyboard.press('Alt+n')
    this.model.act(page)
  }

  async undo(_: Device, page: Page): Promise<void> {
    if (!(await this.shows(page))) return
    await page.locator('h1').click()
    this.model.undo(page)
    await page.keyboard.press('Control+z')
  }

  async toShelf(_: Device, page: Page): Promise<void> {
    await page
      .getByRole('link', { name: 'Hop Lark' })
      .click({ timeout: 500 })
      .catch(() => undefined)
  }

  /** A window that holds work alone asks before it is closed, and nobody who can read closes it. */
  private mayGo(page: Page): Promise<boolean> {
    return page.evaluate(() => window.dispatchEvent(new Event('beforeunload', { cancelable: true })))
  }

  async reload(device: Device, page: Page): Promise<void> {
    if (device.full || !(await this.mayGo(page))) return
    this.model.reload(page)
    await page.reload({ timeout: 5000 }).catch(() => undefined)
  }

  async closeAndOpen(device: Device, page: Page): Promise<void> {
    if (device.full || !(await this.mayGo(page))) return
    device.pages = device.pages.filter((other) => other !== page)
    await page.close()
    await this.open(device)
  }

  async secondWindow(device: Device): Promise<void> {
    if (device.pages.length < 2) await this.open(device)
  }

  async network(device: Device): Promise<void> {
    device.offline = !device.offline
    await device.context.setOffline(device.offline)
  }

  async server(): Promise<void> {
    if (this.serverIsUp) await this.bench.killServer()
    else await this.bench.startServer()
    this.serverIsUp = !this.serverIsUp
  }

  async storage(device: Device): Promise<void> {
    device.full = !device.full
    for (const page of device.pages) await deviceIsFull(page, device.full)
  }

  async clock(_: Device, page: Page): Promise<void> {
    const jump = (this.random() - 0.5) * 2 * 24 * 3600 * 1000
    await page.evaluate((by) => {
      const real = Date.now.bind(Date)
      Date.now = () => real() + by
    }, jump)
  }

  async step(): Promise<void> {
    const device = this.pick(this.devices)
    const page = this.pick(device.pages)
    const [name, act] = this.pick(ACTS)
    this.done.push(`${name} (${device.name} ${device.pages.indexOf(page) + 1})`)
    await act(this, device, page)
  }

  /** Everything works again; what waits is sent, and what the server then has is looked at. */
  async end(): Promise<readonly string[]> {
    if (!this.serverIsUp) await this.bench.startServer()
    const drafts: Record<string, readonly string[]> = {}
    for (const device of this.devices) {
      await device.context.setOffline(false)
      if (device.full) await this.storage(device)
      for (const page of device.pages) await this.settled(page)
      // What windows left that were shut is joined in by the next that opens the task.
      const last = await this.open(device)
      await last.locator('[data-save="saved"]').waitFor({ timeout: 30_000 })
      drafts[device.name] = await last.evaluate(() =>
        Object.keys(localStorage)
          .filter((key) => key.startsWith('hop-lark-draft/'))
          .map((key) => localStorage.getItem(key) ?? ''),
      )
    }
    const { parts } = await this.bench.document(this.task)
    return this.model.faults(parts.find((part: { id: string }) => part.id === STAGE).runs, drafts)
  }

  /** Leaves the browsers as they were found. */
  async leave(): Promise<void> {
    for (const { context } of this.devices) {
      await context.setOffline(false)
      for (const page of context.pages()) await page.close()
    }
  }

  private async settled(page: Page): Promise<void> {
    const waiting = page.locator('[data-save]:not([data-save="saved"]), [data-waiting]:not([data-waiting="elsewhere"])')
    await expect(waiting).toHaveCount(0, { timeout: 30_000 })
  }
}

const often = (act: Act, name: string, times: number): (readonly [string, Act])[] =>
  Array.from({ length: times }, () => [name, act] as const)

/** Each as often as it is likely: mostly readings are entered. */
const ACTS: readonly (readonly [string, Act])[] = [
  ...often((walker, device, page) => walker.enterReading(device, page), 'enter', 16),
  ...often((walker, device, page) => walker.typeOnly(device, page), 'type', 3),
  ...often((walker, device, page) => walker.addRun(device, page), 'add a run', 2),
  ...often((walker, device, page) => walker.undo(device, page), 'undo', 1),
  ...often((walker, device, page) => walker.toShelf(device, page), 'to the shelf', 2),
  ...often((walker, device, page) => walker.reload(device, page), 'reload', 2),
  ...often((walker, device, page) => walker.closeAndOpen(device, page), 'close and open', 2),
  ...often((walker, device) => walker.secondWindow(device), 'second window', 1),
  ...often((walker, device) => walker.network(device), 'network', 3),
  ...often((walker) => walker.server(), 'server', 2),
  ...often((walker, device) => walker.storage(device), 'storage', 1),
  ...often((walker, device, page) => walker.clock(device, page), 'clock', 1),
]

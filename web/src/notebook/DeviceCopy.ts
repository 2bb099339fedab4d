import { migrateTask, type Task } from '@hop-lark/core/record'
import { type Aside, DeviceError, type DeviceStore, type Kept, ownerOf, writerOf } from './deviceStore.ts'
import { type Jot, type Jots, withJots } from './jots.ts'
import type { Presence } from './presence.ts'

const taskToday = (task: Task): Task => migrateTask(task) as Task

/** What an older page left on the device, as a task of today: things get the same ids here as on the server. */
const keptToday = (kept: Kept): Kept => ({
  ...kept,
  acknowledged: taskToday(kept.acknowledged),
  local: taskToday(kept.local),
  ...(kept.inFlight ? { inFlight: { ...kept.inFlight, result: taskToday(kept.inFlight.result) } } : {}),
})

interface DeviceCopyOptions {
  readonly taskId: string
  readonly device: DeviceStore
  readonly jots: Jots
  readonly presence: Presence
  readonly newKey: () => string
  readonly now: () => Date
  /** Called when the device begins to fail, or works again. */
  readonly onFault: () => void
}

/** What the device has of one task. It never throws: where the device fails, `fault` says so, and the work goes on without. */
export class DeviceCopy {
  fault: DeviceError | undefined
  /** What was set aside of the task, also while the device fails. */
  aside: readonly Aside[] = []
  private keeping: Promise<void> = Promise.resolve()
  /** How many changes this page has made. */
  private serial = 0
  private isJotted = true
  /** Pages whose work is in ours: what they left goes from the device once ours is on it. */
  private readonly joinedIn = new Set<string>()
  private readonly jots: Jots
  private readonly options: DeviceCopyOptions

  constructor(options: DeviceCopyOptions) {
    this.options = options
    this.jots = options.jots
  }

  private async ask<Answer>(question: (device: DeviceStore) => Promise<Answer>, otherwise: Answer): Promise<Answer> {
    try {
      return await question(this.options.device)
    } catch (error) {
      this.note(error instanceof DeviceError ? error : new DeviceError(error))
      return otherwise
    }
  }

  /** Only what is written tells that a device works again: one that is full can still be read. */
  private write(kept: Kept): Promise<boolean> {
    return this.ask(async (device) => {
      await device.keep(kept)
      this.note(undefined)
      return true
    }, false)
  }

  private note(fault: DeviceError | undefined): void {
    const before = this.fault
    this.fault = fault
    if (before?.message !== fault?.message) this.options.onFault()
  }

  /** Reads what was set aside of the task. */
  async readAside(): Promise<void> {
    this.aside = await this.ask(({ asideOf }) => asideOf(this.options.taskId), this.aside)
  }

  /**
   * What pages that are gone have left of this task, taken over. On a device without room it cannot be; it is joined in all
   * the same, and stays there: another page that does so too does no harm, since things are known by their ids.
   */
  async claimLeft(): Promise<readonly Kept[]> {
    const { presence, taskId } = this.options
    const all = await this.ask((device) => device.all(taskId), [])
    const others = all.filter(({ page }) => page !== presence.page && !this.joinedIn.has(page))
    if (others.length === 0) return []
    const alive = await presence.others()
    const left = others.filter(({ page }) => ownerOf(page) === presence.page || !alive.has(ownerOf(page)))
    const claimed = await Promise.all(
      left.map(async (kept) => {
        const mine = await this.ask(({ claim }) => claim(kept, presence.page), kept)
        return mine && this.withWhatWasJotted(mine, kept.page)
      }),
    )
    return claimed.filter((kept) => kept !== undefined)
  }

  /** What a page left, with the changes of its last moment, which it could only jot down; kept so before the jots are struck. */
  private async withWhatWasJotted(claimed: Kept, page: string): Promise<Kept> {
    const kept = keptToday(claimed)
    const owner = writerOf(page)
    const jots = this.jots.since(kept.taskId, owner, kept.serial)
    const whole = { ...kept, local: withJots(kept.local, jots), serial: kept.serial + jots.length }
    if (jots.length === 0 || (await this.write(whole))) this.jots.strike(kept.taskId, owner, Number.MAX_SAFE_INTEGER)
    return whole
  }

  /** What pages left is part of what this page keeps from now on. */
  hasJoined(left: readonly Kept[]): void {
    for (const { page } of left) this.joinedIn.add(page)
  }

  /** Forgets what pages left that were joined in, with what they had only jotted down. */
  private async forgetLeft(pages: readonly string[]): Promise<void> {
    const { taskId } = this.options
    for (const page of pages) {
      const forgotten = await this.ask(async ({ forget }) => {
        await forget(taskId, page)
        return true
      }, false)
      if (!forgotten) continue
      this.jots.strike(taskId, writerOf(page), Number.MAX_SAFE_INTEGER)
      this.joinedIn.delete(page)
    }
  }

  /** Writes what the page knows, after whatever is being written. */
  keep(kept: Omit<Kept, 'taskId' | 'page' | 'serial'>): Promise<void> {
    const { taskId, presence } = this.options
    const { page } = presence
    const { serial } = this
    const whole: Kept = { ...kept, taskId, page, serial }
    const joined = [...this.joinedIn]
    this.keeping = this.keeping.then(async () => {
      if (!(await this.write(whole))) return
      await this.forgetLeft(joined)
      this.jots.strike(taskId, page, serial)
      if (serial === this.serial) this.isJotted = true
    })
    return this.keeping
  }

  /** Writes a change down at once, until the task is kept with it. */
  jot(jot: Jot): void {
    const { taskId, presence } = this.options
    this.serial++
    this.isJotted = this.jots.write(taskId, presence.page, this.serial, jot)
  }

  /** Whether the device has everything of this moment. */
  get hasAll(): boolean {
    return this.isJotted && this.fault === undefined
  }

  /** When all that was to be written is, or could not be. */
  get written(): Promise<void> {
    return this.keeping
  }

  /** Forgets what this page kept, and what it joined in, after whatever is being written. */
  forget(): Promise<void> {
    const { taskId, presence } = this.options
    const { page } = presence
    const { serial } = this
    const joined = [...this.joinedIn]
    this.keeping = this.keeping.then(async () => {
      await this.ask((device) => device.forget(taskId, page), undefined)
      this.jots.strike(taskId, page, serial)
      await this.forgetLeft(joined)
    })
    return this.keeping
  }

  /** The task as the server has it, to be read here while the server is away. A device without room has none for this. */
  async know(version: number, document: Task): Promise<void> {
    const { taskId, now, device } = this.options
    await device.know({ taskId, version, document, at: now().toISOString() }).catch(() => undefined)
  }

  async known(): Promise<{ readonly version: number; readonly document: Task } | undefined> {
    const known = await this.ask((device) => device.known(this.options.taskId), undefined)
    return known && { version: known.version, document: taskToday(known.document) }
  }

  async unknow(): Promise<void> {
    await this.ask(({ unknow }) => unknow(this.options.taskId), undefined)
  }

  /** Keeps something beside the task that cannot be saved in it. */
  async setAside(what: Pick<Aside, 'at' | 'value' | 'reason' | 'mend'>): Promise<void> {
    const { taskId, newKey, now } = this.options
    const aside: Aside = { ...what, id: newKey(), taskId, when: now().toISOString() }
    this.aside = [...this.aside, aside]
    await this.ask((device) => device.setAside(aside), undefined)
  }

  /** What was set aside and is mended, or given up. */
  async dropAside(dropped: Aside): Promise<void> {
    this.aside = this.aside.filter(({ id }) => id !== dropped.id)
    await this.ask(({ dropAside }) => dropAside(dropped), undefined)
  }
}

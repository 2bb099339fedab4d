import type { LedgerLine } from '@hop-lark/contract'
import { type MergeNote, mergeTasks, migrateTask, type Task } from '@hop-lark/core/record'
import { applyPatch, type Operation } from 'rfc6902'
import { type Api, ApiError } from './api.ts'
import type { DeviceStore, InFlight, Kept } from './deviceStore.ts'
import { patchBetween } from './patchBetween.ts'

/** What the foot of the spine says about saving; never more than is true. */
export type SaveState =
  | { readonly kind: 'saved'; readonly at: string | undefined }
  | { readonly kind: 'saving' }
  /** Kept on this device; tried again until the server is back. */
  | { readonly kind: 'kept'; readonly says: string }
  /** The server will not have it, and trying again will not help. */
  | { readonly kind: 'refused'; readonly says: string; readonly mend: string }

export interface OutboxOptions {
  readonly taskId: string
  /** Tells this page from other pages on the device. */
  readonly page: string
  readonly api: Pick<Api, 'load' | 'save' | 'editsSince'>
  readonly device: DeviceStore
  readonly newKey: () => string
  /** Called with the task whenever somebody else's edits have been taken in. */
  readonly onTask: (task: Task, notes: readonly MergeNote[]) => void
  readonly onSave: (state: SaveState) => void
  /** Called when the server has a new version of ours, so that other pages can fetch it. */
  readonly onAcknowledged?: (version: number) => void
  /** Milliseconds before the next try, by how many have failed. */
  readonly pause?: (failures: number) => number
}

const MOST_MILLISECONDS_BETWEEN_TRIES = 8000
const growing = (failures: number) => Math.min(MOST_MILLISECONDS_BETWEEN_TRIES, 250 * 2 ** failures)

function withEdits(task: Task, edits: readonly LedgerLine[]): Task {
  const document = structuredClone(task)
  for (const { patch } of edits) applyPatch(document, structuredClone(patch) as Operation[])
  return document
}

const taskToday = (task: Task): Task => migrateTask(task) as Task

/** What an older page left on the device, as a task of today: things get the same ids here as on the server. */
const keptToday = (kept: Kept): Kept => ({
  ...kept,
  acknowledged: taskToday(kept.acknowledged),
  local: taskToday(kept.local),
  ...(kept.inFlight ? { inFlight: { ...kept.inFlight, result: taskToday(kept.inFlight.result) } } : {}),
})

/**
 * Carries a task's edits to the server, one at a time, and loses none: what is not acknowledged yet is on the device;
 * a try that got no answer is sent again under the same key; edits that came first are joined in before ours go again.
 */
export class Outbox {
  private acknowledged: Task | undefined
  private version = 0
  private local: Task | undefined
  private inFlight: InFlight | undefined
  private sending = false
  private failures = 0
  private savedAt: string | undefined
  private timer: ReturnType<typeof setTimeout> | undefined
  private keeping: Promise<void> = Promise.resolve()
  private closed = false
  private readonly options: OutboxOptions

  constructor(options: OutboxOptions) {
    this.options = options
  }

  /**
   * Opens the task: from the server, with what other pages of this device left unsaved joined in; or, while the server
   * is away, as it was last known here.
   *
   * @throws ApiError when there is no such task, or the server is away and the device does not know it
   */
  async open(): Promise<Task> {
    const { api, device, taskId, page } = this.options
    device.hold(page)
    const alive = await device.openPages()
    const left = (await device.all(taskId)).filter((kept) => kept.page !== page && !alive.has(kept.page)).map(keptToday)
    try {
      const settled = await Promise.all(left.map((kept) => this.settle(kept)))
      const { version, document, updated } = await api.load(taskId)
      this.begin(version, document)
      this.savedAt = updated
      for (const kept of settled) this.local = mergeTasks(kept.acknowledged, kept.local, this.local as Task).task
    } catch (error) {
      const newest = left.toSorted((a, b) => b.version - a.version)[0]
      if (!(error instanceof ApiError) || !error.away || !newest) throw error
      this.resume(newest)
      this.options.onSave({ kind: 'kept', says: error.message })
      await this.keep()
      await device.forget(taskId, newest.page)
      this.schedule()
      return this.local as Task
    }
    await this.keep()
    for (const kept of left) await device.forget(taskId, kept.page)
    this.tell()
    void this.send()
    return this.local as Task
  }

  /** An edit that another page sent without seeing the answer is sent again, so that what it did is not done twice. */
  private async settle(kept: Kept): Promise<Kept> {
    if (!kept.inFlight) return kept
    const { base, key, patch, result } = kept.inFlight
    const answer = await this.options.api.save(this.options.taskId, { base, key, patch })
    return answer.kind === 'saved' ? { ...kept, acknowledged: result } : kept
  }

  private begin(version: number, document: Task): void {
    this.version = version
    this.acknowledged = document
    this.local = document
  }

  private resume(kept: Kept): void {
    this.version = kept.version
    this.acknowledged = kept.acknowledged
    this.local = kept.local
    this.inFlight = kept.inFlight
  }

  /** Takes the task as it now is on the page. */
  change(task: Task): void {
    this.local = task
    void this.keep()
    this.tell()
    void this.send()
  }

  /** Fetches what others have saved meanwhile. */
  async refresh(): Promise<void> {
    if (!this.acknowledged || this.sending || this.inFlight) return
    try {
      const { version, edits } = await this.options.api.editsSince(this.options.taskId, this.version)
      if (version > this.version && !this.inFlight) this.takeIn(version, edits)
    } catch (error) {
      if (!(error instanceof ApiError)) throw error
    }
  }

  /** Whether everything on the page is on the server. */
  get isSaved(): boolean {
    return this.inFlight === undefined && this.local === this.acknowledged
  }

  /** Stops trying; what is unsaved stays on the device for the next page. */
  async close(): Promise<void> {
    this.closed = true
    clearTimeout(this.timer)
    await this.keeping
    if (this.isSaved) await this.options.device.forget(this.options.taskId, this.options.page)
  }

  private keep(): Promise<void> {
    const { acknowledged, local, version, inFlight } = this
    const { taskId, page, device } = this.options
    if (!acknowledged || !local) return this.keeping
    const kept: Kept = { taskId, page, version, acknowledged, local, ...(inFlight ? { inFlight } : {}) }
    this.keeping = this.keeping.then(() => device.keep(kept)).catch(() => undefined)
    return this.keeping
  }

  private tell(): void {
    if (this.isSaved) this.options.onSave({ kind: 'saved', at: this.savedAt })
    else if (this.failures === 0) this.options.onSave({ kind: 'saving' })
  }

  private schedule(): void {
    clearTimeout(this.timer)
    if (this.closed) return
    this.timer = setTimeout(() => void this.send(), (this.options.pause ?? growing)(this.failures))
  }

  /** The next edit: all that is on the page and not on the server. */
  private nextEdit(): InFlight | undefined {
    const { acknowledged, local } = this
    if (!acknowledged || !local || local === acknowledged) return undefined
    const patch = patchBetween(acknowledged, local)
    if (patch.length === 0) {
      this.local = acknowledged
      return undefined
    }
    return { base: this.version, key: this.options.newKey(), patch, result: local }
  }

  private async send(): Promise<void> {
    if (this.sending || this.closed) return
    this.sending = true
    clearTimeout(this.timer)
    try {
      // The device first: comparing the two states then is work of its own, not of the keystroke.
      await this.keeping
      for (;;) {
        this.inFlight ??= this.nextEdit()
        await this.keep()
        // Something may have been typed while that was written to the device, so the end is looked at last.
        if (this.inFlight) await this.sendOne(this.inFlight)
        else if (this.local === this.acknowledged) break
        this.failures = 0
      }
      this.sending = false
      this.tell()
    } catch (error) {
      this.sending = false
      this.fail(error)
    }
  }

  private async sendOne(edit: InFlight): Promise<void> {
    const { base, key, patch } = edit
    const answer = await this.options.api.save(this.options.taskId, { base, key, patch })
    this.inFlight = undefined
    if (answer.kind === 'behind') {
      this.takeIn(answer.version, answer.edits)
      return
    }
    this.acknowledged = edit.result
    this.savedAt = answer.at
    // A repeated edit is answered with the version it made then; others may have come since.
    this.version = answer.version
    this.options.onAcknowledged?.(answer.version)
    this.tell()
  }

  /** Joins what others saved with what is on the page. */
  private takeIn(version: number, edits: readonly LedgerLine[]): void {
    const { acknowledged, local } = this
    if (!acknowledged || !local) return
    const theirs = withEdits(acknowledged, edits)
    const { task, notes } = mergeTasks(acknowledged, local, theirs)
    this.version = version
    this.acknowledged = theirs
    this.local = task
    void this.keep()
    this.options.onTask(task, notes)
    this.tell()
    void this.send()
  }

  private fail(error: unknown): void {
    if (!(error instanceof ApiError)) throw error
    if (error.away) {
      this.failures++
      this.options.onSave({ kind: 'kept', says: error.message })
      this.schedule()
      return
    }
    const faults = error.faults.map(({ at, says }) => `${at} ${says}`).join('; ')
    this.options.onSave({ kind: 'refused', says: faults || error.message, mend: error.mend })
    // What was refused stays on the page and the device; the next change makes a new edit of everything.
    this.inFlight = undefined
  }
}

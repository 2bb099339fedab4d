import type { LedgerLine, Standing } from '@hop-lark/contract'
import { mergeTasks, type Task } from '@hop-lark/core/record'
import { ApiError } from './api.ts'
import { DeviceCopy } from './DeviceCopy.ts'
import type { Aside, InFlight } from './deviceStore.ts'
import { jotOf } from './jots.ts'
import { joined, openFrom, settle } from './opening.ts'
import type { Listener, OutboxOptions, SaveState } from './outboxOptions.ts'
import { patchBetween } from './patchBetween.ts'
import { sift } from './sifting.ts'
import { withEdits } from './withEdits.ts'

const MOST_MILLISECONDS_BETWEEN_TRIES = 8000
const growing = (failures: number) => Math.min(MOST_MILLISECONDS_BETWEEN_TRIES, 250 * 2 ** failures)

/**
 * Carries a task's edits to the server, one at a time, and loses none: what is not acknowledged yet is on the device;
 * a try that got no answer is sent again under the same key; edits that came first are joined in before ours go again;
 * what the server refuses is set aside, and the rest goes on. It lives as long as it has work, whatever page is shown.
 *
 * Everything that is said to the server goes through one loop, so that no answer can overtake another.
 */
export class Outbox {
  private acknowledged: Task | undefined
  private version = 0
  private local: Task | undefined
  private inFlight: InFlight | undefined
  private opening: Promise<Task> | undefined
  private working = false
  /** Whether the server is to be asked what others have saved. */
  private asks = false
  /** The newest version that was heard of. */
  private heardOf = 0
  private failures = 0
  private away: string | undefined
  private gone = false
  private archived = false
  private given = false
  private savedAt: string | undefined
  private timer: ReturnType<typeof setTimeout> | undefined
  private listener: Listener | undefined
  private readonly copy: DeviceCopy
  private readonly options: OutboxOptions

  constructor(options: OutboxOptions) {
    this.options = options
    this.copy = new DeviceCopy({ ...options, onFault: () => this.tell() })
  }

  /** Tells a page what becomes of the task from now on; `undefined` when nobody looks. */
  attach(listener: Listener | undefined): void {
    this.listener = listener
    this.tell()
  }

  /**
   * Opens the task: as this page has it, if it has work on it; from the server, with what pages that are gone left unsaved
   * joined in; or, while the server is away, as it was last known on this device.
   *
   * @throws ApiError when there is no such task, or the server is away and the device does not know it
   */
  open(): Promise<Task> {
    if (this.local) {
      this.refresh()
      return Promise.resolve(this.local)
    }
    this.opening ??= this.openAnew().finally(() => {
      this.opening = undefined
    })
    return this.opening
  }

  private async openAnew(): Promise<Task> {
    const { taskId, api } = this.options
    await this.copy.readAside()
    const left = await this.copy.claimLeft()
    const { version, acknowledged, local, inFlight, savedAt, archived, error } = await openFrom(taskId, left, api, this.copy)
    this.version = version
    this.acknowledged = acknowledged
    this.local = local
    this.inFlight = inFlight
    this.savedAt = savedAt
    this.archived = archived
    this.copy.hasJoined(left)
    await this.keep()
    if (error) {
      this.asks = true
      this.fail(error)
    }
    this.tell()
    void this.work()
    return local
  }

  /** Takes the task as it now is on the page. */
  change(task: Task): void {
    if (this.local) this.copy.jot(jotOf(this.local, task))
    this.local = task
    void this.keep()
    this.tell()
    void this.work()
  }

  /** Fetches what others have saved meanwhile. */
  refresh(): void {
    this.asks = true
    void this.work()
  }

  /** Takes note of how the task stands on the server; what is new there is fetched. */
  heard({ version, archived, gone }: Standing): void {
    if (archived !== this.archived || gone || version < this.version) this.asks = true
    this.heardOf = version
    void this.work()
  }

  private get isBehind(): boolean {
    return this.asks || this.heardOf > this.version
  }

  /** Joins in what other pages of this browser have left that are gone since the task was opened here. */
  async adopt(): Promise<void> {
    if (!this.local || this.gone || this.away !== undefined) return
    const left = await this.copy.claimLeft()
    if (left.length === 0) return
    try {
      const settled = await Promise.all(left.map((kept) => settle(kept, this.options.api)))
      this.local = joined(this.local, settled)
    } catch (error) {
      // It stays on the device, under this page's name, and is tried again.
      if (error instanceof ApiError) return
      throw error
    }
    this.copy.hasJoined(left)
    this.listener?.onTask(this.local, [])
    await this.keep()
    this.refresh()
  }

  /** Tries at once what waits for the server to be back. */
  tryNow(): void {
    this.failures = 0
    void this.work()
  }

  get taskId(): string {
    return this.options.taskId
  }

  /** The task as it stands here, also while the server has not got it. */
  get task(): Task | undefined {
    return this.local
  }

  /** Whether everything on the page is on the server. */
  get isSaved(): boolean {
    return this.inFlight === undefined && this.local === this.acknowledged
  }

  /** Whether closing the window now would lose something. */
  get isOnlyHere(): boolean {
    return !this.isSaved && !this.copy.hasAll
  }

  /** Whether the task is off the shelf. */
  get isArchived(): boolean {
    return this.archived
  }

  get state(): SaveState {
    if (this.gone) return { kind: 'gone' }
    if (this.isSaved) return { kind: 'saved', at: this.savedAt }
    if (this.away === undefined) return { kind: 'saving' }
    return this.copy.fault ? { kind: 'held', says: this.copy.fault.message } : { kind: 'kept', says: this.away }
  }

  /** Nobody looks any more: once everything is saved, the device need keep it no longer, but for reading. */
  rest(): void {
    this.attach(undefined)
    this.leaveDevice()
  }

  private leaveDevice(): void {
    if (this.listener || this.working || this.opening || !this.isSaved || !this.acknowledged) return
    if (!this.gone) void this.copy.know(this.version, this.acknowledged)
    void this.copy.forget()
  }

  /** Puts a deleted task back with everything that is on the page; answers the id it then has. */
  async putBack(): Promise<string> {
    const { id, version, document } = await this.options.api.create(this.local)
    if (id !== this.options.taskId) {
      await this.abandon()
      return id
    }
    this.gone = false
    this.inFlight = undefined
    this.acknowledged = document
    this.version = version
    await this.keep()
    this.tell()
    void this.work()
    return id
  }

  /** Gives up what is on the page, as the student has said. */
  async abandon(): Promise<void> {
    this.given = true
    clearTimeout(this.timer)
    await this.copy.forget()
    await this.copy.unknow()
  }

  /** Keeps something beside the task that cannot be saved in it. */
  async setAside(what: Pick<Aside, 'at' | 'value' | 'reason' | 'mend'>): Promise<void> {
    await this.copy.setAside(what)
    this.tell()
  }

  /** What was set aside and is mended, or given up. */
  async dropAside(aside: Aside): Promise<void> {
    await this.copy.dropAside(aside)
    this.tell()
  }

  private keep(): Promise<void> {
    const { acknowledged, local, version, inFlight } = this
    if (!acknowledged || !local) return this.copy.written
    return this.copy.keep({ version, acknowledged, local, ...(inFlight ? { inFlight } : {}) })
  }

  private tell(): void {
    const { listener, archived, copy } = this
    listener?.onSave(this.state)
    listener?.onNews({ aside: copy.aside, archived, deviceFault: copy.fault?.message })
  }

  private schedule(): void {
    clearTimeout(this.timer)
    if (this.given || this.gone) return
    this.timer = setTimeout(() => void this.work(), (this.options.pause ?? growing)(this.failures))
  }

  /** The edit that leads from what the server has to a state of the task. */
  private editTo(result: Task | undefined): InFlight | undefined {
    const { acknowledged } = this
    if (!acknowledged || !result || result === acknowledged) return undefined
    const patch = patchBetween(acknowledged, result)
    return patch.length === 0 ? undefined : { base: this.version, key: this.options.newKey(), patch, result }
  }

  /** The next edit: all that is on the page and not on the server. */
  private nextEdit(): InFlight | undefined {
    const edit = this.editTo(this.local)
    if (!edit) this.local = this.acknowledged
    return edit
  }

  private async work(): Promise<void> {
    if (this.working || this.given || this.gone || !this.local) return
    this.working = true
    clearTimeout(this.timer)
    try {
      // The device first: comparing the two states then is work of its own, not of the keystroke.
      await this.copy.written
      for (;;) {
        if (this.isBehind && !this.inFlight) await this.fetch()
        this.inFlight ??= this.nextEdit()
        await this.keep()
        // Something may have been typed while that was written to the device, so the end is looked at last.
        if (this.inFlight) await this.sendOrSift(this.inFlight)
        else if (this.local === this.acknowledged && !this.isBehind) break
      }
      this.working = false
      this.tell()
      this.leaveDevice()
    } catch (error) {
      this.working = false
      this.fail(error)
    }
  }

  private async fetch(): Promise<void> {
    const { version, edits, archived } = await this.options.api.editsSince(this.options.taskId, this.version)
    this.asks = false
    this.heardOf = version
    this.wasAnswered()
    this.archived = archived !== null
    if (version < this.version) await this.startOver()
    else if (version > this.version) await this.takeIn(version, edits)
  }

  private wasAnswered(): void {
    this.failures = 0
    this.away = undefined
  }

  private async sendOrSift(edit: InFlight): Promise<void> {
    const refusal = await this.refusalOf(edit)
    if (refusal?.isAhead) await this.startOver()
    else if (refusal) await this.setApart(refusal)
  }

  /** Sends an edit; the error, where the server will never have it. */
  private async refusalOf(edit: InFlight): Promise<ApiError | undefined> {
    try {
      await this.send(edit)
      return undefined
    } catch (error) {
      if (!(error instanceof ApiError) || !(error.isRefusal || error.isAhead)) throw error
      this.inFlight = undefined
      return error
    }
  }

  private async send({ base, key, patch, result }: InFlight): Promise<void> {
    const answer = await this.options.api.save(this.options.taskId, { base, key, patch })
    this.inFlight = undefined
    this.wasAnswered()
    if (answer.kind === 'behind') {
      await this.takeIn(answer.version, answer.edits)
      return
    }
    this.acknowledged = result
    this.savedAt = answer.at
    // A repeated edit is answered with the version it made then; others may have come since.
    this.version = answer.version
    this.options.presence.saved(this.options.taskId, answer.version)
    this.tell()
  }

  /** Saves of a refused edit what can be, and sets the rest aside. */
  private async setApart(whole: ApiError): Promise<void> {
    await sift(whole, {
      states: () => ({ acknowledged: this.acknowledged as Task, local: this.local as Task }),
      trySending: async (result) => {
        this.inFlight = this.editTo(result)
        if (!this.inFlight) return whole
        await this.keep()
        return this.refusalOf(this.inFlight)
      },
      putAside: ({ at, value, error }) => this.setAside({ at, value, reason: error.reason, mend: error.mend }),
      goOnWith: (local) => {
        this.local = local
        void this.keep()
        this.listener?.onTask(local, [])
      },
    })
  }

  /** Joins what others saved with what is on the page: each edit once, by its version. */
  private async takeIn(version: number, edits: readonly LedgerLine[]): Promise<void> {
    const { acknowledged } = this
    if (!acknowledged) return
    const theirs = withEdits(acknowledged, this.version, version, edits)
    if (theirs) {
      this.joinIn(version, acknowledged, theirs)
      return
    }
    // A ledger that does not fit what we have is no reason to guess: the whole task is fetched.
    const whole = await this.options.api.load(this.options.taskId)
    this.joinIn(whole.version, acknowledged, whole.document)
  }

  /** The server has an older task than we know, as after a backup was put back: what is here is put to it again. */
  private async startOver(): Promise<void> {
    const { version, document } = await this.options.api.load(this.options.taskId)
    this.joinIn(version, document, document)
  }

  private joinIn(version: number, base: Task, theirs: Task): void {
    const { task, notes } = mergeTasks(base, this.local as Task, theirs)
    this.version = version
    this.acknowledged = theirs
    this.local = task
    void this.keep()
    this.listener?.onTask(task, notes)
    this.tell()
  }

  private fail(error: unknown): void {
    if (error instanceof ApiError && error.isOfUnknownTask) {
      this.gone = true
      this.tell()
      return
    }
    this.failures++
    this.away = error instanceof ApiError ? error.message : 'Something went wrong in this page.'
    this.tell()
    this.schedule()
    // Our own fault: what is entered stays kept and is tried again, and the console says what happened.
    if (!(error instanceof ApiError)) reportError(error)
  }
}

import type { LedgerLine } from '@hop-lark/contract'
import { readTask, type Task } from '@hop-lark/core/record'
import { applyPatch } from 'rfc6902'
import { ApiError } from '../notebook/api.ts'
import type { Aside, DeviceStore, Kept, Known } from '../notebook/deviceStore.ts'
import type { Jot, Jots } from '../notebook/jots.ts'
import type { OutboxOptions } from '../notebook/outboxOptions.ts'
import type { Wire, Word } from '../notebook/presence.ts'

const NOW = '2026-05-12T10:00:00.000Z'

/** The server's contract for edits, in memory, with the faults a network has. */
export class FakeServer {
  document: Task
  readonly ledger: LedgerLine[] = []
  away = false
  gone = false
  archived: string | null = null
  /** The next answers are lost on the way, after the edit was done. */
  loseAnswers = 0
  /** What answers to questions for edits wait for. */
  slowly: Promise<void> = Promise.resolve()
  /** The edits it was sent, also those it refused. */
  asked = 0

  constructor(document: Task) {
    this.document = document
  }

  get version(): number {
    return this.ledger.length
  }

  private check(): void {
    if (this.away) throw new ApiError(0, 'server.away', 'The server does not answer.', '')
    if (this.gone) throw new ApiError(404, 'task.unknown', 'There is no such task here.', '')
  }

  private get kept() {
    return {
      id: this.document.id,
      version: this.version,
      document: this.document,
      created: NOW,
      updated: NOW,
      archived: this.archived,
    }
  }

  readonly load: OutboxOptions['api']['load'] = async () => {
    this.check()
    return this.kept
  }

  readonly create: OutboxOptions['api']['create'] = async (document) => {
    this.gone = false
    this.check()
    this.document = readTask(document)
    this.ledger.length = 0
    return this.kept
  }

  readonly editsSince: OutboxOptions['api']['editsSince'] = async (_, version) => {
    this.check()
    const answer = { version: this.version, archived: this.archived, edits: this.ledger.filter((line) => line.version > version) }
    await this.slowly
    return answer
  }

  readonly save: OutboxOptions['api']['save'] = async (_, { base, key, patch }) => {
    this.check()
    this.asked++
    const before = this.ledger.find((line) => line.key === key)
    if (base > this.version) throw new ApiError(409, 'edit.ahead', 'This edit was made on a later version.', '')
    if (!before && base < this.version) {
      return { kind: 'behind', version: this.version, edits: this.ledger.filter((line) => line.version > base) }
    }
    if (!before) {
      const document = structuredClone(this.document)
      applyPatch(document, structuredClone(patch))
      try {
        this.document = readTask(document)
      } catch (error) {
        throw new ApiError(422, 'task.invalid', (error as Error).message, 'See the places named.')
      }
      this.ledger.push({ version: this.version + 1, key, patch: patch as LedgerLine['patch'], at: NOW, note: null })
    }
    if (this.loseAnswers > 0) {
      this.loseAnswers--
      throw new ApiError(0, 'server.away', 'The answer was lost.', '')
    }
    return { kind: 'saved', version: before?.version ?? this.version, at: '2026-05-12T10:00:01.000Z' }
  }
}

/** A device in memory, which can be full. */
export class FakeDevice implements DeviceStore {
  readonly kept = new Map<string, Kept>()
  readonly knownTasks = new Map<string, Known>()
  readonly asides = new Map<string, Aside>()
  full = false

  private check(): void {
    if (this.full) throw Object.assign(new Error(), { name: 'QuotaExceededError' })
  }

  readonly keep = async (kept: Kept) => {
    this.check()
    this.kept.set(kept.page, kept)
  }
  readonly forget = async (_: string, page: string) => void this.kept.delete(page)
  readonly all = async () => [...this.kept.values()]
  readonly claim = async (left: Kept, page: string) => {
    const there = this.kept.get(left.page)
    if (!there) return undefined
    this.check()
    this.kept.delete(left.page)
    const mine = { ...there, page: `${page}+${left.page}` }
    this.kept.set(mine.page, mine)
    return mine
  }
  readonly know = async (known: Known) => {
    this.check()
    this.knownTasks.set(known.taskId, known)
  }
  readonly unknow = async (taskId: string) => void this.knownTasks.delete(taskId)
  readonly known = async (taskId: string) => this.knownTasks.get(taskId)
  readonly allKnown = async () => [...this.knownTasks.values()]
  readonly setAside = async (aside: Aside) => {
    this.check()
    this.asides.set(aside.id, aside)
  }
  readonly asideOf = async () => [...this.asides.values()]
  readonly dropAside = async ({ id }: Aside) => void this.asides.delete(id)
}

/** What pages jot down, in memory. */
export class FakeJots implements Jots {
  readonly jots = new Map<string, Map<number, Jot>>()

  readonly write: Jots['write'] = (_, page, serial, jot) => {
    this.jots.set(page, (this.jots.get(page) ?? new Map()).set(serial, jot))
    return true
  }
  readonly since: Jots['since'] = (_, page, after) =>
    [...(this.jots.get(page) ?? [])].flatMap(([serial, jot]) => (serial > after ? [jot] : []))
  readonly strike: Jots['strike'] = (_, page, upTo) => {
    for (const serial of this.jots.get(page)?.keys() ?? []) if (serial <= upTo) this.jots.get(page)?.delete(serial)
  }
}

/** What joins the pages of a browser; a page that is cut off neither hears nor speaks. */
export class FakeWire {
  private readonly ends = new Map<string, ((message: { readonly data: Word }) => void)[]>()

  end(page: string): Wire {
    const mine: ((message: { readonly data: Word }) => void)[] = []
    this.ends.set(page, mine)
    return {
      postMessage: (data) => {
        for (const [other, hearers] of this.ends) if (other !== page) for (const hear of hearers) hear({ data })
      },
      addEventListener: (_, hear) => void mine.push(hear),
    }
  }

  cut(page: string): void {
    this.ends.delete(page)
  }
}

/** A thing whose questions are never answered once it is cut off, as for a page that is killed. */
export function cuttable<Thing extends object>(thing: Thing): { readonly thing: Thing; readonly cut: () => void } {
  let isCut = false
  const get = (target: Thing, name: string | symbol) => {
    const value = Reflect.get(target, name)
    return isCut && typeof value === 'function' ? () => new Promise(() => {}) : value
  }
  return {
    thing: new Proxy(thing, { get }),
    cut: () => {
      isCut = true
    },
  }
}

import type { Task } from '@hop-lark/core/record'
import { createStore, del, entries, get, set, type UseStore } from 'idb-keyval'
import type { Operation } from 'rfc6902'

/** An edit on its way to the server. Its key and patch stay the same however often it is sent. */
export interface InFlight {
  readonly base: number
  readonly key: string
  readonly patch: Operation[]
  /** The task as it is once the edit is applied to what the server had. */
  readonly result: Task
}

/** Everything a page knows of a task, kept on the device until the server has acknowledged it. */
export interface Kept {
  readonly taskId: string
  readonly page: string
  readonly version: number
  /** How many changes the page had made; what it jotted down after that is not in it. */
  readonly serial: number
  readonly acknowledged: Task
  readonly inFlight?: InFlight
  readonly local: Task
}

/** A task as the server had it when it was last open here, to be read while the server is away. */
export interface Known {
  readonly taskId: string
  readonly version: number
  readonly document: Task
  readonly at: string
}

/** Something that was entered and could not be saved as it is, with the reason: it can be read, mended, exported or dropped. */
export interface Aside {
  readonly id: string
  readonly taskId: string
  /** Where it was to stand, as a path of the record is written. */
  readonly at: string
  readonly value: unknown
  readonly reason: string
  readonly mend: string
  readonly when: string
}

/** Where work lives that the server has not got; IndexedDB in the browser, a Map in tests. All of it may fail: a device can be full, or shut. */
export interface DeviceStore {
  readonly keep: (kept: Kept) => Promise<void>
  readonly forget: (taskId: string, page: string) => Promise<void>
  /** Of one task, or of all. */
  readonly all: (taskId?: string) => Promise<readonly Kept[]>
  /** Takes over what a page that is gone has left: only one of two that try gets it. Where it fails, all stays as it was. */
  readonly claim: (left: Kept, page: string) => Promise<Kept | undefined>
  readonly know: (known: Known) => Promise<void>
  readonly unknow: (taskId: string) => Promise<void>
  readonly known: (taskId: string) => Promise<Known | undefined>
  readonly allKnown: () => Promise<readonly Known[]>
  readonly setAside: (aside: Aside) => Promise<void>
  readonly asideOf: (taskId?: string) => Promise<readonly Aside[]>
  readonly dropAside: (aside: Aside) => Promise<void>
}

const nameOf = ({ taskId, page }: Pick<Kept, 'taskId' | 'page'>) => `${taskId}/${page}`

// What a page has taken over bears its name before that of the page that is gone.
/** The page whose it is now. */
export const ownerOf = (page: string): string => page.split('+')[0] ?? page
/** The page that entered it. */
export const writerOf = (page: string): string => page.split('+').at(-1) ?? page

/** Tasks that can be read here without the server, at most: those that were open last. */
const MOST_KNOWN = 60
/** A browser may leave an opening of its storage without any answer. */
const MILLISECONDS_FOR_AN_ANSWER = 4000

/** What a device says that does not answer, or has no storage for us. */
export class DeviceError extends Error {
  readonly full: boolean

  constructor(cause: unknown) {
    const full = (cause as { name?: unknown } | undefined)?.name === 'QuotaExceededError'
    super(full ? 'This device has no room left.' : 'This browser lets Hop Lark keep nothing on this device.')
    this.name = 'DeviceError'
    this.full = full
  }
}

function answered<Answer>(asked: () => Promise<Answer>): Promise<Answer> {
  return new Promise((resolve, reject) => {
    const refuse = (cause: unknown) => reject(new DeviceError(cause))
    const timer = setTimeout(refuse, MILLISECONDS_FOR_AN_ANSWER)
    Promise.resolve()
      .then(asked)
      .then(resolve, refuse)
      .finally(() => clearTimeout(timer))
  })
}

const asPromise = <Result>(request: IDBRequest<Result>): Promise<Result> =>
  new Promise((resolve, reject) => {
    request.onsuccess = () => resolve(request.result)
    request.onerror = () => reject(request.error)
  })

/**
 * Reads and moves in one transaction, so that of two pages only one gets it. What was there goes last: on a device without
 * room it stays where it is.
 */
function move(store: UseStore, left: Kept, page: string): Promise<Kept | undefined> {
  return store('readwrite', async (table) => {
    const there = (await asPromise(table.get(nameOf(left)))) as Kept | undefined
    if (!there) return undefined
    const mine: Kept = { ...there, page: `${page}+${left.page}` }
    await asPromise(table.put(mine, nameOf(mine)))
    await asPromise(table.delete(nameOf(left)))
    return mine
  })
}

/** A store is opened when it is first asked for: where there is no IndexedDB, asking fails and nothing else. */
function opened(database: string, table: string): () => UseStore {
  let store: UseStore | undefined
  return () => {
    store ??= createStore(database, table)
    return store
  }
}

/** The store in IndexedDB. */
export function deviceStore(): DeviceStore {
  const [outbox, known, aside] = [
    opened('hop-lark', 'outbox'),
    opened('hop-lark-known', 'tasks'),
    opened('hop-lark-aside', 'entries'),
  ]
  const values = <Value>(store: () => UseStore, prefix: string) =>
    answered(async () =>
      (await entries<string, Value>(store())).flatMap(([name, value]) => (name.startsWith(prefix) ? [value] : [])),
    )
  const allKnown = () => values<Known>(known, '')
  return {
    keep: (kept) => answered(() => set(nameOf(kept), kept, outbox())),
    forget: (taskId, page) => answered(() => del(nameOf({ taskId, page }), outbox())),
    all: (taskId) => values(outbox, taskId === undefined ? '' : `${taskId}/`),
    claim: (left, page) => answered(() => move(outbox(), left, page)),
    know: async (task) => {
      await answered(() => set(task.taskId, task, known()))
      const oldest = (await allKnown()).toSorted((a, b) => (a.at < b.at ? 1 : -1)).slice(MOST_KNOWN)
      for (const { taskId } of oldest) await answered(() => del(taskId, known()))
    },
    unknow: (taskId) => answered(() => del(taskId, known())),
    known: (taskId) => answered(() => get<Known>(taskId, known())),
    allKnown,
    setAside: (one) => answered(() => set(`${one.taskId}/${one.id}`, one, aside())),
    asideOf: (taskId) => values(aside, taskId === undefined ? '' : `${taskId}/`),
    dropAside: ({ taskId, id }) => answered(() => del(`${taskId}/${id}`, aside())),
  }
}

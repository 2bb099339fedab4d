import type { Task } from '@hop-lark/core/record'
import { createStore, del, entries, set } from 'idb-keyval'
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
  readonly acknowledged: Task
  readonly inFlight?: InFlight
  readonly local: Task
}

/** Where kept tasks live; IndexedDB in the browser, a Map in tests. */
export interface DeviceStore {
  readonly keep: (kept: Kept) => Promise<void>
  readonly forget: (taskId: string, page: string) => Promise<void>
  readonly all: (taskId: string) => Promise<readonly Kept[]>
  /** Pages that are open just now, so that nobody takes their work over. */
  readonly openPages: () => Promise<ReadonlySet<string>>
  /** Marks a page as open for as long as it lives. */
  readonly hold: (page: string) => void
}

const PREFIX = 'hop-lark-page-'
const nameOf = (taskId: string, page: string) => `${taskId}/${page}`

/** The store in IndexedDB. A page is known to be alive by a lock it holds; where the browser has no locks, every other page counts as gone. */
export function deviceStore(): DeviceStore {
  const store = createStore('hop-lark', 'outbox')
  const locks = typeof navigator === 'undefined' ? undefined : navigator.locks
  return {
    keep: (kept) => set(nameOf(kept.taskId, kept.page), kept, store),
    forget: (taskId, page) => del(nameOf(taskId, page), store),
    all: async (taskId) =>
      (await entries<string, Kept>(store)).flatMap(([name, kept]) => (name.startsWith(`${taskId}/`) ? [kept] : [])),
    openPages: async () => {
      const held = (await locks?.query())?.held ?? []
      return new Set(held.flatMap(({ name }) => (name?.startsWith(PREFIX) ? [name.slice(PREFIX.length)] : [])))
    },
    hold: (page) => {
      void locks?.request(`${PREFIX}${page}`, () => new Promise<never>(() => {}))
    },
  }
}

import { type Path, type Task, valueAt } from '@hop-lark/core/record'
import { produce } from 'immer'
import { changedPlaces, putAtPlace } from './sift.ts'

/** What one change put where, by the names of things, so that it is right also where lists have moved meanwhile. */
export type Jot = readonly { readonly place: Path; readonly value?: unknown }[]

const PREFIX = 'hop-lark-jot/'
const nameOf = (taskId: string, page: string, serial: number) => `${PREFIX}${taskId}/${page}/${serial}`

export const jotOf = (before: Task, after: Task): Jot =>
  changedPlaces(before, after).map((place) => ({ place, value: valueAt(after, place) }))

/** A task with what was jotted down put to it, oldest first. */
export const withJots = (task: Task, jots: readonly Jot[]): Task =>
  produce(task, (draft) => {
    for (const jot of jots) for (const { place, value } of jot) putAtPlace(draft, place, value)
  })

/**
 * Changes of this moment, written down at once: the device's database takes some milliseconds to keep a task, in which a
 * window may be shut. What it has kept need not be jotted down any longer.
 */
export interface Jots {
  /** @returns false where the device lets nothing be written */
  readonly write: (taskId: string, page: string, serial: number, jot: Jot) => boolean
  /** What a page jotted down after a change. */
  readonly since: (taskId: string, page: string, serial: number) => readonly Jot[]
  readonly strike: (taskId: string, page: string, upTo: number) => void
}

/** Jots in the browser's storage that is written at once. */
export function deviceJots(): Jots {
  const serialsOf = (taskId: string, page: string): readonly number[] => {
    const prefix = nameOf(taskId, page, 0).slice(0, -1)
    return Object.keys(localStorage)
      .flatMap((name) => (name.startsWith(prefix) ? [Number(name.slice(prefix.length))] : []))
      .toSorted((one, other) => one - other)
  }
  return {
    write: (taskId, page, serial, jot) => {
      try {
        localStorage.setItem(nameOf(taskId, page, serial), JSON.stringify(jot))
        return true
      } catch {
        return false
      }
    },
    since: (taskId, page, after) => {
      try {
        return serialsOf(taskId, page)
          .filter((serial) => serial > after)
          .map((serial) => JSON.parse(localStorage.getItem(nameOf(taskId, page, serial)) ?? '[]') as Jot)
      } catch {
        return []
      }
    },
    strike: (taskId, page, upTo) => {
      try {
        for (const serial of serialsOf(taskId, page)) if (serial <= upTo) localStorage.removeItem(nameOf(taskId, page, serial))
      } catch {
        // Nothing was written there either.
      }
    },
  }
}

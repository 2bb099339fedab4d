import type { MergeNote, Task } from '@hop-lark/core/record'
import type { Api } from './api.ts'
import type { Aside, DeviceStore } from './deviceStore.ts'
import type { Jots } from './jots.ts'
import type { Presence } from './presence.ts'

/** What the foot of the spine says about saving; never more than is true. */
export type SaveState =
  | { readonly kind: 'saved'; readonly at: string | undefined }
  | { readonly kind: 'saving' }
  /** Kept on this device; tried again until the server is back. */
  | { readonly kind: 'kept'; readonly says: string }
  /** In this window and nowhere else: the server is away, and the device will not keep it. */
  | { readonly kind: 'held'; readonly says: string }
  /** The task was deleted; what is on the page stays there until somebody says what becomes of it. */
  | { readonly kind: 'gone' }

/** A page that shows the task hears what becomes of it. */
export interface Listener {
  /** Called with the task whenever it is another than the page has made it. */
  readonly onTask: (task: Task, notes: readonly MergeNote[]) => void
  readonly onSave: (state: SaveState) => void
  /** What was set aside, whether the task is archived, and what is wrong with the device. */
  readonly onNews: (news: News) => void
}

export interface News {
  readonly aside: readonly Aside[]
  readonly archived: boolean
  readonly deviceFault: string | undefined
}

export interface OutboxOptions {
  readonly taskId: string
  readonly api: Pick<Api, 'load' | 'save' | 'editsSince' | 'create'>
  readonly device: DeviceStore
  readonly jots: Jots
  readonly presence: Presence
  readonly newKey: () => string
  readonly now: () => Date
  /** Milliseconds before the next try, by how many have failed. */
  readonly pause?: (failures: number) => number
}

import { api, PAGE } from './api.ts'
import { deviceStore } from './deviceStore.ts'
import { deviceJots } from './jots.ts'
import { newKey } from './newKey.ts'
import { Outbox } from './Outbox.ts'
import { presenceOn, type Wire } from './presence.ts'

const wire: Wire | undefined = typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel('hop-lark')
export const presence = presenceOn(wire, PAGE)
export const device = deviceStore()

const living = new Map<string, Outbox>()

/** The outbox of a task: one for as long as this window lives, whatever page is shown. */
export function outboxOf(taskId: string): Outbox {
  const known = living.get(taskId)
  if (known) return known
  const made = new Outbox({ taskId, api, device, jots: deviceJots(), presence, newKey, now: () => new Date() })
  living.set(taskId, made)
  return made
}

/** Gives up what waits of a task, as the student has said. */
export async function abandon(taskId: string): Promise<void> {
  const outbox = outboxOf(taskId)
  living.delete(taskId)
  await outbox.abandon()
}

/** The outboxes that live in this page. */
export const livingOutboxes = (): readonly Outbox[] => [...living.values()]

presence.onSaved((taskId, version) => {
  const outbox = living.get(taskId)
  if (outbox?.task) outbox.heard({ version, archived: outbox.isArchived, gone: false })
})

if (typeof window !== 'undefined') {
  // What is nowhere but here must not go without a word.
  window.addEventListener('beforeunload', (event) => {
    if (livingOutboxes().some(({ isOnlyHere }) => isOnlyHere)) event.preventDefault()
  })
  window.addEventListener('online', () => {
    for (const outbox of livingOutboxes()) outbox.tryNow()
  })
}

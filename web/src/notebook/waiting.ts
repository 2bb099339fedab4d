import { type Kept, ownerOf } from './deviceStore.ts'
import { hasWork } from './keptWork.ts'
import { device, livingOutboxes, outboxOf, presence } from './outboxes.ts'
import type { SaveState } from './outboxOptions.ts'

/** Work of a task that the server has not got, or had to be told of. */
export interface Waiting {
  readonly taskId: string
  readonly title: string
  /** `elsewhere`: it is open in another window, which sends it. `archived`: it was sent, into a task that is off the shelf. */
  readonly state: Exclude<SaveState['kind'], 'saved'> | 'elsewhere' | 'archived'
}

/** Tasks whose work was sent from here while they were archived, until the student has seen that. */
const sentIntoArchive = new Set<string>()
/** Tasks whose work waited when it was last looked. */
let waitedBefore: ReadonlySet<string> = new Set()

/** What waits on this device and is in no outbox of this window: it is taken up and sent, if no other window has it. */
async function takeUp(left: readonly Kept[]): Promise<readonly Waiting[]> {
  const living = new Set(livingOutboxes().flatMap(({ task, taskId }) => (task ? [taskId] : [])))
  const idle = left.filter(({ taskId }) => !living.has(taskId))
  if (idle.length === 0) return []
  const alive = await presence.others()
  const elsewhere = idle.filter(({ page }) => alive.has(ownerOf(page)))
  const orphans = new Set(idle.filter((kept) => !elsewhere.includes(kept)).map(({ taskId }) => taskId))
  // One that cannot be opened now stays on the device, and is tried again at the next look.
  await Promise.allSettled([...orphans].map((taskId) => outboxOf(taskId).open()))
  return elsewhere
    .filter(({ taskId }) => !orphans.has(taskId))
    .map(({ taskId, local }) => ({ taskId, title: local.title, state: 'elsewhere' }))
}

/**
 * Everything that waits on this device, of every task; what nobody sends is sent from here. Where the device keeps nothing,
 * only this window's own work is known.
 */
export async function whatWaits(): Promise<readonly Waiting[]> {
  const left = await device.all().catch(() => [])
  const elsewhere = await takeUp(left.filter(hasWork))
  const own = livingOutboxes().flatMap(({ taskId, task, state, isArchived }): readonly Waiting[] => {
    if (!task) return []
    if (state.kind !== 'saved') return [{ taskId, title: task.title, state: state.kind }]
    if (isArchived && waitedBefore.has(taskId)) sentIntoArchive.add(taskId)
    return isArchived && sentIntoArchive.has(taskId) ? [{ taskId, title: task.title, state: 'archived' }] : []
  })
  waitedBefore = new Set(own.flatMap(({ taskId, state }) => (state === 'archived' ? [] : [taskId])))
  return [...own, ...elsewhere]
}

/** The student has seen that work went into an archived task. */
export const seenInArchive = (taskId: string): void => void sentIntoArchive.delete(taskId)

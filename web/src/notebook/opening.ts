import { mergeTasks, migrateTask, type Task } from '@hop-lark/core/record'
import { type Api, ApiError } from './api.ts'
import type { DeviceCopy } from './DeviceCopy.ts'
import type { InFlight, Kept } from './deviceStore.ts'
import { hasWork } from './keptWork.ts'

/** A task as it can be opened. */
export interface Opened {
  readonly version: number
  readonly acknowledged: Task
  readonly local: Task
  readonly inFlight?: InFlight
  readonly savedAt?: string
  readonly archived: boolean
  /** Why it is not from the server. */
  readonly error?: ApiError
}

type Asked = Pick<Api, 'load' | 'save'>

/** What pages left, put to a task, each by what it was made on. */
export function joined(task: Task, left: readonly Kept[]): Task {
  return left.reduce((local, kept) => mergeTasks(kept.acknowledged, kept.local, local).task, task)
}

/** An edit that another page sent without seeing the answer is sent again, so that what it did is not done twice. */
export async function settle(kept: Kept, api: Pick<Api, 'save'>): Promise<Kept> {
  if (!kept.inFlight) return kept
  const { base, key, patch, result } = kept.inFlight
  try {
    const answer = await api.save(kept.taskId, { base, key, patch })
    return answer.kind === 'saved' ? { ...kept, acknowledged: result } : kept
  } catch (error) {
    // What is refused now is refused again when it is sent with the rest, and then set aside.
    if (error instanceof ApiError && (error.isRefusal || error.isAhead)) return kept
    throw error
  }
}

/**
 * Opens a task from the server, with what pages that are gone left unsaved joined in; or, while the server is away or has
 * it no more, as it is on this device.
 *
 * @param left - what was taken over from pages that are gone
 * @throws ApiError where neither has it
 */
export async function openFrom(taskId: string, left: readonly Kept[], api: Asked, copy: DeviceCopy): Promise<Opened> {
  try {
    const settled = await Promise.all(left.map((kept) => settle(kept, api)))
    const { version, document: kept, updated, archived } = await api.load(taskId)
    const document = migrateTask(kept) as Task
    return { version, acknowledged: document, local: joined(document, settled), savedAt: updated, archived: archived !== null }
  } catch (error) {
    if (!(error instanceof ApiError) || !(error.away || error.isOfUnknownTask)) throw error
    return openWithout(left, error, copy)
  }
}

async function openWithout(left: readonly Kept[], error: ApiError, copy: DeviceCopy): Promise<Opened> {
  const useful = left.filter((kept) => error.away || hasWork(kept)).toSorted((a, b) => b.version - a.version)
  const [newest, ...older] = useful
  if (newest) return { ...newest, local: joined(newest.local, older), archived: false, error }
  const known = error.away ? await copy.known() : undefined
  if (!known) throw error
  return { version: known.version, acknowledged: known.document, local: known.document, archived: false, error }
}

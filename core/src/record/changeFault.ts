import { hasItems, isItemOf } from './itemSchema.ts'
import { type FileFault, readTask, TaskFileError } from './read.ts'
import type { Part, Task } from './types.ts'

type Lists = Readonly<Record<string, readonly unknown[] | undefined>>

/** Whether all that changed in a part are things in its lists, which may stand there. */
function changedWithinItems(before: Part, after: Part): boolean {
  if (before.id !== after.id || before.kind !== after.kind) return false
  const [old, now] = [before as unknown as Lists, after as unknown as Lists]
  return [...new Set([...Object.keys(old), ...Object.keys(now)])].every((field) => {
    const [was, is] = [old[field], now[field]]
    if (was === is) return true
    if (!Array.isArray(was) || !Array.isArray(is) || !hasItems(after, field) || was.length !== is.length) return false
    return is.every((item, index) => item === was[index] || (sameId(item, was[index]) && isItemOf(after, field, item)))
  })
}

const sameId = (one: unknown, other: unknown) => (one as { id?: unknown }).id === (other as { id?: unknown }).id

function changedWithinParts(before: Task, after: Task): boolean {
  const { parts: old, ...restBefore } = before
  const { parts: now, ...restAfter } = after
  const keys = new Set([...Object.keys(restBefore), ...Object.keys(restAfter)]) as Set<keyof typeof restBefore>
  if (![...keys].every((key) => restBefore[key] === restAfter[key]) || old.length !== now.length) return false
  return now.every((part, index) => part === old[index] || changedWithinItems(old[index] as Part, part))
}

/**
 * Why a changed task would be no task file any more; undefined where it is one. What the two states share is not looked at
 * again, so that a reading is checked in no time however long the record is.
 *
 * @param before - a task file
 */
export function changeFault(before: Task, after: Task): FileFault | undefined {
  if (changedWithinParts(before, after)) return undefined
  try {
    readTask(after)
    return undefined
  } catch (error) {
    if (error instanceof TaskFileError) return error.faults[0]
    throw error
  }
}

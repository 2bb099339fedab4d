import type { Task } from '@hop-lark/core/record'
import { applyPatch, type Operation, Pointer } from 'rfc6902'
import { Refusal } from '../http/Refusal.ts'

const INDEX = /^(0|[1-9]\d{0,6})$/

function isOwn(holder: unknown, key: string): boolean {
  if (Array.isArray(holder)) return INDEX.test(key) && Number(key) < holder.length
  return typeof holder === 'object' && holder !== null && Object.hasOwn(holder, key)
}

/** Whether something can be put there: a field of an object, or a place of a list up to its end. */
function hasRoom(holder: unknown, key: string): boolean {
  if (Array.isArray(holder)) return key === '-' || (INDEX.test(key) && Number(key) <= holder.length)
  return typeof holder === 'object' && holder !== null
}

/**
 * Whether an operation leads to a place that there is. The library takes more for a place than a task has: the `length` of a
 * list, an index below nought, what an object has inherited.
 */
function leadsSomewhere(document: unknown, { op, path }: Operation): boolean {
  const [, ...keys] = Pointer.fromJSON(path).tokens
  const last = keys.pop()
  if (last === undefined) return false
  let holder = document
  for (const key of keys) {
    if (!isOwn(holder, key)) return false
    holder = (holder as Record<string, unknown>)[key]
  }
  return op === 'add' ? hasRoom(holder, last) : isOwn(holder, last)
}

/**
 * Puts a patch to a document, which it changes.
 *
 * @returns the index of the first operation that does not fit, or −1; after one that does not, the document is of no use
 */
export function applyEdit(document: Task, patch: readonly Operation[]): number {
  return patch.findIndex(
    (operation) =>
      !['add', 'replace', 'remove'].includes(operation.op) ||
      !leadsSomewhere(document, operation) ||
      applyPatch(document, [operation])[0] !== null,
  )
}

/** @throws Refusal where an operation does not fit */
export function applyOrRefuse(document: Task, patch: readonly Operation[]): void {
  const failed = applyEdit(document, patch)
  if (failed < 0) return
  throw new Refusal(
    422,
    'edit.doesNotApply',
    `Operation ${failed + 1} (${patch[failed]?.op} ${patch[failed]?.path}) does not fit the task.`,
    'Load the task again; what you entered is still on your device.',
  )
}

import { itemName, type Task } from '@hop-lark/core/record'
import { createPatch, type Operation, type Pointer } from 'rfc6902'

/** The patch of two things that stand at a place. */
function patchAt(place: string, before: unknown, after: unknown): Operation[] {
  return createPatch(before, after, quickly).map((operation) => ({ ...operation, path: `${place}${operation.path}` }))
}

/**
 * The patch of two lists, which share all that was not changed: what is the very same at either end is left alone, what
 * lies between is compared place by place, and the rest put in or taken out. The library compares all with all, and comes
 * to its end on a record of a thousand runs.
 */
function patchLists(before: readonly unknown[], after: readonly unknown[], place: string): Operation[] {
  const least = Math.min(before.length, after.length)
  let head = 0
  while (head < least && before[head] === after[head]) head++
  let tail = 0
  while (tail < least - head && before[before.length - 1 - tail] === after[after.length - 1 - tail]) tail++
  const [old, fresh] = [before.slice(head, before.length - tail), after.slice(head, after.length - tail)]
  const both = Math.min(old.length, fresh.length)
  const changed = old.slice(0, both).flatMap((item, index) => patchAt(`${place}/${head + index}`, item, fresh[index]))
  const at = (index: number) => `${place}/${head + both + index}`
  const added = fresh.slice(both).map((value, index): Operation => ({ op: 'add', path: at(index), value }))
  // Each takes the place of the one before it.
  const removed = old.slice(both).map((): Operation => ({ op: 'remove', path: at(0) }))
  return [...changed, ...added, ...removed]
}

/**
 * Spares the comparison of what is known to be the same or another thing: states of a task share all that was not
 * changed between them, and things of different names are different. Without this a long record takes a frame to compare.
 */
function quickly(before: unknown, after: unknown, pointer: Pointer): Operation[] | undefined {
  if (before === after) return []
  if (Array.isArray(before) && Array.isArray(after)) return patchLists(before, after, pointer.toString())
  const [one, other] = [itemName(before), itemName(after)]
  return one !== undefined && other !== undefined && one !== other
    ? [{ op: 'replace', path: pointer.toString(), value: after }]
    : undefined
}

/** The JSON patch that leads from one state of a task to another. */
export function patchBetween(before: Task, after: Task): Operation[] {
  return createPatch(before, after, quickly)
}

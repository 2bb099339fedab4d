import { itemName, type Task } from '@hop-lark/core/record'
import { createPatch, type Operation, type Pointer } from 'rfc6902'

/**
 * Spares the comparison of what is known to be the same or another thing: states of a task share all that was not
 * changed between them, and things of different names are different. Without this a long record takes a frame to compare.
 */
function quickly(before: unknown, after: unknown, pointer: Pointer): Operation[] | undefined {
  if (before === after) return []
  const [one, other] = [itemName(before), itemName(after)]
  return one !== undefined && other !== undefined && one !== other
    ? [{ op: 'replace', path: pointer.toString(), value: after }]
    : undefined
}

/** The JSON patch that leads from one state of a task to another. */
export function patchBetween(before: Task, after: Task): Operation[] {
  return createPatch(before, after, quickly)
}

import { itemName } from './identity.ts'
import type { Row } from './row.ts'

/** Things of a list by their names; undefined where one has none, or two have the same. */
function byName(list: readonly unknown[]): ReadonlyMap<string, unknown> | undefined {
  const named = new Map<string, unknown>()
  for (const item of list) {
    const name = itemName(item)
    if (name === undefined || named.has(name)) return undefined
    named.set(name, item)
  }
  return named
}

/** Whether what both lists hold stands in the same order in them. */
function sameOrder(one: ReadonlyMap<string, unknown>, other: ReadonlyMap<string, unknown>): boolean {
  const left = [...one.keys()].filter((name) => other.has(name))
  const right = [...other.keys()].filter((name) => one.has(name))
  return left.every((name, index) => name === right[index])
}

/**
 * Names in the order of one list, with those that only the other has put in after what they follow there; where both put
 * something in at the same place, the first list's come first.
 */
function woven(order: ReadonlyMap<string, unknown>, other: ReadonlyMap<string, unknown>): readonly string[] {
  const START = ''
  const following = new Map<string, string[]>()
  let anchor = START
  for (const name of other.keys()) {
    if (order.has(name)) anchor = name
    else following.set(anchor, [...(following.get(anchor) ?? []), name])
  }
  const result: string[] = []
  let due = START
  for (const name of order.keys()) {
    if (other.has(name)) {
      result.push(...(following.get(due) ?? []))
      due = name
    }
    result.push(name)
  }
  return [...result, ...(following.get(due) ?? [])]
}

/**
 * Lays three lists of named things side by side: whatever order they stand in, what has the same name is the same thing.
 * The order is the one that was changed: theirs where both changed it or neither did, ours where only we did.
 *
 * @returns undefined where not everything has a name of its own
 */
export function alignByName(
  base: readonly unknown[],
  mine: readonly unknown[],
  theirs: readonly unknown[],
): readonly Row[] | undefined {
  const [before, ours, others] = [byName(base), byName(mine), byName(theirs)]
  if (!before || !ours || !others) return undefined
  const onlyOursMoved = sameOrder(before, others) && !sameOrder(before, ours)
  const names = onlyOursMoved ? woven(ours, others) : woven(others, ours)
  return names.map((name) => ({ base: before.get(name), mine: ours.get(name), theirs: others.get(name) }))
}

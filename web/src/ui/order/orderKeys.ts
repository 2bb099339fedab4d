import type { KeyboardEvent } from 'react'

const STEP: Readonly<Record<string, 1 | -1>> = { ArrowUp: -1, ArrowLeft: -1, ArrowDown: 1, ArrowRight: 1 }

/** Alt with an arrow moves what has the cursor by one place. Says whether that was pressed. */
export function orderKeys(event: KeyboardEvent, onStep: (by: 1 | -1) => void): boolean {
  const by = event.altKey ? STEP[event.key] : undefined
  if (by === undefined) return false
  event.preventDefault()
  event.stopPropagation()
  onStep(by)
  return true
}

/** Moves an item of a list in place; a place outside the list leaves it as it is. */
export function moveItem<Item>(list: Item[], from: number, to: number): void {
  if (to < 0 || to >= list.length) return
  const [item] = list.splice(from, 1)
  if (item !== undefined) list.splice(to, 0, item)
}

import type { Path } from '@hop-lark/core/record'
import { cellAt } from '../app/cellAt.ts'

/** A field whose filling the next act waits for. Others are reached by Tab. */
const ASKED = '[data-asked]'
/** What leads on when nothing is asked for any more. */
export const ONWARD = 'data-onward'

const isEmpty = (field: Element) => !(field instanceof HTMLInputElement) || field.value === ''
const isInSight = (field: HTMLElement) => field.getClientRects().length > 0
const follows = (field: Node, from: Node) => (from.compareDocumentPosition(field) & Node.DOCUMENT_POSITION_FOLLOWING) !== 0

const askedIn = (within: ParentNode) => [...within.querySelectorAll<HTMLElement>(ASKED)].filter(isInSight)
const around = (field: Element | undefined | null) => field?.closest<HTMLElement>('[role=dialog], main')

/** The first thing that is asked for and not filled in; undefined where all is. */
export function firstAsked(within: ParentNode): HTMLElement | undefined {
  return askedIn(within).find(isEmpty)
}

/** What leads on from the page or the dialog; of a page it stands in the margin. */
function focusOnward(place: HTMLElement): void {
  const within = place.matches('main') ? place.parentElement : place
  within?.querySelector<HTMLElement>(`[${ONWARD}]`)?.focus()
}

const elementAt = (from: Path | HTMLElement) => (from instanceof HTMLElement ? from : cellAt(from))

/** Leaves a field for what leads on: nothing more has to be recorded here. */
export function goOnward(from: Path | HTMLElement): void {
  const place = around(elementAt(from))
  // What was just typed may change what leads on, so the page is drawn first.
  if (place) requestAnimationFrame(() => focusOnward(place))
}

/**
 * Goes on to the next thing that is asked for on the page, or in the dialog, after a field: one rule for Enter, wherever
 * something is typed. When nothing is asked for any more, to what leads on.
 */
export function goToNextAsked(from: Path | HTMLElement): void {
  const field = elementAt(from)
  const place = around(field)
  if (!field || !place) return
  const before = askedIn(place).filter((one) => follows(field, one))
  // What was just typed may bring more fields with it, or take this one away, so the page is drawn first.
  requestAnimationFrame(() => {
    const last = field.isConnected ? field : before.findLast((one) => one.isConnected)
    const next = askedIn(place).find((one) => isEmpty(one) && (last === undefined || follows(one, last)))
    if (next) next.focus()
    else focusOnward(place)
  })
}

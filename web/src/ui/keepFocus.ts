import { FINGERS } from './fingers.ts'

/** What Tab stops at. */
const STOPS = 'a[href], button:not(:disabled), input:not(:disabled), select, textarea, [tabindex]:not([tabindex="-1"])'
/** What lies over the page and goes again. */
const OVER = '[role=dialog], [role=menu], [role=listbox]'
/** How long whatever took a control away has to put the cursor where it belongs, ms. */
const GRACE = 120

/** A place on the page where the cursor was, with what stands before and after it. */
interface Place {
  readonly element: HTMLElement
  readonly address: string
  /** Nearest first. */
  readonly before: readonly HTMLElement[]
  readonly after: readonly HTMLElement[]
}

let place: Place | undefined
let last: Element | undefined

const isThere = (element: HTMLElement) => element.isConnected && element.getClientRects().length > 0

function note({ target }: FocusEvent): void {
  if (!(target instanceof HTMLElement)) return
  last = target
  if (target.closest(OVER)) return
  const stops = [...document.querySelectorAll<HTMLElement>(STOPS)]
  const at = stops.indexOf(target)
  place = {
    element: target,
    address: location.pathname,
    before: at < 0 ? [] : stops.slice(0, at).toReversed(),
    after: at < 0 ? [] : stops.slice(at + 1),
  }
}

/** Puts the cursor where it last was on the page, or, where that is gone, on what came next. */
export function backToPage(): void {
  // Another page puts the cursor itself.
  if (place && place.address !== location.pathname) return
  const near = place && [place.element, ...place.after, ...place.before]
  const to = near?.find(isThere) ?? document.querySelector('main')
  to?.focus()
}

/** The cursor is nowhere, and what it was on is gone: an act took its own control away. */
function mend(): void {
  // On a phone the cursor would call up the keyboard.
  if (document.activeElement === document.body && last && !last.isConnected && !window.matchMedia(FINGERS).matches) backToPage()
}

/**
 * Keeps the cursor on the page: an act that takes its own control away leaves it on the next one.
 *
 * @returns ends it
 */
export function keepFocus(): () => void {
  let timer: ReturnType<typeof setTimeout> | undefined
  const look = new MutationObserver(() => {
    if (!last || last.isConnected || document.activeElement !== document.body) return
    clearTimeout(timer)
    timer = setTimeout(mend, GRACE)
  })
  document.addEventListener('focusin', note)
  look.observe(document.body, { childList: true, subtree: true })
  return () => {
    document.removeEventListener('focusin', note)
    look.disconnect()
    clearTimeout(timer)
    place = undefined
    last = undefined
  }
}

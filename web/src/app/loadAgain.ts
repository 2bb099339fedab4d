const NAME = 'hop-lark-loaded-again'
const MILLISECONDS_BETWEEN = 60_000

/** Whether closing the window now would lose something, as the browser would be told. */
const losesNothing = () => window.dispatchEvent(new Event('beforeunload', { cancelable: true }))

/**
 * Loads the page anew without being asked: a browser that failed once to get a part of it keeps that answer for as long as
 * the window lives. Not where that was just done and did not help, and never where something would be lost.
 */
export function loadAgain(): void {
  try {
    const now = Date.now()
    const last = Number(sessionStorage.getItem(NAME) ?? Number.NaN)
    if (Math.abs(now - last) < MILLISECONDS_BETWEEN || !losesNothing()) return
    sessionStorage.setItem(NAME, String(now))
    window.location.reload()
  } catch {
    // Without storage there is no telling whether it was just done: the button does it.
  }
}

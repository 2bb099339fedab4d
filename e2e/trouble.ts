import type { Page } from '@playwright/test'

const EDITS = '**/api/tasks/*/edits'

/** Every save fails from now on, as on a broken network; what is returned lets them through again. */
export async function savesFail(page: Page): Promise<() => Promise<void>> {
  await page.route(EDITS, (route) => (route.request().method() === 'POST' ? route.abort() : route.continue()))
  return () => page.unroute(EDITS)
}

/** The server refuses every save that holds a text, for a reason of its own: it is stricter than the page, as after an upgrade. */
export async function savesAreRefused(page: Page, holding: string): Promise<void> {
  const error = {
    code: 'task.invalid',
    says: 'No.',
    mend: 'See the places named.',
    faults: [{ at: 'parts.t2', says: 'has an unlucky number.' }],
  }
  await page.route(EDITS, (route) => {
    const isMeant = route.request().method() === 'POST' && route.request().postData()?.includes(holding)
    return isMeant ? route.fulfill({ status: 422, json: { error } }) : route.continue()
  })
}

/** The device takes nothing more, as every browser says it, or takes everything again; a quota that is set from outside is enforced only after a while. */
export async function deviceIsFull(page: Page, full = true): Promise<void> {
  await page.evaluate((takesNothing) => {
    const store = IDBObjectStore.prototype as IDBObjectStore & { real?: IDBObjectStore['put'] }
    store.real ??= store.put
    const { real } = store
    store.put = takesNothing
      ? () => {
          throw new DOMException('full', 'QuotaExceededError')
        }
      : real
  }, full)
}

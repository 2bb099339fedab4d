import { AxeBuilder } from '@axe-core/playwright'
import type { Page } from '@playwright/test'
import { paleTexts } from './contrast.ts'

/** The page behind an open dialog: it is examined without the dialog, and dialogs.spec.ts shows that it cannot be reached. */
const BEHIND = '[data-aria-hidden]'
/** Rules for a page as a whole, which what lies over one is not. */
const OF_A_PAGE = ['page-has-heading-one', 'landmark-one-main', 'region', 'bypass']
/** Left open by axe wherever text lies on a drawing, is one sign long, or is partly scrolled away: measured as it is painted. */
const MEASURED = 'color-contrast'
/** Left open by axe where a button names what it opens: that has to be there while it is open. */
const LOOKED_UP = 'aria-valid-attr-value'
/** How long a page stands still before it is looked at, ms. */
const QUIET = 100

/** Waits until nothing on the page has moved for a moment: axe cannot decide on what changes while it looks. */
export async function settled(page: Page): Promise<void> {
  await page.evaluate(
    (quiet) =>
      new Promise<void>((resolve) => {
        const watch = new MutationObserver(() => {
          clearTimeout(timer)
          timer = setTimeout(done, quiet)
        })
        const done = () => {
          watch.disconnect()
          clearTimeout(last)
          resolve()
        }
        let timer = setTimeout(done, quiet)
        // A clock never rests.
        const last = setTimeout(done, 20 * quiet)
        watch.observe(document, { subtree: true, childList: true })
      }),
    QUIET,
  )
}

/** Controls that say they have opened something which is not there. */
async function opensNothing(page: Page, selectors: readonly string[]): Promise<string[]> {
  const wrong = await page.evaluate(
    (all) =>
      all.filter((selector) => {
        const control = document.querySelector(selector)
        const opened = control?.getAttribute('aria-controls') ?? ''
        return control?.getAttribute('aria-expanded') === 'true' && !document.getElementById(opened)
      }),
    selectors,
  )
  return wrong.map((selector) => `opens what is not there: ${selector}`)
}

/**
 * What is wrong with a page: rules that it breaks, texts that axe cannot tell the contrast of and that are too pale as painted, and
 * whatever else axe cannot decide.
 *
 * @param rules - rules that are asked; all of them, if none is named
 */
export async function axeFinds(page: Page, ...rules: string[]): Promise<string[]> {
  await settled(page)
  const axe = new AxeBuilder({ page }).exclude(BEHIND)
  if ((await page.locator(BEHIND).count()) > 0) axe.disableRules(OF_A_PAGE)
  const { violations, incomplete } = await (rules.length > 0
    ? axe.withRules(rules)
    : axe.withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'best-practice'])
  ).analyze()
  const leftOpen = (rule: string) =>
    incomplete.filter(({ id }) => id === rule).flatMap(({ nodes }) => nodes.map(({ target }) => target.join(' ')))
  const undecided = incomplete.filter(({ id }) => id !== MEASURED && id !== LOOKED_UP)
  return [
    ...violations.map(
      ({ id, nodes }) =>
        `${id}: ${nodes
          .map(({ target }) => target.join(' '))
          .slice(0, 3)
          .join(', ')}`,
    ),
    ...undecided.flatMap(({ id, nodes }) => nodes.map(({ target }) => `${id}, not decided: ${target.join(' ')}`)),
    ...(await opensNothing(page, leftOpen(LOOKED_UP))),
    ...(await paleTexts(page, leftOpen(MEASURED))),
  ]
}

import type { Page } from '@playwright/test'

/** WCAG 2.1, success criterion 2.5.5: targets of a finger are at least this wide and high, CSS pixels. */
const LEAST = 44

/**
 * What a finger can hardly hit: controls in sight smaller than 44 px either way; those within a sentence are left out, as in the
 * criterion, and those that are only heard.
 */
export function smallTargets(page: Page): Promise<string[]> {
  return page.evaluate((least) => {
    const controls = 'a[href], button, input, select, textarea, [role=button], [role=slider], summary'
    const inSentence = (element: Element) => element.matches('.in-text') || getComputedStyle(element).display === 'inline'
    return [...document.querySelectorAll<HTMLElement>(controls)].flatMap((element) => {
      // A box that is ticked is hit on its label, too.
      const target = element.closest('label') ?? element
      const { width, height } = target.getBoundingClientRect()
      if (width <= 1 || height <= 1 || inSentence(target) || !target.checkVisibility()) return []
      if (Math.round(width) >= least && Math.round(height) >= least) return []
      return [
        `${element.getAttribute('aria-label') ?? element.textContent?.trim().slice(0, 40)}: ${Math.round(width)} × ${Math.round(height)}`,
      ]
    })
  }, LEAST)
}

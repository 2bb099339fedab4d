import { expect, type Page } from '@playwright/test'

/** Far more presses than any page has stops. */
const MOST_PRESSES = 120

/** What has the cursor, by the name a screen reader gives it. */
function focused(page: Page): Promise<string> {
  return page.evaluate(() => {
    const element = document.activeElement as HTMLElement | null
    if (!element) return ''
    const labelled = (element as HTMLInputElement).labels?.[0]?.textContent
    return (element.getAttribute('aria-label') ?? labelled ?? element.textContent ?? '').trim()
  })
}

/** Presses Tab until the cursor is on what is called `name`. */
export async function tabTo(page: Page, name: string, key: 'Tab' | 'Shift+Tab' = 'Tab'): Promise<void> {
  const seen: string[] = []
  for (let press = 0; press < MOST_PRESSES; press++) {
    const here = await focused(page)
    if (here === name || here.startsWith(name)) return
    seen.push(here)
    await page.keyboard.press(key)
  }
  throw new Error(`Tab never came to '${name}'. It passed: ${seen.slice(0, 60).join(' | ')}`)
}

/** Types and presses Enter. */
export async function enter(page: Page, text: string): Promise<void> {
  await page.keyboard.type(text)
  await page.keyboard.press('Enter')
}

/** Waits until the cursor is in the cell of a path. */
export async function inCell(page: Page, at: string): Promise<void> {
  await expect(page.locator(`[data-at="${at}"]`)).toBeFocused()
}

export const saved = (page: Page) => expect(page.locator('[data-save="saved"]')).toBeVisible()

/** Opens the list in focus and takes a choice by the arrow keys; typing its name would depend on how quick the machine is. */
export async function chooseByArrows(page: Page, name: string): Promise<void> {
  await page.keyboard.press('Enter')
  const choice = page.getByRole('option', { name, exact: true })
  const list = page.getByRole('listbox')
  await expect(choice).toBeVisible()
  await page.keyboard.press('Home')
  for (let press = 0; press < MOST_PRESSES && !(await choice.evaluate((option) => option === document.activeElement)); press++)
    await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Enter')
  await expect(list).toHaveCount(0)
}

/** Begins a new task from the shelf with some starting sheet; its brief is open then. */
export async function newTask(page: Page, url: string, sheet: RegExp, title: string): Promise<void> {
  await page.goto(url)
  await page.getByRole('heading', { name: 'Tasks' }).waitFor()
  await page.keyboard.press('n')
  await page.getByRole('radio', { name: sheet }).focus()
  await page.keyboard.press('Space')
  await tabTo(page, 'Title', 'Shift+Tab')
  await enter(page, title)
  await expect(page.getByRole('heading', { name: 'Brief' })).toBeVisible()
}

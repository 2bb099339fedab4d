import type { Page } from '@playwright/test'

/** A keyboard whose every key is counted: each letter, each Enter, and of a combination every key that is held. */
export class CountedKeys {
  count = 0
  private readonly page: Page

  constructor(page: Page) {
    this.page = page
  }

  /** Types letter by letter. */
  async type(text: string): Promise<void> {
    this.count += [...text].length
    await this.page.keyboard.type(text)
  }

  /** Presses keys one after another; `Alt+p` counts two. */
  async press(...keys: readonly string[]): Promise<void> {
    for (const key of keys) {
      this.count += key.split('+').length
      await this.page.keyboard.press(key)
    }
  }

  /** Types and presses Enter. */
  async enter(text: string): Promise<void> {
    await this.type(text)
    await this.press('Enter')
  }
}

import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { backToPage, keepFocus } from './keepFocus.ts'

let end: () => void
const button = (name: string) => document.querySelector<HTMLElement>(`[name=${name}]`)
/** Takes a control away, and waits until whoever did it has had time to put the cursor elsewhere. */
async function gone(name: string) {
  button(name)?.remove()
  await vi.waitFor(() => expect(document.activeElement).not.toBe(document.body), { timeout: 2000 })
}

beforeEach(() => {
  // Nothing is laid out here, so everything counts as in sight.
  vi.spyOn(HTMLElement.prototype, 'getClientRects').mockReturnValue([{}] as never)
  document.body.innerHTML =
    '<main tabindex="-1"><button name="a"></button><button name="b"></button><button name="c"></button></main><div role="dialog"><button name="d"></button></div>'
  end = keepFocus()
})
afterEach(() => {
  end()
  vi.restoreAllMocks()
  document.body.innerHTML = ''
})

describe('an act that takes its own control away', () => {
  it('leaves the cursor on the next one', async () => {
    button('b')?.focus()
    await gone('b')
    expect(document.activeElement).toBe(button('c'))
  })

  it('leaves it on the one before where nothing comes next', async () => {
    button('d')?.remove()
    button('c')?.focus()
    await gone('c')
    expect(document.activeElement).toBe(button('b'))
  })

  it('leaves it where it put it', async () => {
    button('b')?.focus()
    button('b')?.remove()
    button('a')?.focus()
    await new Promise((resolve) => setTimeout(resolve, 300))
    expect(document.activeElement).toBe(button('a'))
  })
})

describe('what lies over the page', () => {
  it('gives the cursor back to where it was on the page when it goes', async () => {
    button('b')?.focus()
    button('d')?.focus()
    await gone('d')
    expect(document.activeElement).toBe(button('b'))
  })

  it('gives it to what came next where that is gone too', () => {
    button('b')?.focus()
    button('d')?.focus()
    button('b')?.remove()
    backToPage()
    expect(document.activeElement).toBe(button('c'))
  })
})

import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { firstAsked, goOnward, goToNextAsked } from './nextAsked.ts'

beforeEach(() => {
  // Nothing has a size where nothing is drawn.
  vi.spyOn(HTMLElement.prototype, 'getClientRects').mockReturnValue([new DOMRect()] as unknown as DOMRectList)
  vi.spyOn(window, 'requestAnimationFrame').mockImplementation((act) => {
    act(0)
    return 0
  })
})
afterEach(() => {
  cleanup()
  vi.restoreAllMocks()
})

const field = (name: string) => screen.getByLabelText(name)

function page() {
  render(
    <div>
      <main>
        <input aria-label="first" data-asked="" />
        <input aria-label="not asked" />
        <input aria-label="second" data-asked="" />
        <input aria-label="third" data-asked="" />
      </main>
      <button type="button" data-onward="">
        Go on
      </button>
    </div>,
  )
}

describe('the next thing that is asked for', () => {
  it('is the next empty field, past those that are filled and those that are not asked for', () => {
    page()
    fireEvent.change(field('second'), { target: { value: '24.50' } })
    goToNextAsked(field('first'))
    expect(document.activeElement).toBe(field('third'))
  })

  it('is what leads on when all is filled', () => {
    page()
    goToNextAsked(field('third'))
    expect(document.activeElement?.textContent).toBe('Go on')
  })

  it('is found from where a thing was that is gone when it was taken', () => {
    page()
    vi.mocked(window.requestAnimationFrame).mockImplementation((act) => {
      field('second').remove()
      act(0)
      return 0
    })
    goToNextAsked(field('second'))
    expect(document.activeElement).toBe(field('third'))
  })

  it('is skipped where nothing more has to be recorded', () => {
    page()
    goOnward(field('first'))
    expect(document.activeElement?.textContent).toBe('Go on')
  })

  it('is the first when a dialog opens', () => {
    page()
    expect(firstAsked(document)).toBe(field('first'))
  })
})

import { cleanup, act as drawn, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { KEY_ACTIONS } from './actions.ts'
import { KeyOf } from './KeyHint.tsx'
import { KeysDialog } from './KeysDialog.tsx'
import { useKeyChoice } from './keyStore.ts'
import { usePageActions } from './pageActions.ts'
import { ariaKeys, combinationOf, sayKeys } from './sayKeys.ts'
import { useKeyAction } from './useKeyAction.ts'

beforeEach(() => useKeyChoice.setState({ letters: true, chosen: {} }))
afterEach(cleanup)

const act = vi.fn()

function Page({ possible = true }: { readonly possible?: boolean }) {
  useKeyAction('grid', { says: 'Grid of samples' }, act, { possible })
  return (
    <main>
      <input aria-label="a field" />
      <KeyOf action="grid" />
    </main>
  )
}

const press = (target: Element, key: string, more: object = {}) =>
  fireEvent.keyDown(target, { key, code: `Key${key.toUpperCase()}`, ...more })

describe('a key of an act', () => {
  beforeEach(() => act.mockClear())

  it('works everywhere with Alt, and as a letter only where nothing is typed', () => {
    render(<Page />)
    press(screen.getByLabelText('a field'), 'g', { altKey: true })
    expect(act).toHaveBeenCalledTimes(1)
    press(screen.getByLabelText('a field'), 'g')
    expect(act).toHaveBeenCalledTimes(1)
    press(document.body, 'g')
    expect(act).toHaveBeenCalledTimes(2)
  })

  it('does nothing while the act cannot be done', () => {
    render(<Page possible={false} />)
    press(document.body, 'g', { altKey: true })
    expect(act).not.toHaveBeenCalled()
    expect(usePageActions.getState().actions).toEqual({})
  })

  it('tells what can be done as long as the page is there', () => {
    render(<Page />)
    expect(Object.values(usePageActions.getState().actions)).toMatchObject([{ says: 'Grid of samples', key: 'grid' }])
    cleanup()
    expect(usePageActions.getState().actions).toEqual({})
  })

  it('is changed, switched off and made usual again in the list, and shown as it is', () => {
    render(<Page />)
    render(<KeysDialog open onOpenChange={() => {}} />)
    const { says } = KEY_ACTIONS.grid
    fireEvent.click(screen.getByLabelText(`Change the key for: ${says}`))
    press(screen.getByLabelText(`New key for: ${says}`), 'x', { altKey: true, shiftKey: true })
    expect(useKeyChoice.getState().chosen.grid).toBe('alt+shift+x')
    expect(screen.getAllByText('Alt Shift X').length).toBe(2)
    fireEvent.click(screen.getByLabelText(`The usual key for: ${says}`))
    fireEvent.click(screen.getByLabelText(`No key for: ${says}`))
    press(document.body, 'g', { altKey: true })
    expect(act).not.toHaveBeenCalled()
    expect(screen.getByText('no key')).toBeTruthy()
  })

  it('that was given to another act as well is said beside both', () => {
    render(<KeysDialog open onOpenChange={() => {}} />)
    expect(screen.queryByRole('status')).toBeNull()
    const { says, usual } = KEY_ACTIONS.reference
    drawn(() => useKeyChoice.getState().choose('grid', usual))
    expect(screen.getAllByRole('status')).toHaveLength(2)
    screen.getByText(`Also the key for: ${says}. Where both can be done, only one gets it.`)
    screen.getByText(`Also the key for: ${KEY_ACTIONS.grid.says}. Where both can be done, only one gets it.`)
  })

  it('is no letter where letters are switched off', () => {
    useKeyChoice.getState().setLetters(false)
    render(<Page />)
    press(document.body, 'g')
    expect(act).not.toHaveBeenCalled()
  })
})

describe('what was pressed', () => {
  const event = (key: string, code: string, more = {}) => new KeyboardEvent('keydown', { key, code, ...more })

  it('is a combination once something is held, or a key that types nothing', () => {
    expect(combinationOf(event('Alt', 'AltLeft', { altKey: true }))).toBeUndefined()
    expect(combinationOf(event('g', 'KeyG'))).toBeUndefined()
    expect(combinationOf(event('g', 'KeyG', { ctrlKey: true }))).toBe('mod+g')
    expect(combinationOf(event('PageDown', 'PageDown'))).toBe('pagedown')
  })

  it('is written as on the keys', () => {
    expect(sayKeys('mod+enter')).toBe('Ctrl ⏎')
    expect(sayKeys('alt+n')).toBe('Alt N')
    expect(sayKeys('shift+slash')).toBe('?')
    expect(ariaKeys('mod+enter')).toBe('Control+Enter')
    expect(ariaKeys('alt+n')).toBe('Alt+N')
  })

  it('no two acts that can be done at the same time have the same', () => {
    // The report has no tubes, and the tubes no report.
    const usual = Object.entries(KEY_ACTIONS).flatMap(([name, { usual: keys }]) => (name === 'print' ? [] : [keys]))
    expect(new Set(usual).size).toBe(usual.length)
  })
})

import { type Entry, readPath, valueAt } from '@hop-lark/core/record'
import { act, cleanup, fireEvent, screen } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { useTask } from '../notebook/derived.ts'
import { useNotebook } from '../notebook/store.ts'
import { LAWN_SAND, openTask, textNow, valueNow } from '../testing/openTask.tsx'
import { ReadingCell } from './ReadingCell.tsx'

afterEach(cleanup)

const AT = 'parts.t1.runs.run4.final'

/** The cell as a page shows it, with what the record now has. */
function Live(props: Omit<Parameters<typeof ReadingCell>[0], 'entry'> & { readonly entry?: Entry | undefined }) {
  return <ReadingCell entry={valueAt(useTask(), readPath(AT)) as Entry | undefined} {...props} />
}

function open(props: Partial<Parameters<typeof ReadingCell>[0]> = {}) {
  const done = vi.fn()
  openTask(LAWN_SAND, <Live at={readPath(AT)} label="final" step="0.05" onDone={done} {...props} />)
  const cell = screen.getByLabelText('final')
  const type = (text: string) => fireEvent.change(cell, { target: { value: text } })
  const press = (key: string) => fireEvent.keyDown(cell, { key })
  return { cell, type, press, done }
}

describe('a cell for a reading', () => {
  it('keeps what is typed at Enter, with its time, and moves on', () => {
    const { type, press, done } = open()
    type('42.50')
    press('Enter')
    expect(valueNow(AT)).toMatchObject({ value: '42.50', at: expect.stringMatching(/^\d{4}-/) })
    expect(done).toHaveBeenCalledOnce()
  })

  it('puts lost noughts in, says so, and goes on', () => {
    const { type, press, done } = open()
    type('42.5')
    press('Enter')
    expect(textNow(AT)).toBe('42.50')
    expect(valueNow(AT)).not.toHaveProperty('was')
    expect(screen.getByRole('status').textContent).toBe('42.5 is written 42.50')
    expect(done).toHaveBeenCalledOnce()
  })

  it('is described by why it is marked, for whoever does not see the margin', () => {
    const { cell, type, press } = open({ problem: 'error' })
    type('2.10')
    press('Enter')
    const says = document.getElementById(cell.getAttribute('aria-describedby') ?? '')
    expect(says?.textContent).toContain('burettes count downwards')
    expect(says?.className).toBe('sr-only')
  })

  it('never makes another number of a reading without a yes, and holds nobody up', () => {
    const { cell, type, press, done } = open()
    type('42.53')
    press('Enter')
    expect(textNow(AT)).toBe('42.53')
    expect(done).toHaveBeenCalledOnce()
    expect(screen.getByRole('status').textContent).toContain('Meant 42.55?')
    expect(cell.getAttribute('aria-describedby')).toBe(screen.getByRole('status').id)
    press('Enter')
    expect(textNow(AT)).toBe('42.53')
    press('y')
    expect(textNow(AT)).toBe('42.55')
    expect(screen.queryByRole('status')).toBeNull()
  })

  it('a yes to a question about a reading that was undone since changes nothing', () => {
    const { type, press } = open()
    type('42.53')
    press('Enter')
    act(() => useNotebook.getState().undo())
    expect(valueNow(AT)).toBeUndefined()
    press('y')
    expect(valueNow(AT)).toBeUndefined()
  })

  it('asks about a reading past the last mark, and forgets the question when it is read anew', () => {
    const { type, press } = open({ most: '50' })
    type('245.0')
    press('Enter')
    expect(textNow(AT)).toBe('245.0')
    expect(screen.getByRole('status').textContent).toContain('Meant 24.50')
    type('42.50')
    press('Enter')
    expect(textNow(AT)).toBe('42.50')
    expect(screen.queryByRole('status')).toBeNull()
  })

  it('holds what is typed and not entered, or no number, over a change of page, and shows it as such', () => {
    for (const text of ['42.5', '42..5']) {
      const { type } = open()
      type(text)
      cleanup()
      const { cell, press } = open()
      expect((cell as HTMLInputElement).value).toBe(text)
      expect(cell.getAttribute('aria-description')).toBe('typed, not entered yet')
      expect(valueNow(AT)).toBeUndefined()
      press('Escape')
      expect((cell as HTMLInputElement).value).toBe('')
      expect(cell.getAttribute('aria-description')).toBeNull()
      cleanup()
    }
  })

  it('is left by Escape when nothing is typed in it', () => {
    const { cell, press } = open()
    cell.focus()
    press('Escape')
    expect(document.activeElement).not.toBe(cell)
  })

  it('offers where the burette stood, and Enter takes it', () => {
    const { cell, press, done } = open({ offer: '21.80' })
    expect(cell.getAttribute('placeholder')).toBe('21.80')
    press('Enter')
    expect(textNow(AT)).toBe('21.80')
    expect(done).toHaveBeenCalledOnce()
  })

  it.each([
    ['47..0', '47..0 has 2 decimal points: which is it?'],
    ['about 47', '“about 47” is no number. Write what the scale shows, in digits.'],
    ['47 g', '47 g: this cell is in cm³, not in g.'],
  ])('says at once what is wrong with %j, and does not write it', (text, says) => {
    const { cell, type, press, done } = open({ unit: 'cm3' })
    type(text)
    expect(screen.getByRole('alert').textContent).toBe(says)
    expect(cell.getAttribute('aria-invalid')).toBe('true')
    press('Enter')
    expect(valueNow(AT)).toBeUndefined()
    expect((cell as HTMLInputElement).value).toBe(text)
    expect(done).not.toHaveBeenCalled()
  })

  it.each(['42,50', '42·50', '42.50 cm³', '42.50ml'])('takes %j for 42.50', (text) => {
    const { type, press } = open({ unit: 'cm3' })
    type(text)
    press('Enter')
    expect(textNow(AT)).toBe('42.50')
  })

  it('keeps what is typed when it is left, and puts back what it held at Escape', () => {
    const { cell, type, press } = open()
    type('42.50')
    fireEvent.blur(cell)
    expect(textNow(AT)).toBe('42.50')
    type('48.05')
    press('Escape')
    fireEvent.blur(cell)
    expect(textNow(AT)).toBe('42.50')
  })

  it('does nothing at Enter while it is empty and offers nothing', () => {
    const { press, done } = open()
    press('Enter')
    expect(valueNow(AT)).toBeUndefined()
    expect(done).not.toHaveBeenCalled()
  })

  it('shows what was struck through, with the reason', () => {
    open({ entry: { value: '21.80', was: [{ value: '21.08', why: 'misread' }] } })
    const struck = screen.getByText('21.08')
    expect(struck.tagName).toBe('S')
    expect(struck.getAttribute('title')).toBe('misread')
  })
})

import { act, cleanup, fireEvent, render, screen } from '@testing-library/react'
import { useState } from 'react'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { padField } from './padField.ts'
import { ReadingPad } from './ReadingPad.tsx'
import { usePadChoice } from './usePad.ts'

beforeEach(() => {
  usePadChoice.setState({ pad: 'on' })
  Element.prototype.scrollIntoView = () => {}
})
afterEach(cleanup)

const entered = vi.fn()

function Page({ step, most }: { readonly step?: string; readonly most?: string }) {
  const [text, setText] = useState('')
  return (
    <>
      <input
        aria-label="final reading"
        {...padField({ step, most, unit: 'cm3' })}
        value={text}
        onChange={(event) => setText(event.target.value)}
        onKeyDown={(event) => event.key === 'Enter' && entered(text)}
      />
      <input aria-label="a name" />
      <ReadingPad />
    </>
  )
}

const field = () => screen.getByLabelText<HTMLInputElement>('final reading')
const press = (...names: readonly string[]) => {
  for (const name of names) fireEvent.click(screen.getByRole('button', { name }))
}
const isLive = (name: string) => screen.getByRole('button', { name }).getAttribute('aria-disabled') === 'false'

function open(scale: Parameters<typeof Page>[0] = { step: '0.05', most: '50.00' }) {
  render(<Page {...scale} />)
  act(() => field().focus())
}

describe('the pad for readings', () => {
  it('is there for a reading, named by it, and for nothing else', () => {
    open()
    expect(screen.getByRole('group', { name: 'Keys for a reading' }).textContent).toContain('final reading, cm³')
    act(() => screen.getByLabelText('a name').focus())
    expect(screen.queryByRole('group', { name: 'Keys for a reading' })).toBeNull()
  })

  it('types, takes back, clears and keeps', () => {
    entered.mockClear()
    open()
    press('2', '4', 'Decimal point', '5')
    expect(field().value).toBe('24.5')
    press('Take back the last digit', '7')
    expect(field().value).toBe('24.7')
    press('5', 'Keep it and go on')
    expect(entered).toHaveBeenCalledWith('24.75')
    press('Clear')
    expect(field().value).toBe('')
  })

  it('has only those keys that lead to a reading of the scale', () => {
    open()
    press('2', '4', 'Decimal point', '5')
    expect(['0', '5'].map(isLive)).toEqual([true, true])
    expect(['1', '3', 'Decimal point', 'Below nought'].map(isLive)).toEqual([false, false, false, false])
    press('3')
    expect(field().value).toBe('24.5')
  })

  it('gives way to the keyboard of the device', () => {
    open()
    press('the device’s keyboard')
    expect(usePadChoice.getState().pad).toBe('off')
    expect(screen.queryByRole('group', { name: 'Keys for a reading' })).toBeNull()
  })
})

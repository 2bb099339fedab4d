import { cleanup, fireEvent, screen } from '@testing-library/react'
import { afterEach, beforeAll, describe, expect, it } from 'vitest'
import { LAWN_SAND, nowOpen, openTask, textNow, withoutLayout } from '../../testing/openTask.tsx'
import { TitratePage } from './TitratePage.tsx'

beforeAll(() => {
  withoutLayout()
  Element.prototype.scrollIntoView = () => {}
  Element.prototype.setPointerCapture = () => {}
})
afterEach(cleanup)

const AT = 'parts.t1.runs.run4.final'

function Page() {
  const part = nowOpen().parts.find((one) => one.kind === 'titration')
  return part?.kind === 'titration' ? <TitratePage part={part} /> : null
}

function open() {
  openTask(LAWN_SAND, <Page />, 't1')
  const slider = screen.getByRole('slider', { name: 'Level in the burette, for run 4, final reading' })
  return { slider, press: (key: string) => fireEvent.keyDown(slider, { key }) }
}
const cell = () => screen.getByLabelText<HTMLInputElement>('run 4, final reading')

describe('the drawn burette', () => {
  it('is read by arrow keys, by the step of its scale and by whole cubic centimetres', () => {
    const { slider, press } = open()
    expect(slider.getAttribute('aria-valuetext')).toBe('21.80 of 50.00')
    press('PageDown')
    press('ArrowDown')
    expect(cell().value).toBe('22.85')
    press('ArrowUp')
    expect(slider.getAttribute('aria-valuetext')).toBe('22.80 of 50.00')
    press('End')
    press('ArrowDown')
    expect(cell().value).toBe('50.00')
    press('Escape')
    expect(cell().value).toBe('')
  })

  it('is dragged to where the meniscus stands, settled by big steps, and kept as any reading', () => {
    const { slider } = open()
    slider.getBoundingClientRect = () => ({ top: 100, height: 500 }) as DOMRect
    fireEvent.pointerDown(slider, { pointerId: 1, buttons: 1, clientY: 100 + 425 })
    expect(cell().value).toBe('42.50')
    fireEvent.click(screen.getByRole('button', { name: 'Down by 0.05' }))
    fireEvent.click(screen.getByRole('button', { name: 'Keep 42.55' }))
    expect(textNow(AT)).toBe('42.55')
  })

  it('is not moved by a finger that only passes over it', () => {
    const { slider } = open()
    fireEvent.pointerMove(slider, { pointerId: 1, buttons: 0, clientY: 300 })
    expect(cell().value).toBe('')
  })
})

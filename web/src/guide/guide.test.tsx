import { GUIDES } from '@hop-lark/core/guide'
import { act, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { GuideDialog } from './GuideDialog.tsx'
import { useGuide } from './useGuide.ts'

afterEach(() => {
  useGuide.getState().close()
  vi.useRealTimers()
})

describe('a guide', () => {
  it.each(GUIDES.map((guide) => [guide.title, guide] as const))('%s: drawing, lines, tips and caution', (_, guide) => {
    useGuide.getState().show(guide.id)
    render(<GuideDialog />)
    const dialog = screen.getByRole('dialog', { name: guide.title })
    expect(dialog.querySelector('svg[role=img]')?.getAttribute('aria-label')).toBeTruthy()
    for (const line of guide.lines) expect(dialog.textContent).toContain(line.because)
    expect(dialog.textContent).toContain(guide.caution)
    expect(dialog.textContent).toContain(guide.leftHand)
  })

  it('closes by Escape', () => {
    useGuide.getState().show('pipetting')
    render(<GuideDialog />)
    fireEvent.keyDown(screen.getByRole('dialog'), { key: 'Escape' })
    expect(useGuide.getState().id).toBe('')
  })

  it('counts down what is waited for', () => {
    vi.useFakeTimers({ shouldAdvanceTime: true })
    useGuide.getState().show('saturated-solution')
    render(<GuideDialog />)
    const [stir] = screen.getAllByRole('timer')
    expect(stir?.textContent).toContain('3:00')
    act(() => screen.getByRole('button', { name: 'Stir' }).click())
    act(() => void vi.advanceTimersByTime(61_000))
    expect(stir?.textContent).toContain('1:59')
    act(() => void vi.advanceTimersByTime(300_000))
    expect(stir?.textContent).toContain('over')
  })
})

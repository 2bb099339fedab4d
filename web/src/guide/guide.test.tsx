import { GUIDES } from '@hop-lark/core/guide'
import { act, render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
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
    for (const line of guide.lines) expect(dialog).toHaveTextContent(line.because)
    expect(dialog).toHaveTextContent(guide.caution)
    expect(dialog).toHaveTextContent(guide.leftHand)
  })

  it('closes by Escape', async () => {
    useGuide.getState().show('pipetting')
    render(<GuideDialog />)
    await userEvent.keyboard('{Escape}')
    expect(useGuide.getState().id).toBe('')
  })

  it('counts down what is waited for', async () => {
    vi.useFakeTimers({ shouldAdvanceTime: true })
    useGuide.getState().show('saturated-solution')
    render(<GuideDialog />)
    const [stir] = screen.getAllByRole('timer')
    expect(stir).toHaveTextContent('3:00')
    act(() => screen.getByRole('button', { name: 'Stir' }).click())
    act(() => void vi.advanceTimersByTime(61_000))
    expect(stir).toHaveTextContent('1:59')
    act(() => void vi.advanceTimersByTime(300_000))
    expect(stir).toHaveTextContent('over')
  })
})

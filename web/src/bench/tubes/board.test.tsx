import type { IonVerdict } from '@hop-lark/core/identify'
import { act, cleanup, fireEvent, render, renderHook, screen, within } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { inOrder } from './ionOrder.ts'
import { RuledOut } from './RuledOut.tsx'
import { useChanged } from './useChanged.ts'

afterEach(cleanup)

const ion = (name: string, verdict: IonVerdict['verdict'], against: readonly string[] = []): IonVerdict => ({
  ion: name,
  verdict,
  probability: 0,
  for: [],
  against,
})

describe('the order of the board', () => {
  it('is that in which ions are listed to a student, whatever was found of them', () => {
    const found = ['SO4^2-', 'Fe2+', 'Cl-', 'NH4+'].map((name) => ion(name, 'possible'))
    expect(inOrder(found).map((one) => one.ion)).toEqual(['NH4+', 'Fe2+', 'Cl-', 'SO4^2-'])
  })

  it('puts cations and anions that are ruled out together, each leading to its step', () => {
    const onShow = vi.fn()
    render(
      <RuledOut
        ions={[ion('Fe2+', 'absent', ['P1.1']), ion('Cl-', 'absent', ['P2.1'])]}
        changed={new Set(['Cl-'])}
        onShow={onShow}
      />,
    )
    expect(screen.getAllByRole('heading', { level: 3 }).map(({ textContent }) => textContent)).toEqual(['Cations', 'Anions'])
    const [, anions] = screen.getAllByRole('list')
    fireEvent.click(within(anions as HTMLElement).getByRole('button', { name: 'chloride now ruled out by P2.1' }))
    expect(onShow).toHaveBeenCalledWith('P2.1')
  })
})

describe('what a step changed', () => {
  it('is told for a moment, and not of another sample', () => {
    vi.useFakeTimers()
    const before = [ion('Fe2+', 'possible'), ion('Cl-', 'possible')]
    const after = [ion('Fe2+', 'present'), ion('Cl-', 'possible')]
    const { result, rerender } = renderHook(({ of, ions }) => useChanged(of, ions), { initialProps: { of: 'P', ions: before } })
    expect([...result.current]).toEqual([])
    rerender({ of: 'P', ions: after })
    expect([...result.current]).toEqual(['Fe2+'])
    act(() => void vi.advanceTimersByTime(6000))
    expect([...result.current]).toEqual([])
    rerender({ of: 'Q', ions: before })
    expect([...result.current]).toEqual([])
    vi.useRealTimers()
  })
})

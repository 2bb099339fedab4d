import type { PartOf, Task } from '@hop-lark/core/record'
import { act, cleanup, fireEvent, screen, within } from '@testing-library/react'
import { afterEach, beforeAll, describe, expect, it, vi } from 'vitest'
import { useTask } from '../../notebook/derived.ts'
import { changed, LAWN_SAND, nowOpen, openTask, textNow, VINEGAR } from '../../testing/openTask.tsx'
import { TitratePage } from './TitratePage.tsx'

beforeAll(() => {
  Element.prototype.scrollIntoView = () => {}
})
afterEach(cleanup)

function Titration({ id }: { readonly id: string }) {
  const part = useTask().parts.find((one): one is PartOf<'titration'> => one.id === id && one.kind === 'titration')
  return part ? <TitratePage part={part} /> : null
}

const open = (task: Task, id = 't1') => openTask(task, <Titration id={id} />, id)
const runs = (task: Task) => task.parts.flatMap((part) => (part.kind === 'titration' ? part.runs : []))
const now = () => screen.getByLabelText('Now').textContent
const fill = (at: string, text: string) => {
  const cell = document.querySelector<HTMLInputElement>(`[data-at="${at}"]`)
  if (!cell) throw new Error(`no cell ${at}`)
  fireEvent.change(cell, { target: { value: text } })
  fireEvent.keyDown(cell, { key: 'Enter' })
}

describe('the titration page', () => {
  it('shows the table with titres worked out, units in the headings only', () => {
    open(LAWN_SAND)
    const table = screen.getByRole('table')
    expect(
      within(table)
        .getAllByRole('row')
        .map((row) => row.textContent),
    ).toEqual([
      'Readingrough1234',
      'Final readingcm³struck out: 21.08',
      'Initial readingcm³',
      'Titrecm³21.3020.6521.1520.70–',
      'In the meannever✓ yes✕ no✓ yes',
    ])
    expect(screen.getByTestId('mean').textContent).toContain('Mean titre 20.68')
  })

  it('says how far to run quickly, where the end should be, and that one may stop', () => {
    open(LAWN_SAND)
    expect(now()).toContain('Run quickly to 41.00, then drop by drop.')
    expect(now()).toContain('near 42.50')
    expect(now()).toContain('Or stop here')
    expect(
      screen.getByRole('img', { name: /Burette, deep purple solution standing at 21.80, run quickly to 41.00/ }),
    ).toBeTruthy()
  })

  it('says to refill before a run that would end below the scale', () => {
    open(VINEGAR, 't2')
    expect(now()).toContain('Refill the burette first.')
    expect(now()).toContain('Run 2 would end at 63.50, below the last mark, 50.00')
  })

  it('makes the next run when titres do not agree yet, and none when they do', () => {
    const two = changed(LAWN_SAND, (draft) => {
      for (const part of draft.parts)
        if (part.kind === 'titration')
          part.runs = [
            { id: 'r1', kind: 'accurate', initial: '0.00', final: '20.65' },
            { id: 'r2', kind: 'accurate', initial: '20.65' },
          ]
    })
    open(two)
    fill('parts.t1.runs.r2.final', '41.60')
    expect(runs(nowOpen())).toHaveLength(3)
    fill('parts.t1.runs.r2.final', '41.30')
    expect(runs(nowOpen())).toHaveLength(3)
    expect(now()).toContain('You may stop.')
  })

  it('shows masses and compares at one mass where every run has its own', () => {
    open(VINEGAR)
    expect(screen.getByRole('link', { name: '0.412' })).toBeTruthy()
    expect(screen.getByTestId('mean').textContent).toContain('agree within 0.10 cm³ once scaled to one mass')
  })

  it('asks about a start that is not the last end, and notes the refill by one key', () => {
    const odd = changed(LAWN_SAND, (draft) => {
      for (const part of draft.parts)
        if (part.kind === 'titration')
          part.runs = [
            { id: 'r1', kind: 'rough', initial: '0.00', final: '21.30' },
            { id: 'r2', kind: 'accurate', initial: '20.30' },
          ]
    })
    open(odd)
    const check = screen.getByLabelText('Check')
    expect(check.textContent).toContain('Run 1 starts at 20.30, but the burette last stood at 21.30.')
    fireEvent.click(within(check).getByRole('button', { name: 'It was refilled' }))
    expect(runs(nowOpen())[1]?.refilled).toBe(true)
    expect(screen.queryByLabelText('Check')).toBeNull()
  })

  it('lets two values that were entered at once be chosen between', () => {
    const both = changed(LAWN_SAND, (draft) => {
      for (const part of draft.parts)
        if (part.kind === 'titration' && part.runs[1]) part.runs[1].final = { value: '21.05', rival: { value: '21.50' } }
    })
    open(both)
    fireEvent.click(screen.getByRole('button', { name: 'Keep 21.50' }))
    expect(textNow('parts.t1.runs.run1.final')).toBe('21.50')
    expect(screen.queryByRole('button', { name: 'Keep 21.50' })).toBeNull()
  })

  it('cautions about what is in the burette and defers to the laboratory', () => {
    open(LAWN_SAND)
    expect(screen.getByLabelText('Care').textContent).toMatch(/stains skin.*Follow your laboratory’s rules and your supervisor\./)
  })

  it('says what to do where there is no run and nothing is set up', () => {
    const empty = changed(LAWN_SAND, (draft) => {
      for (const part of draft.parts) if (part.kind === 'titration') Object.assign(part, { runs: [], flask: [], reactions: [] })
    })
    open(empty)
    expect(screen.getByText(/a flask that is not set up yet/)).toBeTruthy()
    fireEvent.click(screen.getByRole('button', { name: 'Rough run' }))
    expect(runs(nowOpen())).toEqual([{ id: 'rough1', kind: 'rough' }])
  })

  it('takes N for a new run on the page, and not in a dialog, where letters choose among what is there', () => {
    open(LAWN_SAND)
    const press = (target: Element) => {
      fireEvent.keyDown(target, { key: 'n', code: 'KeyN', bubbles: true })
      fireEvent.keyUp(target, { key: 'n', code: 'KeyN', bubbles: true })
    }
    fireEvent.click(screen.getByRole('button', { name: 'Set up' }))
    press(within(screen.getByRole('dialog')).getByRole('button', { name: 'Done' }))
    expect(runs(nowOpen())).toHaveLength(5)
    fireEvent.click(within(screen.getByRole('dialog')).getByRole('button', { name: 'Done' }))
    press(document.body)
    expect(runs(nowOpen())).toHaveLength(6)
  })
})

describe('the end-point', () => {
  it('shows the colours before and at it, for what is in the flask', () => {
    open(LAWN_SAND)
    expect(screen.getByTestId('end-point').textContent).toBe(
      'colourlessstop at the first very pale pink that stays while you swirl:very pale pink',
    )
  })

  it('asks for the indicator where none is named, and takes one that suits', () => {
    open(
      changed(VINEGAR, (draft) => {
        for (const part of draft.parts) if (part.kind === 'titration') delete part.indicator
      }),
      't2',
    )
    expect(screen.getByTestId('end-point').textContent).toContain('Name the indicator')
    fireEvent.click(screen.getByRole('button', { name: 'Set up' }))
    fireEvent.click(screen.getByRole('button', { name: 'phenolphthalein' }))
    expect(textNow('parts.t2.indicator')).toBe('phenolphthalein')
    expect(screen.getByTestId('end-point').textContent).toContain(
      'colourlessstop at the first very pale pink that stays while you swirl:very pale pinkpast itpink',
    )
  })

  it('is timed: the colour must stay for as long as the school asks', () => {
    vi.useFakeTimers()
    try {
      open(LAWN_SAND)
      fireEvent.click(screen.getByRole('button', { name: /^30 s/ }))
      const timer = screen.getByRole('timer')
      expect(timer.textContent).toContain('30 s')
      act(() => {
        vi.advanceTimersByTime(29_000)
      })
      expect(timer.textContent).not.toContain('It stayed')
      act(() => {
        vi.advanceTimersByTime(1_200)
      })
      expect(timer.textContent).toContain('It stayed: end-point.')
    } finally {
      vi.useRealTimers()
    }
  })
})

describe('getting ready', () => {
  it('lists each piece with its reasons, and keeps what is ticked', () => {
    open(LAWN_SAND)
    fireEvent.click(screen.getByRole('button', { name: 'Get ready (0 of 8)' }))
    const bubble = screen.getByLabelText(/jet full, no bubble/)
    fireEvent.click(bubble)
    expect(nowOpen().parts.find(({ id }) => id === 't1')).toMatchObject({ ready: ['jet-full'] })
    expect(screen.getByRole('button', { name: 'Get ready (1 of 8)' })).toBeTruthy()
    // Manganate(VII) is too dark for the bottom of the meniscus.
    expect(screen.getByLabelText(/at the top of the meniscus/)).toBeTruthy()
    fireEvent.click(bubble)
    expect(nowOpen().parts.find(({ id }) => id === 't1')).toMatchObject({ ready: [] })
  })
})

describe('half-equations', () => {
  it('make the equation, with the electrons and the ratio', () => {
    open(LAWN_SAND)
    fireEvent.click(screen.getByRole('button', { name: 'Set up' }))
    fireEvent.click(screen.getByRole('button', { name: 'From half-equations' }))
    const write = (label: string, text: string) => {
      const field = screen.getByLabelText(label)
      fireEvent.change(field, { target: { value: text } })
      fireEvent.blur(field)
    }
    write('One half', 'MnO4- -> Mn2+')
    write('Other half', 'I2 -> I-')
    expect(screen.getByText(/Both half-equations take up electrons/)).toBeTruthy()
    write('Other half', 'C2O4^2- -> CO2')
    expect(screen.getByText(/they react/).textContent).toBe(
      'One MnO4− takes up 5 electrons, one C2O42− gives 2 electrons: they react 2 : 5.',
    )
    fireEvent.click(screen.getByRole('button', { name: 'Use this equation' }))
    const part = nowOpen().parts.find(({ id }) => id === 't1')
    expect(part?.kind === 'titration' && part.reactions.at(-1)).toEqual({
      equation: '2MnO4- + 16H+ + 5C2O4^2- -> 2Mn2+ + 8H2O + 10CO2',
      role: 'before',
    })
  })
})

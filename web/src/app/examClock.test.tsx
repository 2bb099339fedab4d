import { act, cleanup, fireEvent, render, screen } from '@testing-library/react'
import { MemoryRouter } from 'react-router'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { changed, LAWN_SAND, nowOpen, openTask } from '../testing/openTask.tsx'
import { ClockDialog } from './ClockDialog.tsx'
import { ExamClock } from './ExamClock.tsx'
import { pauseClock, resetClock, resumeClock, setMinutesLeft, startClock, useClockChoice } from './examClock.ts'
import { secondsLeft } from './remaining.ts'

const { toast } = vi.hoisted(() => ({ toast: vi.fn() }))
vi.mock('sonner', () => ({ toast }))

const START = Date.parse('2026-05-12T09:00:00.000Z')
const minutes = (count: number) => count * 60_000

beforeEach(() => {
  vi.useFakeTimers({ now: START })
  toast.mockClear()
  useClockChoice.setState({ marks: [10, 5, 1], sound: false })
})
afterEach(() => {
  cleanup()
  vi.useRealTimers()
})

const task = changed(LAWN_SAND, (draft) => {
  draft.minutes = 75
})
const left = () => {
  const { minutes: allowed = 0, started = '', paused } = nowOpen()
  return secondsLeft({ minutes: allowed, started, paused, now: Date.now() })
}

describe('the exam clock', () => {
  it('stands still while it is stopped, and runs on with what was left', () => {
    openTask(task, <ExamClock />, 't1')
    act(startClock)
    vi.setSystemTime(START + minutes(15))
    act(pauseClock)
    vi.setSystemTime(START + minutes(40))
    expect(left()).toBe(60 * 60)
    act(resumeClock)
    vi.setSystemTime(START + minutes(50))
    expect(left()).toBe(50 * 60)
  })

  it('is set by the clock on the wall, running or not, and taken back', () => {
    openTask(task, <ExamClock />, 't1')
    act(startClock)
    vi.setSystemTime(START + minutes(5))
    act(() => setMinutesLeft(30))
    expect(left()).toBe(30 * 60)
    act(pauseClock)
    vi.setSystemTime(START + minutes(9))
    act(() => setMinutesLeft(20))
    expect(left()).toBe(20 * 60)
    act(resetClock)
    expect(nowOpen()).not.toHaveProperty('started')
    expect(nowOpen()).not.toHaveProperty('paused')
  })

  it('speaks up at the marks that were set, and when the time is over', () => {
    openTask(task, <ExamClock />, 't1')
    act(startClock)
    const at = (count: number) => {
      vi.setSystemTime(START + minutes(count) - 1000)
      act(() => void vi.advanceTimersByTime(1000))
    }
    at(64)
    expect(toast).not.toHaveBeenCalled()
    at(65)
    expect(toast).toHaveBeenLastCalledWith('10 minutes left.', expect.anything())
    at(74)
    expect(toast).toHaveBeenLastCalledWith('1 minute left.', expect.anything())
    at(75)
    expect(toast).toHaveBeenLastCalledWith('The time is over.', expect.anything())
  })

  it('takes marks and minutes as they are typed, and says what is none', () => {
    openTask(task, <ExamClock />, 't1')
    act(startClock)
    render(
      <MemoryRouter>
        <ClockDialog left={3600} onClose={() => {}} />
      </MemoryRouter>,
    )
    const type = (label: string, text: string) => {
      const field = screen.getByLabelText(label)
      fireEvent.change(field, { target: { value: text } })
      fireEvent.blur(field)
    }
    const marks = 'Speak up at so many minutes before the end'
    type(marks, '15, soon, 3')
    screen.getByText('soon is no number of minutes: write for example 10, 5, 1.')
    expect(useClockChoice.getState().marks).toEqual([10, 5, 1])
    type(marks, '15, 3; 3 30')
    expect(useClockChoice.getState().marks).toEqual([30, 15, 3])
    type('Minutes left now', 'half an hour')
    screen.getByText(/half an hour is no number of minutes/)
    type('Minutes left now', '0')
    expect(left()).toBe(0)
  })
})

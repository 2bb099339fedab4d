import type { Task } from '@hop-lark/core/record'
import { create } from 'zustand'
import { persist } from 'zustand/middleware'
import { useNotebook } from '../notebook/store.ts'

const edit = (says: string, change: (task: Task) => void) => useNotebook.getState().edit(says, change)
const isoAt = (milliseconds: number) => new Date(milliseconds).toISOString()

/** Starts the exam clock with all its minutes. */
export const startClock = (): void =>
  edit('start the clock', (task) => {
    task.started = isoAt(Date.now())
    delete task.paused
  })

/** Lets the clock stand still, as for a fire alarm. */
export const pauseClock = (): void =>
  edit('stop the clock', (task) => {
    if (task.started !== undefined) task.paused = isoAt(Date.now())
  })

/** Lets it run on with what was left. */
export const resumeClock = (): void =>
  edit('let the clock run on', (task) => {
    if (task.started === undefined || task.paused === undefined) return
    task.started = isoAt(Date.parse(task.started) + Date.now() - Date.parse(task.paused))
    delete task.paused
  })

/** Sets how many minutes are left, by the clock on the wall. */
export const setMinutesLeft = (left: number): void =>
  edit('set the clock', (task) => {
    const minutes = task.minutes ?? left
    task.minutes = minutes
    const now = task.paused === undefined ? Date.now() : Date.parse(task.paused)
    task.started = isoAt(now - (minutes - left) * 60_000)
  })

/** Takes the clock back to where it was before it was started. */
export const resetClock = (): void =>
  edit('take the clock back', (task) => {
    delete task.started
    delete task.paused
  })

interface ClockChoice {
  /** Minutes before the end at which something is said. */
  readonly marks: readonly number[]
  /** Whether it is heard too. */
  readonly sound: boolean
  readonly setMarks: (marks: readonly number[]) => void
  readonly setSound: (sound: boolean) => void
}

/** When and how the clock speaks up, remembered on the device. */
export const useClockChoice = create<ClockChoice>()(
  persist(
    (set) => ({
      marks: [10, 5, 1],
      sound: false,
      setMarks: (marks) => set({ marks }),
      setSound: (sound) => set({ sound }),
    }),
    { name: 'hop-lark-clock' },
  ),
)

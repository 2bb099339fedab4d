import type { Task } from '@hop-lark/core/record'
import { useEffect, useState } from 'react'
import { useNotebook } from '../notebook/store.ts'

export type StepTimes = NonNullable<NonNullable<Task['brief']>['steps']>[number]

/** Writes the times of a step of the run sheet. */
export function timeStep(says: string, id: string, change: (times: StepTimes) => void): void {
  useNotebook.getState().edit(says, (task) => {
    if (!task.brief) return
    const steps = task.brief.steps ?? []
    const known = steps.find((one) => one.id === id)
    const times = known ?? { id }
    change(times)
    task.brief.steps = known ? steps : [...steps, times]
  })
}

/** The moment, told again every second while a step is under way. */
export function useMoment(running: boolean): string {
  const [now, setNow] = useState(() => new Date().toISOString())
  useEffect(() => {
    if (!running) return
    setNow(new Date().toISOString())
    const timer = setInterval(() => setNow(new Date().toISOString()), 1000)
    return () => clearInterval(timer)
  }, [running])
  return now
}

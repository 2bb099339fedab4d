import type { Task } from '@hop-lark/core/record'
import { useNotebook } from '../notebook/store.ts'

export type StepTimes = NonNullable<NonNullable<Task['brief']>['steps']>[number]

/** Minutes as they are typed; `undefined` where they are none, or more than can be meant. */
export function minutesTyped(text: string, most: number): number | undefined {
  const minutes = Number(text.trim().replace(',', '.'))
  return text.trim() !== '' && Number.isFinite(minutes) && minutes >= 0 && minutes <= most ? minutes : undefined
}

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

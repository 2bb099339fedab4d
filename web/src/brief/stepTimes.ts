import type { Task } from '@hop-lark/core/record'
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

import { questionTitle, reckonTask } from '../reckon/index.ts'
import type { Task } from '../record/index.ts'
import { stagesOf } from './stages.ts'

/** What the shelf shows of a task without opening it. */
export interface Summary {
  readonly stages: readonly { readonly title: string; readonly state: string; readonly figure: string }[]
  readonly answers: readonly { readonly says: string; readonly value: string; readonly unit: string }[]
}

/** Sums a task up for the shelf: how far each stage is, and the answers so far. */
export function summariseTask(task: Task): Summary {
  const reckoning = reckonTask(task)
  return {
    stages: stagesOf(task, reckoning).map(({ title, state, figure }) => ({ title, state, figure })),
    answers: reckoning.answers.flatMap((answer) => {
      const question = task.questions.find(({ id }) => id === answer.question)
      return question && answer.value !== null
        ? [{ says: questionTitle(task, question), value: answer.value, unit: answer.unit }]
        : []
    }),
  }
}

import { questionTitle, reckonTask } from '../reckon/index.ts'
import type { Task } from '../record/index.ts'
import { type Stage, stagesOf } from './stages.ts'

/** How far the record of a task is, by the stages between the sheet and the report: nothing entered yet, every one done, or in between. */
export type Progress = 'new' | 'begun' | 'done'

function progressOf(stages: readonly Stage[]): Progress {
  const between = stages.filter(({ kind }) => kind !== 'brief' && kind !== 'write-up')
  if (between.every(({ state }) => state === 'empty')) return 'new'
  return between.every(({ state }) => state === 'done') ? 'done' : 'begun'
}

/** What the shelf shows of a task without opening it. */
export interface Summary {
  readonly progress: Progress
  readonly stages: readonly { readonly title: string; readonly state: string; readonly figure: string }[]
  readonly answers: readonly { readonly says: string; readonly value: string; readonly unit: string }[]
}

/** Sums a task up for the shelf: how far each stage is, and the answers so far. */
export function summariseTask(task: Task): Summary {
  const reckoning = reckonTask(task)
  const stages = stagesOf(task, reckoning)
  return {
    progress: progressOf(stages),
    stages: stages.map(({ title, state, figure }) => ({ title, state, figure })),
    answers: reckoning.answers.flatMap((answer) => {
      const question = task.questions.find(({ id }) => id === answer.question)
      return question && answer.value !== null
        ? [{ says: questionTitle(task, question), value: answer.value, unit: answer.unit }]
        : []
    }),
  }
}

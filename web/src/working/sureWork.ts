import type { Answer } from '@hop-lark/core/reckon'
import type { Task } from '@hop-lark/core/record'
import { type Sure, sureAnswers } from '@hop-lark/core/uncertainty'

/** How sure answers are, away from the page: an answer of a thousand weighed runs takes longer than a frame. */
export const sureWork = {
  sureAnswers: async (task: Task, answers: readonly Answer[]): Promise<ReadonlyMap<string, Sure>> => sureAnswers(task, answers),
}

export type SureWork = typeof sureWork

import { verdictsIn } from '@hop-lark/core/identify'
import type { Task } from '@hop-lark/core/record'
import { factsOf, type Manner, type Report, reportOf } from '@hop-lark/core/writeup'

/** Writing up, away from the page. What was identified is remembered as long as the worker lives. */
export const writeupWork = {
  /** The report as far as it is known without looking at tubes, which takes longest. */
  atOnce: async (task: Task, manner: Manner): Promise<Report> => reportOf(factsOf(task), manner),
  report: async (task: Task, manner: Manner): Promise<Report> => reportOf(factsOf(task, verdictsIn(task)), manner),
}

export type WriteupWork = typeof writeupWork

import { verdictsIn } from '@hop-lark/core/identify'
import type { Task } from '@hop-lark/core/record'
import { factsOf, type Look, lookAt, type Manner, type Report, reportOf } from '@hop-lark/core/writeup'

/** A report, and what an examiner would say to it. */
export interface WrittenUp {
  readonly report: Report
  readonly look: Look
}

const writtenUp = (facts: ReturnType<typeof factsOf>, manner: Manner): WrittenUp => ({
  report: reportOf(facts, manner),
  look: lookAt(facts),
})

/** Writing up, away from the page. What was identified is remembered as long as the worker lives. */
export const writeupWork = {
  /** The report as far as it is known without looking at tubes, which takes longest. */
  atOnce: async (task: Task, manner: Manner): Promise<WrittenUp> => writtenUp(factsOf(task), manner),
  whole: async (task: Task, manner: Manner): Promise<WrittenUp> => writtenUp(factsOf(task, verdictsIn(task)), manner),
}

export type WriteupWork = typeof writeupWork

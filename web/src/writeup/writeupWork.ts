import { identifyRack, knownOf, type SampleVerdict } from '@hop-lark/core/identify'
import type { Task } from '@hop-lark/core/record'
import { factsOf, type Manner, type Report, reportOf } from '@hop-lark/core/writeup'

/** What the tubes of a task show, by material. */
function verdictsOf(task: Task): ReadonlyMap<string, SampleVerdict> {
  return new Map(
    task.parts.flatMap((part) =>
      part.kind === 'rack'
        ? identifyRack(part.samples, knownOf(task, part)).map((verdict) => [verdict.material, verdict] as const)
        : [],
    ),
  )
}

/** Writing up, away from the page. What was identified is remembered as long as the worker lives. */
export const writeupWork = {
  /** The report as far as it is known without looking at tubes, which takes longest. */
  atOnce: async (task: Task, manner: Manner): Promise<Report> => reportOf(factsOf(task), manner),
  report: async (task: Task, manner: Manner): Promise<Report> => reportOf(factsOf(task, verdictsOf(task)), manner),
}

export type WriteupWork = typeof writeupWork

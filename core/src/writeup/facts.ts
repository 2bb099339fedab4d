import { checkTask } from '../check/index.ts'
import type { SampleVerdict } from '../identify/index.ts'
import type { Problem } from '../problem/index.ts'
import { type Reckoning, reckonTask } from '../reckon/index.ts'
import type { Task } from '../record/index.ts'
import { type Sure, sureAnswers } from '../uncertainty/index.ts'

/** What a report is written from: the record, and all that follows from it. */
export interface Facts {
  readonly task: Task
  readonly reckoning: Reckoning
  readonly sure: ReadonlyMap<string, Sure>
  readonly problems: readonly Problem[]
  /** What the tubes show, by material; empty where nobody worked it out. */
  readonly verdicts: ReadonlyMap<string, SampleVerdict>
}

/**
 * Gathers what a report is written from.
 *
 * @param verdicts - what the tubes show; identifying takes its time, so the caller does it where it has the time
 */
export function factsOf(task: Task, verdicts: Facts['verdicts'] = new Map()): Facts {
  const reckoning = reckonTask(task)
  return {
    task,
    reckoning,
    sure: sureAnswers(task, reckoning.answers),
    problems: checkTask(task, reckoning),
    verdicts,
  }
}

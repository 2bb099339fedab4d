import { mergeTasks, type Task } from '@hop-lark/core/record'

/** One thing the student did, with the task before and after it. */
export interface Step {
  readonly before: Task
  readonly after: Task
  readonly says: string
}

export interface History {
  readonly past: readonly Step[]
  readonly future: readonly Step[]
}

export const NOTHING_DONE: History = { past: [], future: [] }
/** Steps share most of their task, so a long memory is cheap. */
const MOST_STEPS = 200

/** Remembers a step; what had been undone can no longer be redone. */
export function remember({ past }: History, step: Step): History {
  return { past: [...past, step].slice(-MOST_STEPS), future: [] }
}

/** Takes the last step back, leaving alone what others have written since. */
export function undo({ past, future }: History, task: Task): { history: History; task: Task; step: Step } | undefined {
  const step = past.at(-1)
  if (!step) return undefined
  return {
    history: { past: past.slice(0, -1), future: [step, ...future] },
    task: mergeTasks(step.after, step.before, task).task,
    step,
  }
}

/** Does the last undone step again. */
export function redo({ past, future }: History, task: Task): { history: History; task: Task; step: Step } | undefined {
  const [step, ...rest] = future
  if (!step) return undefined
  return {
    history: { past: [...past, step], future: rest },
    task: mergeTasks(step.before, step.after, task).task,
    step,
  }
}

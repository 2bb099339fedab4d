import { checkTask } from '@hop-lark/core/check'
import type { Problem } from '@hop-lark/core/problem'
import { type Reckoning, reckonTask } from '@hop-lark/core/reckon'
import type { PartOf, Task } from '@hop-lark/core/record'
import { type Stage, stagesOf } from '@hop-lark/core/stages'
import { type Assessment, adviseNextRun, massesFrom, type NextRun, type TitrationSetting } from '@hop-lark/core/titration'
import { useDeferredValue } from 'react'
import { useNotebook } from './store.ts'

/** Everything that follows from the record, worked out once for each state of it. */
export interface Derived {
  readonly reckoning: Reckoning
  readonly problems: readonly Problem[]
  readonly stages: readonly Stage[]
  readonly setting: TitrationSetting
}

// Tasks are never changed in place, so what follows from one can be kept with it.
const KNOWN = new WeakMap<Task, Derived>()

/** What follows from a task; the same object for the same task. */
export function derive(task: Task): Derived {
  const known = KNOWN.get(task)
  if (known) return known
  const reckoning = reckonTask(task)
  const derived: Derived = {
    reckoning,
    problems: checkTask(task, reckoning),
    stages: stagesOf(task, reckoning),
    setting: { conventions: task.conventions, massOfRun: massesFrom(task) },
  }
  KNOWN.set(task, derived)
  return derived
}

/** The open task. Pages below the notebook's gate always have one. */
export function useTask(): Task {
  const task = useNotebook((state) => state.task)
  if (!task) throw new Error('This page was shown before a task was open.')
  return task
}

/**
 * The open task as what surrounds the work shows it: the page draws it when it has time, so that typing never waits for
 * all that follows from a reading. It may be a state behind: nothing may be written from it but by name.
 */
export function useSettledTask(): Task {
  return useDeferredValue(useTask())
}

export function useDerived(): Derived {
  return derive(useTask())
}

/** A titration with what its runs come to and what to do next. */
export function useTitration(part: PartOf<'titration'>): { readonly assessment: Assessment; readonly next: NextRun } {
  const { reckoning, setting } = useDerived()
  const assessment = reckoning.assessments.get(part.id)
  if (!assessment) throw new Error(`No titration ${part.id} in this task.`)
  return { assessment, next: adviseNextRun(part, assessment, setting) }
}

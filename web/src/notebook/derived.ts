import { checkTask, worstByPlace } from '@hop-lark/core/check'
import type { Level, Problem } from '@hop-lark/core/problem'
import { type Reckoning, reckonTask } from '@hop-lark/core/reckon'
import { type PartOf, type Path, type Task, writePath } from '@hop-lark/core/record'
import { type Stage, stagesOf } from '@hop-lark/core/stages'
import {
  type Assessment,
  adviseNextRun,
  assessTitration,
  massesFrom,
  type NextRun,
  type TitrationSetting,
} from '@hop-lark/core/titration'
import { useDeferredValue } from 'react'
import { useNotebook } from './store.ts'

/** What follows from the record, each worked out when it is first asked for: what a page does not show is not waited for. */
export class Derived {
  private readonly task: Task
  readonly setting: TitrationSetting
  private reckoned: Reckoning | undefined
  private checked: readonly Problem[] | undefined
  private levels: ReadonlyMap<string, Level> | undefined
  private staged: readonly Stage[] | undefined
  private readonly assessed = new Map<PartOf<'titration'>, Assessment>()

  constructor(task: Task) {
    this.task = task
    this.setting = { conventions: task.conventions, massOfRun: massesFrom(task) }
  }

  /** What the runs of a titration of this task come to, without all that follows from them. */
  assessmentOf(part: PartOf<'titration'>): Assessment {
    const known = this.assessed.get(part)
    if (known) return known
    const found = assessTitration(part, this.setting)
    this.assessed.set(part, found)
    return found
  }

  get reckoning(): Reckoning {
    this.reckoned ??= reckonTask(this.task)
    return this.reckoned
  }

  get problems(): readonly Problem[] {
    this.checked ??= checkTask(this.task, this.reckoning)
    return this.checked
  }

  /** The worst that is wrong at a place. */
  worstAt(at: Path): Level | undefined {
    this.levels ??= worstByPlace(this.problems)
    return this.levels.get(writePath(at))
  }

  get stages(): readonly Stage[] {
    this.staged ??= stagesOf(this.task, this.reckoning)
    return this.staged
  }
}

// Tasks are never changed in place, so what follows from one can be kept with it.
const KNOWN = new WeakMap<Task, Derived>()

/** What follows from a task; the same object for the same task. */
export function derive(task: Task): Derived {
  const known = KNOWN.get(task)
  if (known) return known
  const derived = new Derived(task)
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
  const derived = useDerived()
  const assessment = derived.assessmentOf(part)
  return { assessment, next: adviseNextRun(part, assessment, derived.setting) }
}

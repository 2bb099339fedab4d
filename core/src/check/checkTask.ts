import { checkChromatogram } from '../chromatogram/index.ts'
import { checkHeating } from '../heating/index.ts'
import type { Problem } from '../problem/index.ts'
import { type Reckoning, reckonTask } from '../reckon/index.ts'
import type { Task } from '../record/index.ts'
import { checkTitration, massesFrom } from '../titration/index.ts'
import { checkFormulae } from './formulae.ts'
import { checkObservations } from './observations.ts'
import { checkReferences } from './references.ts'
import { checkRivals } from './rivals.ts'
import { checkWeighing } from './weighings.ts'

/** Everything in the record that looks wrong, in the order of the record, without working anything out. */
export function recordProblems(task: Task): readonly Problem[] {
  const setting = { conventions: task.conventions, massOfRun: massesFrom(task) }
  return [
    ...checkReferences(task),
    ...checkFormulae(task),
    ...task.parts.flatMap((part) => {
      if (part.kind === 'weighing') return checkWeighing(task, part)
      if (part.kind === 'heating') return checkHeating(part)
      if (part.kind === 'rack') return checkObservations(part)
      if (part.kind === 'chromatogram') return checkChromatogram(part)
      return part.kind === 'titration' ? checkTitration(part, setting) : []
    }),
    ...checkRivals(task),
  ]
}

/**
 * Everything that looks wrong: in the record, and in what it comes to (a percentage over 100).
 *
 * @param reckoning - the task worked out, if that has been done already
 */
export function checkTask(task: Task, reckoning: Reckoning = reckonTask(task)): readonly Problem[] {
  return [...recordProblems(task), ...reckoning.problems]
}

import { checkChromatogram } from '../chromatogram/index.ts'
import { checkHeating } from '../heating/index.ts'
import type { Problem } from '../problem/index.ts'
import { type Reckoning, reckonTask } from '../reckon/index.ts'
import { byKind, type Task } from '../record/index.ts'
import { checkTitration, massesFrom, type TitrationSetting } from '../titration/index.ts'
import { checkCircles } from './circles.ts'
import { checkFormulae } from './formulae.ts'
import { checkLabels } from './labels.ts'
import { checkObservations } from './observations.ts'
import { checkQuestions } from './questions.ts'
import { checkReferences } from './references.ts'
import { checkRivals } from './rivals.ts'
import { checkSeries } from './series.ts'
import { checkSetUp } from './setUp.ts'
import { checkVolumes } from './volumes.ts'
import { checkWeighing } from './weighings.ts'

/** A solution and a note cannot be wrong by themselves. */
const NOTHING_WRONG = () => []

const checkPart = byKind<readonly Problem[], [task: Task, setting: TitrationSetting]>({
  weighing: (part, task) => checkWeighing(task, part),
  solution: NOTHING_WRONG,
  titration: (part, task, setting) => [...checkSetUp(task, part), ...checkTitration(part, setting)],
  heating: checkHeating,
  series: checkSeries,
  rack: (part, { materials }) =>
    checkObservations(part, new Set(materials.flatMap(({ id, form }) => (form === 'liquid' ? [id] : [])))),
  chromatogram: checkChromatogram,
  note: NOTHING_WRONG,
})

/** Everything in the record that looks wrong, in the order of the record, without working anything out. */
export function recordProblems(task: Task): readonly Problem[] {
  const setting = { conventions: task.conventions, massOfRun: massesFrom(task) }
  return [
    ...checkReferences(task),
    ...checkCircles(task),
    ...checkQuestions(task),
    ...checkVolumes(task),
    ...checkFormulae(task),
    ...checkLabels(task),
    ...task.parts.flatMap((part) => checkPart(part, task, setting)),
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

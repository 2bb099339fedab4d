import type { Exact } from '../number/index.ts'
import { type Conventions, type Run, type Task, weighingOf } from '../record/index.ts'
import { type WeighedMass, weighedMass } from './weighedMass.ts'

/** The masses that go with runs, in g, where each run has its own. */
export interface TitrationSetting {
  readonly conventions: Conventions
  readonly massOfRun?: (run: Run) => Exact | undefined
}

/** Mass of the weighing with an id, or undefined where there is none yet. */
export function massOfWeighing(task: Task, id: string): WeighedMass | undefined {
  const weighing = weighingOf(task, id)
  return weighing && weighedMass(weighing)
}

/** How masses of runs are found in a task: from the weighing that belongs to the run. */
export function massesFrom(task: Task): (run: Run) => Exact | undefined {
  return ({ weighing }) => (weighing === undefined ? undefined : massOfWeighing(task, weighing)?.mass)
}

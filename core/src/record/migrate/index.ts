import { TASK_VERSION } from '../version.ts'
import { withAllConventions } from './allConventions.ts'
import { fromVersion1 } from './fromVersion1.ts'

/** What brings a file of each older version to the next one, by the version it has. */
const STEPS: Readonly<Record<number, (document: Readonly<Record<string, unknown>>) => Record<string, unknown>>> = {
  1: fromVersion1,
}

/**
 * Brings a task file of an older version to the one of today, and gives it the conventions that are newer than it. Nothing in it is lost, and the same file always becomes the
 * same, on every device. What stands wrong in it is left for the schema to tell.
 */
export function migrateTask(document: Readonly<Record<string, unknown>>): Readonly<Record<string, unknown>> {
  let now = document
  while (typeof now.version === 'number' && now.version < TASK_VERSION) {
    const step = STEPS[now.version]
    if (!step) return now
    now = step(now)
  }
  return now.version === TASK_VERSION ? withAllConventions(now) : now
}

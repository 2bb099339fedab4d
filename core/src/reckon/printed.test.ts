import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { readTaskText, type Task } from '../record/index.ts'
import { reckonTask } from './index.ts'
import { CARRIES, SCHOOLS } from './testing/knownTruth.ts'
import { isReadOff, readAgain } from './testing/printed.ts'

const DEMO = new URL('../../../demo/', import.meta.url)
const DEMOS = readdirSync(DEMO).map((file) => [file, readTaskText(readFileSync(new URL(file, DEMO), 'utf8'))] as const)

/** Tasks in which nothing is worked out, or nothing has been read yet. */
const WITHOUT_NUMBERS: ReadonlySet<string> = new Set(
  ['dyes-of-lichen-inks', 'four-jars', 'paper-from-the-pier', 'plan-of-a-rate'].map((name) => `${name}.hoplark.json`),
)

/** Every printed line of a task, in every school and both ways of carrying figures. */
function expectLinesToFollow(task: Task): number {
  let lines = 0
  for (const working of SCHOOLS) {
    for (const carry of CARRIES) {
      for (const { steps } of reckonTask({ ...task, conventions: { ...task.conventions, working, carry } }).answers) {
        for (const step of steps.filter((step) => !isReadOff(step))) {
          lines++
          const { found, printed } = readAgain(step)
          expect(found, `${working}, ${carry}: ${step.says}: ${step.substituted} = ${step.value}`).toBe(printed)
        }
      }
    }
  }
  return lines
}

describe('a printed line', () => {
  it.each(DEMOS)('of %s follows from the numbers printed in it', (file, task) => {
    const lines = expectLinesToFollow(task)
    expect(lines > 0).toBe(!WITHOUT_NUMBERS.has(file))
  })
})

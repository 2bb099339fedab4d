import { readdirSync, readFileSync } from 'node:fs'
import { verdictsIn } from '../../identify/index.ts'
import { readTask, readTaskText, type Task } from '../../record/index.ts'
import { type Facts, factsOf } from '../facts.ts'

const FOLDER = new URL('../../../../demo/', import.meta.url)

/** Names of the demo tasks. */
export const DEMOS: readonly string[] = readdirSync(FOLDER).map((file) => file.replace('.hoplark.json', ''))

/** A demo task, with something of it changed. */
export function demo(name: string, change: (draft: Task) => void = () => {}): Task {
  const draft = structuredClone(readTaskText(readFileSync(new URL(`${name}.hoplark.json`, FOLDER), 'utf8')))
  change(draft)
  return readTask(draft)
}

/** All that a report of a task is written from, its tubes looked at. */
export const factsWithTubes = (task: Task): Facts => factsOf(task, verdictsIn(task))

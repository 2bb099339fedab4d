import { readFileSync } from 'node:fs'
import { readTask, readTaskText, type Task } from '../../record/index.ts'
import { reckonTask } from '../index.ts'

/** A demo task. */
export const demo = (name: string): Task =>
  readTaskText(readFileSync(new URL(`../../../../demo/${name}.hoplark.json`, import.meta.url), 'utf8'))

/** The answer to a question of a task. */
export function answerOf(task: Task, question: string) {
  const found = reckonTask(task).answers.find((answer) => answer.question === question)
  if (!found) throw new Error(`no question ${question}`)
  return found
}

/** A task from its parts alone. */
export function task(parts: object): Task {
  return readTask({ format: 'hop-lark/task', version: 1, id: 'x', title: 'x', ...parts })
}

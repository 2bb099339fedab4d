import type { Problem } from '../problem/index.ts'
import { judgeOwnLines } from '../reckon/index.ts'
import { path, type Task } from '../record/index.ts'
import { recordProblem } from './says.ts'

/** Lines that the student worked out and that are not right. The page says so beside the line; who has no page reads it here. */
export function checkOwnLines(task: Task): readonly Problem[] {
  return task.questions.flatMap((question) =>
    judgeOwnLines(task, question)
      .filter(({ verdict }) => verdict !== 'right')
      .map(({ line, says }) => recordProblem('own.line', path('questions', question.id, 'own', line), { says })),
  )
}

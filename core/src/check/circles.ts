import type { Problem } from '../problem/index.ts'
import { circularSolutions, materialLabel, path, type Task } from '../record/index.ts'
import { recordProblem } from './says.ts'

/** Solutions that would be made up from themselves, straight or by way of others; and titrations that go on with themselves. */
export function checkCircles(task: Task): readonly Problem[] {
  const solutions = [...circularSolutions(task)].map((id) => {
    const part = task.parts.find((one) => one.id === id)
    const of = part?.kind === 'solution' ? materialLabel(task, part.gives) : id
    return recordProblem('solution.ofItself', path('parts', id, 'gives'), { of })
  })
  const titrations = task.parts.flatMap((part) =>
    part.kind === 'titration' && part.continues === part.id
      ? [recordProblem('titration.ofItself', path('parts', part.id, 'continues'), {})]
      : [],
  )
  return [...solutions, ...titrations]
}

import type { Problem } from '../problem/index.ts'
import { itemName, type Path, path, type Task } from '../record/index.ts'
import { recordProblem } from './says.ts'

interface Rivalled {
  readonly value: string
  readonly rival: { readonly value: string }
}

function isRivalled(value: object): value is Rivalled {
  return 'rival' in value && 'value' in value
}

/** Walks the parts and finds readings that were entered differently in two places at once. */
function findRivals(here: unknown, at: Path): readonly Problem[] {
  if (typeof here !== 'object' || here === null) return []
  if (isRivalled(here)) {
    return [recordProblem('reading.rival', at, { value: here.value, rival: here.rival.value })]
  }
  return Object.entries(here).flatMap(([key, value]) =>
    findRivals(value, [...at, (Array.isArray(here) ? itemName(value) : undefined) ?? key]),
  )
}

/** Readings with two values that nobody has chosen between yet. */
export function checkRivals(task: Task): readonly Problem[] {
  return findRivals(task.parts, path('parts'))
}

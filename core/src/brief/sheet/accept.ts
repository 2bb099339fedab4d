import { type Conventions, DEFAULT_CONVENTIONS, type Task } from '../../record/index.ts'
import type { Makes, RunStep } from '../steps/step.ts'
import { neededBy, neededFor, putInOrder } from './parts.ts'
import type { SheetReading } from './readSheet.ts'

/** Everything that a sheet makes. */
export const makesAll = ({ task }: SheetReading): Makes => ({
  materials: task.materials.map(({ id }) => id),
  parts: task.parts.map(({ id }) => id),
  questions: task.questions.map(({ id }) => id),
})

/** What is wanted with all that it needs. */
function withNeeds(
  draft: Task,
  wanted: Makes,
): { materials: ReadonlySet<string>; parts: ReadonlySet<string>; questions: ReadonlySet<string> } {
  const [materials, parts] = [new Set(wanted.materials), new Set(wanted.parts)]
  const places = draft.questions.filter(({ id }) => wanted.questions.includes(id)).flatMap(neededFor)
  for (const place of places) (draft.parts.some(({ id }) => id === place) ? parts : materials).add(place)
  // A set is gone through to its end, what is added on the way included.
  for (const id of parts) {
    const part = draft.parts.find((one) => one.id === id)
    if (!part) continue
    for (const material of neededBy(part).materials) materials.add(material)
    for (const other of neededBy(part).parts) parts.add(other)
  }
  return { materials, parts, questions: new Set(wanted.questions) }
}

/** The school's ways that a sheet states, over those of the task; what it does not state stays. */
function withStated(own: Conventions, stated: Conventions): Conventions {
  const told = Object.entries(stated).filter(
    ([name, value]) => JSON.stringify(value) !== JSON.stringify(DEFAULT_CONVENTIONS[name as keyof Conventions]),
  )
  return { ...own, ...Object.fromEntries(told) }
}

/**
 * Takes what a sheet was read into, or some of it, into a task. What the task has already, by name, stays as it is.
 *
 * @param wanted - which of it; all that it needs comes with it
 */
export function acceptSheet(task: Task, { task: draft }: SheetReading, wanted: Makes): Task {
  const { materials, parts, questions } = withNeeds(draft, wanted)
  const putAll = <One extends { readonly id: string }>(list: readonly One[], from: readonly One[], ids: ReadonlySet<string>) =>
    from.filter(({ id }) => ids.has(id)).reduce<readonly One[]>((all, item) => putInOrder(all, item, from), list)
  const minutes = task.minutes ?? draft.minutes
  return {
    ...task,
    ...(minutes === undefined ? {} : { minutes }),
    conventions: withStated(task.conventions, draft.conventions),
    materials: [...putAll(task.materials, draft.materials, materials)],
    parts: [...putAll(task.parts, draft.parts, parts)],
    questions: [...putAll(task.questions, draft.questions, questions)],
  }
}

/** How far a step has been taken into a task; a step that makes nothing is neither. */
export function isAccepted(task: Task, { makes }: Pick<RunStep, 'makes'>): boolean | undefined {
  const has = (list: readonly { readonly id: string }[], ids: readonly string[]) =>
    ids.every((id) => list.some((one) => one.id === id))
  if (makes.materials.length + makes.parts.length + makes.questions.length === 0) return undefined
  return has(task.materials, makes.materials) && has(task.parts, makes.parts) && has(task.questions, makes.questions)
}

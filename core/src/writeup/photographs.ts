import { isWithin, type Photograph, path, readPath, type Task } from '../record/index.ts'
import { placeName } from '../stages/index.ts'
import type { Block, Proposed } from './report.ts'

const captionOf = (task: Task, { says, of }: Photograph) =>
  [placeName(task, readPath(of)), says?.trim()].filter(Boolean).join(': ')

/** The photographs of some parts, with what they show, in the order in which they were attached. */
export function photographBlocks(task: Task, parts: readonly string[]): readonly Block<Proposed>[] {
  return (task.photographs ?? [])
    .filter(({ of }) => parts.some((id) => isWithin(readPath(of), path('parts', id))))
    .map((photograph) => ({ kind: 'photograph', photograph, caption: captionOf(task, photograph) }))
}

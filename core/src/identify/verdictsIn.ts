import type { Task } from '../record/index.ts'
import { identifyRack, type SampleVerdict } from './identify.ts'
import { knownOf } from './record.ts'

/** What the tubes of a task show, by material. It is worked out anew where it is not remembered: seconds for many samples. */
export function verdictsIn(task: Task): ReadonlyMap<string, SampleVerdict> {
  return new Map(
    task.parts.flatMap((part) =>
      part.kind === 'rack'
        ? identifyRack(part.samples, knownOf(task, part)).map((verdict) => [verdict.material, verdict] as const)
        : [],
    ),
  )
}

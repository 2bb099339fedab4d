import { Exact } from '../number/index.ts'
import type { Problem } from '../problem/index.ts'
import { type Entry, entryText, materialLabel, type Part, type Path, path, type Task } from '../record/index.ts'
import { recordProblem } from './says.ts'

interface Volume {
  readonly at: Path
  readonly entry: Entry | undefined
  readonly of: string
}

function volumesOf(task: Task, part: Part): readonly Volume[] {
  const at = (...fields: readonly (string | number)[]) => path('parts', part.id, ...fields)
  const label = (material: string) => materialLabel(task, material)
  if (part.kind === 'titration')
    return part.flask.flatMap((content, index) =>
      'material' in content ? [{ at: at('flask', index, 'volume'), entry: content.volume, of: label(content.material) }] : [],
    )
  if (part.kind !== 'solution') return []
  return [
    { at: at('flask'), entry: part.flask, of: label(part.gives) },
    ...part.from.flatMap((source, index) =>
      'material' in source ? [{ at: at('from', index, 'volume'), entry: source.volume, of: label(source.material) }] : [],
    ),
  ]
}

/** Volumes that cannot be: nought or below it. */
export function checkVolumes(task: Task): readonly Problem[] {
  return task.parts
    .flatMap((part) => volumesOf(task, part))
    .flatMap(({ at, entry, of }) => {
      const text = entry === undefined ? undefined : entryText(entry)
      return text === undefined || new Exact(text).gt(0) ? [] : [recordProblem('volume.notPositive', at, { text, of })]
    })
}

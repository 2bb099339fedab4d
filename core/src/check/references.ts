import type { Problem } from '../problem/index.ts'
import { type Part, type Path, path, type Task } from '../record/index.ts'

interface Reference {
  readonly at: Path
  readonly id: string
  readonly to: 'material' | 'weighing'
}

function referencesOf(part: Part): readonly Reference[] {
  const reference =
    (to: Reference['to']) =>
    (id: string, ...at: readonly (string | number)[]): Reference => ({ at: path('parts', part.id, ...at), id, to })
  const [material, weighing] = [reference('material'), reference('weighing')]
  switch (part.kind) {
    case 'weighing':
    case 'heating':
      return [material(part.of, 'of')]
    case 'solution':
      return [
        ...part.from.map((source, index) =>
          'weighing' in source ? weighing(source.weighing, 'from', index) : material(source.material, 'from', index),
        ),
        material(part.gives, 'gives'),
      ]
    case 'titration':
      return [
        material(part.burette, 'burette'),
        ...part.flask.map((content, index) =>
          'weighing' in content ? weighing(content.weighing, 'flask', index) : material(content.material, 'flask', index),
        ),
        ...part.runs.flatMap((run) => (run.weighing === undefined ? [] : [weighing(run.weighing, 'runs', run.id, 'weighing')])),
      ]
    case 'rack':
      return part.samples.map(({ material: id }) => material(id, 'samples', id))
    case 'series':
    case 'chromatogram':
    case 'note':
      return []
  }
}

/** Names of materials and weighings that are used but are not in the record. */
export function checkReferences(task: Task): readonly Problem[] {
  const known = {
    material: new Set(task.materials.map(({ id }) => id)),
    weighing: new Set(task.parts.flatMap((part) => (part.kind === 'weighing' ? [part.id] : []))),
  }
  return task.parts.flatMap(referencesOf).flatMap(({ at, id, to }): Problem[] => {
    if (known[to].has(id)) return []
    const there = [...known[to]].join(', ') || 'none yet'
    return [
      {
        level: 'error',
        code: `reference.${to}`,
        at,
        says: `There is no ${to} '${id}' in this task.`,
        mend: `Choose one there is (${there}), or add it.`,
      },
    ]
  })
}

import type { Problem } from '../problem/index.ts'
import type { Part, Task } from '../record/index.ts'

interface Reference {
  readonly at: string
  readonly id: string
  readonly to: 'material' | 'weighing'
}

function referencesOf(part: Part): readonly Reference[] {
  const path = `parts.${part.id}`
  const material = (at: string, id: string): Reference => ({ at: `${path}.${at}`, id, to: 'material' })
  const weighing = (at: string, id: string): Reference => ({ at: `${path}.${at}`, id, to: 'weighing' })
  switch (part.kind) {
    case 'weighing':
    case 'heating':
      return [material('of', part.of)]
    case 'solution':
      return [
        ...part.from.map((source, index) =>
          'weighing' in source ? weighing(`from.${index}`, source.weighing) : material(`from.${index}`, source.material),
        ),
        material('gives', part.gives),
      ]
    case 'titration':
      return [
        material('burette', part.burette),
        ...part.flask.map((content, index) =>
          'weighing' in content ? weighing(`flask.${index}`, content.weighing) : material(`flask.${index}`, content.material),
        ),
        ...part.runs.flatMap((run, index) =>
          run.weighing === undefined ? [] : [weighing(`runs.${index}.weighing`, run.weighing)],
        ),
      ]
    case 'rack':
      return part.samples.map(({ material: id }, index) => material(`samples.${index}`, id))
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

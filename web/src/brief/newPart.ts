import { freshId, type Part, type Task } from '@hop-lark/core/record'

/** Kinds of stage that the sheet can add. */
type Addable = 'weighing' | 'solution' | 'titration' | 'series' | 'heating' | 'rack' | 'chromatogram'

/** Stages that can be added, with what they are called. */
export const ADDABLE: readonly (readonly [Addable, string])[] = [
  ['weighing', 'Weigh'],
  ['solution', 'Make up'],
  ['titration', 'Titrate'],
  ['heating', 'Heat'],
  ['series', 'Measure'],
  ['rack', 'Test tubes'],
  ['chromatogram', 'Chromatogram'],
]

function firstOf(task: Task, form: 'solid' | 'solution'): string {
  return task.materials.find((material) => material.form === form)?.id ?? task.materials[0]?.id ?? 'F1'
}

/** A stage of its kind with nothing in it yet. */
export function newPart(task: Task, kind: Addable): Part {
  const ids = task.parts.map(({ id }) => id)
  const solution = firstOf(task, 'solution')
  switch (kind) {
    case 'weighing':
      return { id: freshId('w', ids), kind, of: firstOf(task, 'solid') }
    case 'solution':
      return { id: freshId('s', ids), kind, from: [], flask: '250.0', gives: solution }
    case 'heating':
      return { id: freshId('h', ids), kind, of: firstOf(task, 'solid'), masses: [], lost: 'H2O' }
    case 'series':
      return {
        id: freshId('m', ids),
        kind,
        x: { name: 'volume added', unit: 'cm3' },
        y: { name: 'temperature', unit: '°C', step: '0.5' },
        points: [],
        reading: 'two-lines',
      }
    case 'rack':
      return {
        id: freshId('r', ids),
        kind,
        title: 'Tubes',
        samples: task.materials.slice(0, 1).map(({ id }) => ({ material: id, tubes: [] })),
      }
    case 'chromatogram':
      return { id: freshId('c', ids), kind, spots: [] }
    case 'titration':
      return {
        id: freshId('t', ids),
        kind,
        burette: solution,
        flask: [],
        reactions: [],
        runs: [
          { id: 'rough1', kind: 'rough' },
          { id: 'run1', kind: 'accurate' },
        ],
      }
  }
}

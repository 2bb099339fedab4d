import { freshId, type Part, type PartOf, type Task } from '@hop-lark/core/record'

type Kind = Part['kind']

/** How a stage of a kind is added: what it is called, the letter of its id, and what it begins with. */
interface Addable<Of extends Kind> {
  readonly says: string
  readonly letter: string
  readonly begin: (task: Task) => Omit<PartOf<Of>, 'id' | 'kind'>
}

function firstOf(task: Task, form: 'solid' | 'solution'): string {
  return task.materials.find((material) => material.form === form)?.id ?? task.materials[0]?.id ?? 'F1'
}

/** Stages in the order in which they are offered. A note has no page to be written on yet: it comes with a file. */
const ADDABLES: { readonly [Of in Kind]: Addable<Of> | undefined } = {
  weighing: { says: 'Weigh', letter: 'w', begin: (task) => ({ of: firstOf(task, 'solid') }) },
  solution: {
    says: 'Make up',
    letter: 's',
    begin: (task) => ({ from: [], flask: '250.0', gives: firstOf(task, 'solution') }),
  },
  titration: {
    says: 'Titrate',
    letter: 't',
    begin: (task) => ({
      burette: firstOf(task, 'solution'),
      flask: [],
      reactions: [],
      runs: [
        { id: 'rough1', kind: 'rough' },
        { id: 'run1', kind: 'accurate' },
      ],
    }),
  },
  heating: {
    says: 'Heat',
    letter: 'h',
    begin: (task) => ({ of: firstOf(task, 'solid'), masses: [], lost: 'H2O' }),
  },
  series: {
    says: 'Measure',
    letter: 'm',
    begin: () => ({
      x: { name: 'volume added', unit: 'cm3' },
      y: { name: 'temperature', unit: '°C', step: '0.5' },
      points: [],
      reading: 'two-lines',
    }),
  },
  rack: {
    says: 'Test tubes',
    letter: 'r',
    begin: (task) => ({
      title: 'Tubes',
      samples: task.materials.slice(0, 1).map(({ id }) => ({ material: id, tubes: [] })),
    }),
  },
  chromatogram: { says: 'Chromatogram', letter: 'c', begin: () => ({ spots: [] }) },
  note: undefined,
}

/** Stages that can be added, with what they are called. */
export const ADDABLE = (Object.keys(ADDABLES) as Kind[]).flatMap((kind) => {
  const says = ADDABLES[kind]?.says
  return says === undefined ? [] : [{ kind, says }]
})

/** A stage of its kind with nothing in it yet, or undefined for a kind that is not added by hand. */
export function newPart(task: Task, kind: Kind): Part | undefined {
  const addable = ADDABLES[kind]
  if (!addable) return undefined
  const ids = task.parts.map(({ id }) => id)
  // What a kind begins with is of that very kind, which TypeScript cannot follow through the index.
  return { ...addable.begin(task), id: freshId(addable.letter, ids), kind } as Part
}

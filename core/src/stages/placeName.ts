import { byKind, type Path, partTitle, stepName, type Task } from '../record/index.ts'
import { runName } from '../titration/index.ts'

const WEIGHED: Readonly<Record<string, string>> = {
  withSample: 'container and sample',
  withResidue: 'container and residue',
  container: 'empty container',
  mass: 'sample',
}

/** What a thing of a list is called by its place in it: `point 3`. */
function numbered(list: readonly { readonly id: string }[], id: string, word: string): string {
  const index = list.findIndex((one) => one.id === id)
  return index < 0 ? '' : `${word} ${index + 1}`
}

/** What is called what inside a part; empty for the part itself. */
const inside = byKind<string, [at: Path]>({
  weighing: (_, [field = '']) => WEIGHED[field] ?? '',
  solution: () => '',
  titration: ({ runs }, [list, id, field]) => {
    const index = runs.findIndex((run) => run.id === id)
    if (list !== 'runs' || index < 0) return ''
    return [runName(runs, index), ...(field === 'initial' || field === 'final' ? [`${field} reading`] : [])].join(', ')
  },
  heating: ({ masses }, [, id = '']) => numbered(masses, id, 'weighing'),
  series: ({ points }, [, id = '']) => numbered(points, id, 'point'),
  rack: ({ samples }, [, , , tubeId, , stepId]) => {
    const tube = samples.flatMap(({ tubes }) => tubes).find(({ id }) => id === tubeId)
    const step = tube?.steps.findIndex(({ id }) => id === stepId) ?? -1
    return tube ? (step < 0 ? tube.id : stepName(tube.id, step)) : ''
  },
  chromatogram: ({ spots }, [, id = '']) => numbered(spots, id, 'spot'),
  note: () => '',
})

/** What a place of the record is called in a sentence: `Titrate, run 2`; `Tubes, G1.2`; `Weigh F1, container and sample`. */
export function placeName(task: Task, [, partId, ...at]: Path): string {
  const part = task.parts.find(({ id }) => id === partId)
  if (!part) return 'something that is no longer in the record'
  return [partTitle(task, part), inside(part, at)].filter(Boolean).join(', ')
}

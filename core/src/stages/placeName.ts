import { type Path, partTitle, stepName, type Task } from '../record/index.ts'
import { runName } from '../titration/index.ts'

/** What a place of the record is called in a sentence: `Titrate, run 2`; `Tubes, G1.2`. */
export function placeName(task: Task, at: Path): string {
  const [, partId = '', list, id = ''] = at
  const part = task.parts.find((one) => one.id === partId)
  if (!part) return 'something that is no longer in the record'
  const title = partTitle(task, part)
  if (part.kind === 'titration' && list === 'runs') {
    const index = part.runs.findIndex((run) => run.id === id)
    return index < 0 ? title : `${title}, ${runName(part.runs, index)}`
  }
  if (part.kind === 'rack' && list === 'samples') {
    const [tubeId = '', , stepId] = at.slice(5)
    const tube = part.samples.flatMap(({ tubes }) => tubes).find((one) => one.id === tubeId)
    const step = tube?.steps.findIndex((one) => one.id === stepId) ?? -1
    if (!tube) return title
    return `${title}, ${step < 0 ? tube.id : stepName(tube.id, step)}`
  }
  return title
}

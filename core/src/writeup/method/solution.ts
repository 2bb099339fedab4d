import { findMaterial, materialLabel, type PartOf, path, type Task, weighingOf } from '../../record/index.ts'
import { weighedMass } from '../../titration/index.ts'
import type { Facts } from '../facts.ts'
import type { Proposed } from '../report.ts'
import { listed, measured, propose, volume } from '../words.ts'

/** What went into the flask: masses that were weighed, portions that were measured. */
function wentIn(task: Task, { from }: PartOf<'solution'>): readonly string[] {
  return from.flatMap((source) => {
    if ('material' in source) return [`${volume(task, source.volume)} of ${materialLabel(task, source.material)}`]
    const weighing = weighingOf(task, source.weighing)
    const taken = weighing && weighedMass(weighing)
    return weighing && taken ? [`the ${measured(taken.text, 'g')} of ${materialLabel(task, weighing.of)}`] : []
  })
}

/** How a solution was made up; nothing while what goes in is not weighed or its flask is not known. */
export function solutionDone(part: PartOf<'solution'>, { task }: Facts): readonly Proposed[] {
  const into = wentIn(task, part)
  if (part.flask === undefined || into.length === 0 || into.length < part.from.length) return []
  const made = materialLabel(task, part.gives)
  const note = findMaterial(task, part.gives)?.note?.trim()
  const flask = `${measured(part.flask, task.conventions.volumeUnit)} volumetric flask`
  const diluted = part.from.every((source) => 'material' in source)
  const was = into.length === 1 && diluted ? 'was' : into.length === 1 ? 'was' : 'were'
  const how = diluted
    ? `${listed(into)} ${was} measured into a ${flask} and made up to the mark`
    : `${listed(into)} ${was} brought into solution and made up to the mark in a ${flask}`
  return [propose(`method ${part.id} made up`, `${how}; this was ${made}${note ? ` (${note})` : ''}`, path('parts', part.id))]
}

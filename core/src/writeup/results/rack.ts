import type { SampleVerdict } from '../../identify/index.ts'
import { mayBeRead, meaningsIn, sayAction } from '../../rack/index.ts'
import {
  findMaterial,
  materialLabel,
  type PartOf,
  path,
  type Sample,
  type Step,
  stepName,
  type Tube,
} from '../../record/index.ts'
import { type Line, onLine, setEquation } from '../../typeset/index.ts'
import { tableOf, wordCell } from '../cells.ts'
import type { Facts } from '../facts.ts'
import type { Cell, Table } from '../report.ts'
import { written } from '../written.ts'

type Rack = PartOf<'rack'>

/** What was done first in a tube that goes on from another. */
function beginning({ from, take }: Tube): string {
  if (from === undefined) return ''
  return take === undefined ? `Going on from ${from}: ` : `With the ${take} of ${from}: `
}

/** What a step was taken to mean: by the student, else by what the record shows, where that may be told. */
function inferenceOf(step: Step, says: string | undefined, equations: readonly string[]): Line {
  const words = step.means?.trim() || says || ''
  return [...onLine(words), ...equations.flatMap((equation) => [...onLine(words ? '; ' : ''), ...setEquation(equation)])]
}

/** What was seen, with what stood there before it was corrected. */
function sawCell(step: Step, at: Cell['at']): Cell {
  const cell = wordCell(step.saw?.trim() ? written(step.saw) : '–', at)
  const struck = (step.was ?? []).flatMap(({ saw }) => (saw?.trim() && saw !== step.saw ? [{ text: saw.trim() }] : []))
  return struck.length > 0 ? { ...cell, struck } : cell
}

function rowsOfTube(rack: Rack, sample: Sample, tube: Tube, verdict: SampleVerdict | undefined) {
  const meanings = meaningsIn(tube, verdict)
  const at = (step: Step) => path('parts', rack.id, 'samples', sample.material, 'tubes', tube.id, 'steps', step.id, 'saw')
  return tube.steps.map((step, index): readonly Cell[] => {
    const done = sayAction(step)
    const said = `${index === 0 ? beginning(tube) : ''}${done}`
    const meant = meanings[index]
    return [
      wordCell(stepName(tube.id, index)),
      wordCell(said.charAt(0).toUpperCase() + said.slice(1)),
      sawCell(step, at(step)),
      { line: inferenceOf(step, step.saw?.trim() ? meant?.says : undefined, step.saw?.trim() ? (meant?.equations ?? []) : []) },
    ]
  })
}

/** The table of a sample as inorganic tables are kept: test, observation, inference, in the order in which it was done. */
export function sampleTable(facts: Facts, rack: Rack, sample: Sample): Table | undefined {
  const { task, verdicts } = facts
  const verdict = mayBeRead(rack, sample) ? verdicts.get(sample.material) : undefined
  const label = materialLabel(task, sample.material)
  const look = findMaterial(task, sample.material)?.note?.trim()
  const rows = sample.tubes.flatMap((tube) => rowsOfTube(rack, sample, tube, verdict))
  if (rows.length === 0 && !look) return undefined
  const appearance = look ? [[wordCell(''), wordCell('Appearance'), wordCell(written(look)), wordCell('')]] : []
  return tableOf({
    id: `tubes ${rack.id} ${sample.material}`,
    caption: `Tests on ${label}`,
    head: ['No.', 'Test', 'Observation', 'Inference'],
    rows: [...appearance, ...rows],
    rowsAreNamed: true,
  })
}

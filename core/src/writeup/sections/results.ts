import { laneSentence, readChromatogram } from '../../chromatogram/index.ts'
import { readSeries } from '../../curve/index.ts'
import { assessHeating } from '../../heating/index.ts'
import { symbolOf } from '../../number/index.ts'
import { byKind, materialLabel, type Part, type PartOf, partTitle, path } from '../../record/index.ts'
import { stagesOf } from '../../stages/index.ts'
import { agreementSentence, assessTitration, massesFrom } from '../../titration/index.ts'
import { drawGraph, graphCaption } from '../drawing/graph.ts'
import { drawPaper } from '../drawing/paper.ts'
import type { Facts } from '../facts.ts'
import { photographBlocks } from '../photographs.ts'
import type { Block, Proposed, Section, Table } from '../report.ts'
import { chromatogramTable } from '../results/chromatogram.ts'
import { heatingTable } from '../results/heating.ts'
import { seriesTable, unknownsTable } from '../results/series.ts'
import { seriesSays } from '../results/seriesSays.ts'
import { titrationTable } from '../results/titration.ts'
import { weighingTable } from '../results/weighing.ts'
import { measured, propose } from '../words.ts'

type Blocks = readonly Block<Proposed>[]

const tables = (...found: readonly (Table | undefined)[]): Blocks =>
  found.flatMap((table) => (table ? [{ kind: 'table', table } as const] : []))

const said = (sentences: readonly Proposed[]): Blocks =>
  sentences.length === 0 ? [] : [{ kind: 'sentences', as: 'paragraph', sentences }]

/** Which titres agree and their mean, as it stands under the run table. */
function agreement({ task }: Facts, part: PartOf<'titration'>): readonly Proposed[] {
  const assessment = assessTitration(part, { conventions: task.conventions, massOfRun: massesFrom(task) })
  if (assessment.runs.every(({ titre }) => !titre)) return []
  const { says, mean, from } = agreementSentence(assessment, task.conventions)
  const unit = symbolOf(task.conventions.volumeUnit)
  const at = path('parts', part.id)
  const outs = part.runs.length > 0 ? [propose(`results ${part.id} agreement`, says, at)] : []
  if (mean === undefined) return outs
  return [...outs, propose(`results ${part.id} mean`, `Mean titre: ${from} = ${measured(mean, unit)}`, at)]
}

function titrationResults(part: PartOf<'titration'>, facts: Facts): Blocks {
  return part.crossingOf === undefined ? [...tables(titrationTable(facts, part)), ...said(agreement(facts, part))] : []
}

function heatingResults(part: PartOf<'heating'>, facts: Facts): Blocks {
  const { constant, lost, within } = assessHeating(part)
  const label = materialLabel(facts.task, part.of)
  const sentences = lost
    ? [
        propose(
          `results ${part.id} lost`,
          `${label} lost ${measured(lost.text, 'g')}; the last two masses ${constant ? 'agree' : 'do not agree yet'} within ${measured(within, 'g')}`,
          path('parts', part.id),
        ),
      ]
    : []
  return [...tables(heatingTable(facts, part)), ...said(sentences)]
}

function seriesResults(part: PartOf<'series'>, facts: Facts): Blocks {
  const drawing = drawGraph(facts.task, part)
  const graph: Blocks = drawing
    ? [{ kind: 'drawing', id: `graph ${part.id}`, drawing, caption: graphCaption(facts.task, part) }]
    : []
  return [
    ...tables(seriesTable(facts, part)),
    ...graph,
    ...tables(unknownsTable(facts, part)),
    ...said(seriesSays(part, readSeries(part))),
  ]
}

function chromatogramResults(part: PartOf<'chromatogram'>, facts: Facts): Blocks {
  const drawing = drawPaper(part)
  const sentences = readChromatogram(part).lanes.flatMap((lane) => {
    const says = laneSentence(lane)
    return says ? [propose(`results ${part.id} lane ${lane.label}`, says, path('parts', part.id))] : []
  })
  return [
    ...tables(chromatogramTable(facts, part)),
    ...(drawing ? [{ kind: 'drawing', id: `paper ${part.id}`, drawing, caption: partTitle(facts.task, part) } as const] : []),
    ...said(sentences),
  ]
}

const NOTHING = () => []

const resultsOf = byKind<Blocks, [facts: Facts, group: readonly Part[]]>({
  weighing: (part, facts, group) =>
    tables(
      weighingTable(
        facts,
        [part, ...group].filter((one) => one.kind === 'weighing'),
      ),
    ),
  solution: NOTHING,
  titration: titrationResults,
  heating: heatingResults,
  series: seriesResults,
  rack: NOTHING,
  chromatogram: chromatogramResults,
  note: NOTHING,
})

/** Every reading in the tables of the trade, stage by stage, and what the readings say. */
export function resultsSection(facts: Facts): Section<Proposed> | undefined {
  const { task, reckoning } = facts
  const stages = stagesOf(task, reckoning).filter(({ parts }) => parts.length > 0)
  const blocks = stages.flatMap(({ parts }) => {
    const [first, ...more] = task.parts.filter(({ id }) => parts.includes(id))
    // Those of tubes stand with what was seen in them.
    const pictures = first?.kind === 'rack' ? [] : photographBlocks(task, parts)
    return first ? [...resultsOf(first, facts, more), ...pictures] : []
  })
  return blocks.length === 0 ? undefined : { id: 'results', heading: 'Results', blocks }
}

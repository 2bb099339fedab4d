import { symbolOf } from '../../number/index.ts'
import { type PartOf, partTitle, path } from '../../record/index.ts'
import { type Assessment, assessTitration, massesFrom, massOfWeighing, runName } from '../../titration/index.ts'
import { numberCell, readingCell, tableOf, wordCell } from '../cells.ts'
import type { Facts } from '../facts.ts'
import type { Cell, Table } from '../report.ts'
import { sentence } from '../words.ts'

type Titration = PartOf<'titration'>

/** More runs than this stand below each other, since they do not fit beside each other on a sheet. */
const MOST_ACROSS = 7

/** Runs with a reading; one that was only laid out is not in the report. */
const begun = ({ initial, final }: Titration['runs'][number]) => initial !== undefined || final !== undefined

function usedIn({ runs }: Assessment, index: number): string {
  const run = runs[index]
  if (!run?.titre) return 'unfinished'
  if (run.run.kind === 'blank') return 'blank, taken off'
  if (run.inMean) return 'yes'
  return run.run.kind === 'rough' ? 'no, rough' : 'no'
}

interface Column {
  readonly head: string
  readonly cellOf: (index: number) => Cell
}

function columnsOf({ task }: Facts, part: Titration, assessment: Assessment): readonly Column[] {
  const unit = symbolOf(task.conventions.volumeUnit)
  const at = (index: number, field: string) => path('parts', part.id, 'runs', part.runs[index]?.id ?? '', field)
  const masses: Column = {
    head: 'Mass in the flask / g',
    cellOf: (index) => {
      const weighing = part.runs[index]?.weighing
      return numberCell(weighing === undefined ? undefined : massOfWeighing(task, weighing)?.text)
    },
  }
  return [
    ...(assessment.massPerRun ? [masses] : []),
    { head: `Final reading / ${unit}`, cellOf: (index) => readingCell(part.runs[index]?.final, at(index, 'final')) },
    { head: `Initial reading / ${unit}`, cellOf: (index) => readingCell(part.runs[index]?.initial, at(index, 'initial')) },
    { head: `Titre / ${unit}`, cellOf: (index) => numberCell(assessment.runs[index]?.titre?.text) },
    {
      head: assessment.massPerRun ? 'Taken into the result' : 'Taken into the mean',
      cellOf: (index) => ({ ...wordCell(usedIn(assessment, index), at(index, 'use')), number: true }),
    },
  ]
}

/** Reasons that were given for taking a run in or leaving it out. */
function reasonsIn({ runs }: Titration): readonly string[] {
  return runs.flatMap(({ why }, index) => {
    if (!why?.trim()) return []
    const name = runName(runs, index)
    return [sentence(`${name.charAt(0).toUpperCase()}${name.slice(1)}: ${why.trim()}`)]
  })
}

/** The run table: every reading to its decimals, which runs were taken into the mean, and why not. */
export function titrationTable(facts: Facts, part: Titration): Table | undefined {
  const { task } = facts
  const places = part.runs.flatMap((run, index) => (begun(run) ? [index] : []))
  if (places.length === 0) return undefined
  const assessment = assessTitration(part, { conventions: task.conventions, massOfRun: massesFrom(task) })
  const columns = columnsOf(facts, part, assessment)
  const nameOf = (index: number) => runName(part.runs, index).replace(/^run /, '')
  const across = places.length <= MOST_ACROSS
  return tableOf({
    id: `runs ${part.id}`,
    caption: partTitle(task, part),
    head: across ? ['Run', ...places.map(nameOf)] : ['Run', ...columns.map(({ head }) => head)],
    rows: across
      ? columns.map(({ head, cellOf }) => [wordCell(head), ...places.map(cellOf)])
      : places.map((index) => [wordCell(nameOf(index)), ...columns.map(({ cellOf }) => cellOf(index))]),
    rowsAreNamed: true,
    notes: reasonsIn(part),
  })
}

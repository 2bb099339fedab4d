import { symbolOf } from '@hop-lark/core/number'
import { type PartOf, path } from '@hop-lark/core/record'
import { type AssessedRun, levelBefore, runName } from '@hop-lark/core/titration'
import { useEffect, useRef } from 'react'
import { focusAt } from '../../app/goTo.ts'
import { derive, useSettledTask, useTask, useTitration } from '../../notebook/derived.ts'
import { ReadingCell } from '../../ui/ReadingCell.tsx'
import { Cells } from './Cells.tsx'
import { MassRow } from './MassRow.tsx'
import { moveByArrow } from './moveByArrow.ts'
import { RowHead } from './RowHead.tsx'
import { RunMenu } from './RunMenu.tsx'
import { COLUMN, type Columns, useColumns } from './useColumns.ts'
import { useRuns } from './useRuns.ts'

interface RowProps {
  readonly part: PartOf<'titration'>
  readonly runs: readonly AssessedRun[]
  readonly columns: Columns
}

/** The run table as chemists keep it: a column a run, units in the row headings, never in the cells. */
export function RunTable({ part }: { readonly part: PartOf<'titration'> }) {
  const { assessment } = useTitration(part)
  const { runs } = assessment
  const frame = useRef<HTMLDivElement>(null)
  const columns = useColumns(part, frame)
  // With many runs the newest is the one that is worked on, so it is the one in sight.
  useEffect(() => {
    if (runs.length > 0 && frame.current) frame.current.scrollLeft = frame.current.scrollWidth
  }, [runs.length])
  const rows = { part, runs, columns }
  return (
    <div ref={frame} className="overflow-x-auto pb-1">
      <table
        aria-label="Readings of the burette"
        className={`border-collapse ${columns.partly ? 'w-max table-fixed' : ''}`}
        aria-colcount={columns.partly ? runs.length + 1 : undefined}
        onKeyDown={moveByArrow}
        onFocus={columns.onFocus}
      >
        <thead>
          <tr className="border-b-[1.5px] border-ink">
            <th scope="col" className="sticky left-0 z-10 min-w-[6.9rem] bg-sheet max-[899px]:min-w-24">
              <span className="sr-only">Reading</span>
            </th>
            <Cells columns={columns}>
              {(index) => (
                <th
                  key={index}
                  scope="col"
                  aria-label={runName(part.runs, index)}
                  aria-colindex={columns.partly ? index + 2 : undefined}
                  style={columns.partly ? { width: COLUMN } : undefined}
                  className="min-w-[5rem] py-1 text-right"
                >
                  <RunMenu part={part} index={index} />
                </th>
              )}
            </Cells>
          </tr>
        </thead>
        <tbody>
          {assessment.massPerRun && <MassRow {...rows} />}
          <ReadingRow {...rows} field="final" />
          <ReadingRow {...rows} field="initial" />
          <TitreRow {...rows} />
          <MeanRow {...rows} />
        </tbody>
      </table>
    </div>
  )
}

function ReadingRow({ part, columns, field }: RowProps & { readonly field: 'initial' | 'final' }) {
  const { conventions } = useTask()
  // What is wrong in a long record is marked when there is time: the reading just entered does not wait for it.
  const settled = derive(useSettledTask())
  const { next } = useTitration(part)
  const { afterFinal } = useRuns(part)
  return (
    <tr className="border-b border-hair">
      <RowHead says={field === 'final' ? 'Final reading' : 'Initial reading'} unit={symbolOf(conventions.volumeUnit)} />
      <Cells columns={columns}>
        {(index) => {
          const run = part.runs[index]
          if (!run) return null
          const at = path('parts', part.id, 'runs', run.id, field)
          const refill = next.kind === 'refill' && next.run === index
          return (
            <td key={index} className="py-1 align-bottom">
              <ReadingCell
                at={at}
                label={`${runName(part.runs, index)}, ${field} reading`}
                entry={run[field]}
                step={conventions.burette.step}
                most={conventions.burette.capacity}
                unit={conventions.volumeUnit}
                offer={
                  field === 'initial' && run.initial === undefined && !refill
                    ? levelBefore(part, index, conventions.burette)
                    : undefined
                }
                pale={run.kind !== 'accurate'}
                problem={settled.worstAt(at)}
                onDone={
                  field === 'initial' ? () => focusAt(path('parts', part.id, 'runs', run.id, 'final')) : () => afterFinal(index)
                }
              />
            </td>
          )
        }}
      </Cells>
    </tr>
  )
}

function TitreRow({ runs, columns }: RowProps) {
  const { conventions } = useTask()
  return (
    <tr className="border-b-[1.5px] border-ink">
      <RowHead says="Titre" unit={symbolOf(conventions.volumeUnit)} />
      <Cells columns={columns}>
        {(index) => (
          <td
            key={index}
            className={`num py-2 pr-1.5 text-right text-[1.35rem] ${runs[index]?.run.kind === 'accurate' ? 'font-semibold' : 'text-ink-soft'}`}
          >
            {runs[index]?.titre?.text ?? '–'}
          </td>
        )}
      </Cells>
    </tr>
  )
}

function MeanRow({ runs, columns }: RowProps) {
  const decided = runs.some(({ inMean }) => inMean)
  return (
    <tr>
      <RowHead says="In the mean" />
      <Cells columns={columns}>
        {(index) => {
          const assessed = runs[index]
          return (
            <td key={index} className="py-2 pr-1.5 text-right text-[0.95rem] whitespace-nowrap">
              {assessed && <MeanMark {...assessed} decided={decided} />}
            </td>
          )
        }}
      </Cells>
    </tr>
  )
}

function MeanMark({ run, titre, inMean, chosenByHand, decided }: AssessedRun & { readonly decided: boolean }) {
  if (run.kind === 'blank') return <span className="text-ink-soft">taken off</span>
  if (!titre) return null
  const byHand = chosenByHand ? <span className="block text-xs font-normal text-ink-soft">by choice</span> : null
  if (inMean) {
    return <span className="font-semibold text-hop">✓ yes{byHand}</span>
  }
  if (run.kind === 'rough') return <span className="text-ink-soft">never</span>
  if (!decided && !chosenByHand) return <span className="text-ink-soft">not yet</span>
  return <span className="font-semibold text-iodine">✕ no{byHand}</span>
}

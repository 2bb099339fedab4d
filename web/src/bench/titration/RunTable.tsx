import { symbolOf } from '@hop-lark/core/number'
import { type Level, worstLevel } from '@hop-lark/core/problem'
import { entryText, type PartOf } from '@hop-lark/core/record'
import { type AssessedRun, runName } from '@hop-lark/core/titration'
import { useEffect, useRef } from 'react'
import { focusAt } from '../../app/goTo.ts'
import { useDerived, useTask, useTitration } from '../../notebook/derived.ts'
import { ReadingCell } from '../../ui/ReadingCell.tsx'
import { MassRow } from './MassRow.tsx'
import { moveByArrow } from './moveByArrow.ts'
import { RowHead } from './RowHead.tsx'
import { RunMenu } from './RunMenu.tsx'
import { useRuns } from './useRuns.ts'

interface RowProps {
  readonly part: PartOf<'titration'>
  readonly runs: readonly AssessedRun[]
}

/** The run table as chemists keep it: a column a run, units in the row headings, never in the cells. */
export function RunTable({ part }: { readonly part: PartOf<'titration'> }) {
  const { assessment } = useTitration(part)
  const { runs } = assessment
  const frame = useRef<HTMLDivElement>(null)
  // With many runs the newest is the one that is worked on, so it is the one in sight.
  useEffect(() => {
    if (runs.length > 0 && frame.current) frame.current.scrollLeft = frame.current.scrollWidth
  }, [runs.length])
  return (
    <div ref={frame} className="overflow-x-auto pb-1">
      <table className="border-collapse" onKeyDown={moveByArrow}>
        <thead>
          <tr className="border-b-[1.5px] border-ink">
            <th scope="col" className="sticky left-0 z-10 min-w-[6.9rem] bg-sheet max-[899px]:min-w-24">
              <span className="sr-only">Reading</span>
            </th>
            {runs.map(({ index }) => (
              <th key={index} scope="col" className="min-w-[5rem] py-1 text-right">
                <RunMenu part={part} index={index} />
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {assessment.massPerRun && <MassRow part={part} runs={runs} />}
          <ReadingRow part={part} runs={runs} field="final" />
          <ReadingRow part={part} runs={runs} field="initial" />
          <TitreRow part={part} runs={runs} />
          <MeanRow runs={runs} />
        </tbody>
      </table>
    </div>
  )
}

/** The last final reading before a run: what its initial reading is likely to be. */
function carriedOn(part: PartOf<'titration'>, index: number): string | undefined {
  const before = part.runs.slice(0, index).findLast(({ final }) => final !== undefined)
  return before?.final === undefined ? undefined : entryText(before.final)
}

function ReadingRow({ part, runs, field }: RowProps & { readonly field: 'initial' | 'final' }) {
  const { conventions } = useTask()
  const { problems } = useDerived()
  const { next } = useTitration(part)
  const { afterFinal } = useRuns(part)
  const levelOf = (at: string): Level | undefined => worstLevel(problems.filter((problem) => problem.at === at))
  return (
    <tr className="border-b border-hair">
      <RowHead says={field === 'final' ? 'Final reading' : 'Initial reading'} unit={symbolOf(conventions.volumeUnit)} />
      {runs.map(({ index, run }) => {
        const at = `parts.${part.id}.runs.${index}.${field}`
        const refill = next.kind === 'refill' && next.run === index
        return (
          <td key={index} className="py-1 align-bottom">
            <ReadingCell
              at={at}
              label={`${runName(part.runs, index)}, ${field} reading`}
              entry={run[field]}
              step={conventions.burette.step}
              offer={field === 'initial' && run.initial === undefined && !refill ? carriedOn(part, index) : undefined}
              pale={run.kind !== 'accurate'}
              problem={levelOf(at)}
              onDone={field === 'initial' ? () => focusAt(`parts.${part.id}.runs.${index}.final`) : () => afterFinal(index)}
            />
          </td>
        )
      })}
    </tr>
  )
}

function TitreRow({ runs }: RowProps) {
  const { conventions } = useTask()
  return (
    <tr className="border-b-[1.5px] border-ink">
      <RowHead says="Titre" unit={symbolOf(conventions.volumeUnit)} />
      {runs.map(({ index, run, titre }) => (
        <td
          key={index}
          className={`num py-2 pr-1.5 text-right text-[1.35rem] ${run.kind === 'accurate' ? 'font-semibold' : 'text-ink-soft'}`}
        >
          {titre?.text ?? '–'}
        </td>
      ))}
    </tr>
  )
}

function MeanRow({ runs }: { readonly runs: readonly AssessedRun[] }) {
  const decided = runs.some(({ inMean }) => inMean)
  return (
    <tr>
      <RowHead says="In the mean" />
      {runs.map((assessed) => (
        <td key={assessed.index} className="py-2 pr-1.5 text-right text-[0.95rem] whitespace-nowrap">
          <MeanMark {...assessed} decided={decided} />
        </td>
      ))}
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

import type { SampleVerdict } from '@hop-lark/core/identify'
import type { Observation } from '@hop-lark/core/observe'
import { meaningsIn } from '@hop-lark/core/rack'
import { type PartOf, stepName, stepPath } from '@hop-lark/core/record'
import { memo, useEffect, useRef, useState } from 'react'
import { usePartChange } from '../../notebook/usePartChange.ts'
import { ColumnHeads } from '../../ui/ColumnHeads.tsx'
import { Order } from '../../ui/order/Order.tsx'
import { moveItem } from '../../ui/order/orderKeys.ts'
import { CorrectStep } from './CorrectStep.tsx'
import { correctStep, findTube, type Step, type Tube } from './rackEdits.ts'
import { StepRow } from './StepRow.tsx'
import { useReadTube } from './useReadTube.ts'

interface RecordTableProps {
  readonly part: PartOf<'rack'>
  readonly tube: Tube
  readonly identification: SampleVerdict | undefined
  /** While the board is shut, meanings are too. */
  readonly shut: boolean
}

/** The steps of a tube: what was done, what was seen, what it means. */
export const RecordTable = memo(function RecordTable({ part, tube, identification, shut }: RecordTableProps) {
  const [correcting, setCorrecting] = useState<string>()
  const means = meaningsIn(tube, identification)
  const steps = useSteps(part, tube)
  const { steps: read } = useReadTube(part, tube)
  const table = useLastInSight(tube.steps.length)
  if (tube.steps.length === 0) return <NothingYet tube={tube} />
  return (
    <Order
      ids={tube.steps.map(({ id }) => id)}
      along="column"
      nameOf={(id) => `Step ${tube.steps.findIndex((step) => step.id === id) + 1}`}
      onMove={steps.move}
    >
      <table ref={table} className="w-full table-fixed border-collapse max-[599px]:block">
        <ColumnHeads
          eyebrow
          className="max-[599px]:sr-only"
          columns={[
            { says: 'Did', width: 'w-[24%]' },
            { says: 'Saw', width: 'w-[32%]' },
            { says: 'Means' },
            { says: 'Move, correct and take out', unseen: true, width: 'w-[6.2rem]' },
          ]}
        />
        <tbody className="max-[599px]:block">
          {tube.steps.map((step, index) =>
            correcting === `${tube.id}.${step.id}` ? (
              <CorrectStep
                key={step.id}
                step={step}
                number={index + 1}
                onLeave={() => setCorrecting(undefined)}
                onKeep={(corrected) => {
                  steps.correct(index, corrected)
                  setCorrecting(undefined)
                }}
              />
            ) : (
              <StepRow
                key={step.id}
                at={stepPath(part, stepName(tube.id, index)) ?? []}
                step={step}
                observation={read[index]?.observation ?? NOT_READ}
                number={index + 1}
                means={means[index]}
                shut={shut}
                onCorrect={() => setCorrecting(`${tube.id}.${step.id}`)}
                onTakeOut={() => steps.takeOut(index)}
                onStep={(by) => steps.move(index, index + by)}
              />
            ),
          )}
        </tbody>
      </table>
    </Order>
  )
})

const NOT_READ: Observation = { facts: [], notUnderstood: [] }

/** What can be done with the steps of a tube; each is one thing to undo. */
function useSteps(part: PartOf<'rack'>, tube: Tube) {
  const change = usePartChange(part)
  const withSteps = (says: string, act: (steps: Step[]) => void) =>
    change(says, (found) => {
      const steps = findTube(found as PartOf<'rack'>, tube.id)?.tube.steps
      if (steps) act(steps)
    })
  return {
    move: (from: number, to: number) => withSteps('move a step', (steps) => moveItem(steps, from, to)),
    takeOut: (index: number) => withSteps('take out a step', (steps) => steps.splice(index, 1)),
    correct: (index: number, corrected: Parameters<typeof correctStep>[3]) =>
      change('correct a step', (found) =>
        correctStep(found as PartOf<'rack'>, tube.id, index, corrected, new Date().toISOString()),
      ),
  }
}

/** The line lies over the foot of a long record: what was kept last stays in sight above it. */
function useLastInSight(length: number) {
  const table = useRef<HTMLTableElement>(null)
  useEffect(() => {
    if (length > 0) table.current?.querySelector('tbody tr:last-child')?.scrollIntoView({ block: 'nearest' })
  }, [length])
  return table
}

const NothingYet = ({ tube: { from, take } }: { readonly tube: Tube }) => (
  <p className="rounded-xl border border-rule px-4 py-3 text-ink-soft">
    {from === undefined
      ? 'A fresh portion. Type what you do, then what you see.'
      : `Goes on from ${from}${take ? `, the ${take}` : ''}. Type what you do next.`}
  </p>
)

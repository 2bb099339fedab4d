import type { Gap, RunStep, SheetReading } from '@hop-lark/core/brief'
import { GapCard } from './GapCard.tsx'
import { RunStepRow } from './RunStepRow.tsx'
import { gapsOfStep } from './useReading.ts'

/** Kinds whose purpose goes without saying. */
const QUIET: ReadonlySet<RunStep['kind']> = new Set(['material', 'question', 'equation', 'masses'])

interface RunSheetProps {
  readonly reading: SheetReading
  readonly onLook: (step: RunStep | undefined) => void
}

/** The run sheet made of the task sheet: its steps in order, with what is still asked at its place. */
export function RunSheet({ reading, onLook }: RunSheetProps) {
  const { steps, gaps, inferred } = reading
  const placed = new Set(steps.flatMap((step) => gapsOfStep(gaps, step).map(({ id }) => id)))
  const others = gaps.filter(({ id }) => !placed.has(id))
  return (
    <div>
      {others.map((gap) => (
        <GapCard key={gap.id} gap={gap} current={false} />
      ))}
      <ol aria-label="Run sheet">
        {steps.map((step, index) => (
          <RunStepRow
            key={step.id}
            step={step}
            reading={reading}
            gaps={firstHere(gaps, steps, step)}
            says={!QUIET.has(step.kind) && step.purpose !== steps[index - 1]?.purpose}
            onLook={onLook}
          />
        ))}
      </ol>
      {inferred.length > 0 && (
        <section aria-label="Taken to be so" className="mt-4">
          <h3 className="eyebrow text-lark">Taken to be so</h3>
          <ul className="mt-1 text-[0.95rem]">
            {inferred.map(({ of, says }) => (
              <li key={`${of}${says}`} className="border-b border-hair py-1">
                {says}
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  )
}

/** Gaps of a step that stand at no step before it: a sentence that ends where the next begins has a place in both. */
function firstHere(gaps: readonly Gap[], steps: readonly RunStep[], step: RunStep): readonly Gap[] {
  return gapsOfStep(gaps, step).filter((gap) => steps.find((one) => gapsOfStep([gap], one).length > 0) === step)
}

import { nextIn, type RunStep, type SheetReading } from '@hop-lark/core/brief'
import { Num } from '../ui/Num.tsx'
import { StepTimer } from './StepTimer.tsx'
import { usePlan } from './usePlan.ts'

/** What is under way and what comes next by the timetable, with their clocks. */
export function NextStep({ reading }: { readonly reading: SheetReading }) {
  const { planned, found, progress } = usePlan(reading)
  const { underWay, next, inMinutes } = nextIn(planned, found, progress)
  const step = (id: string | undefined) => reading.steps.find((one) => one.id === id)
  const coming = step(next)
  return (
    <div className="flex flex-col gap-3">
      {underWay.map((id) => {
        const one = step(id)
        return one && <Line key={id} says="Under way" step={one} />
      })}
      {coming && (
        <>
          <Line says={underWay.length > 0 && inMinutes < 0.5 ? 'Meanwhile' : 'Next'} step={coming} />
          {inMinutes >= 0.5 && (
            <p className="text-[0.95rem] text-ink-soft">
              in <Num text={String(Math.round(inMinutes))} unit="min" />
            </p>
          )}
        </>
      )}
      {!coming && underWay.length === 0 && (
        <p>{planned.length === 0 ? 'Everything on the sheet is done.' : 'Everything on the sheet has been begun.'}</p>
      )}
    </div>
  )
}

function Line({ says, step }: { readonly says: string; readonly step: RunStep }) {
  return (
    <div>
      <p className="text-[0.95rem]">
        <strong>
          {says}, step <span className="num">{step.n}</span>:
        </strong>{' '}
        {step.text}
      </p>
      <div className="mt-1.5">
        <StepTimer step={step} />
      </div>
    </div>
  )
}

import type { RunStep } from '@hop-lark/core/brief'
import { Hand, Play, Square } from 'lucide-react'
import { useTask } from '../notebook/derived.ts'
import { useMoment } from '../ui/useMoment.ts'
import { clock, secondsOf } from './stepClock.ts'
import { timeStep } from './stepTimes.ts'

const BUTTON =
  'inline-flex min-h-8 items-center gap-1.5 rounded-lg border border-rule bg-sheet px-2 text-sm font-semibold hover:border-ink-soft'

/** Starts a step and counts down what it takes; the times stay in the record. */
export function StepTimer({ step }: { readonly step: RunStep }) {
  const { brief } = useTask()
  const times = brief?.steps?.find(({ id }) => id === step.id)
  const { started, ended } = times ?? {}
  const now = useMoment(started !== undefined && ended === undefined)
  if (started === undefined)
    return (
      <button
        type="button"
        className={BUTTON}
        onClick={() =>
          timeStep(`start step ${step.n}`, step.id, (one) => {
            one.started = new Date().toISOString()
          })
        }
      >
        <Play size={14} aria-hidden="true" /> Start
      </button>
    )
  if (ended !== undefined)
    return <span className="text-sm text-ink-soft">took {clock((Date.parse(ended) - Date.parse(started)) / 1000)}</span>
  const left = secondsOf(step, { ...times, id: step.id }, now)
  return (
    <span className="flex items-center gap-2">
      <span role="timer" className={`num text-lg ${left < 0 ? 'text-iodine' : ''}`}>
        {clock(left)}
      </span>
      {step.minutes.wait > 0 && times?.free === undefined && (
        <button
          type="button"
          className={BUTTON}
          onClick={() =>
            timeStep(`hands free at step ${step.n}`, step.id, (one) => {
              one.free = new Date().toISOString()
            })
          }
        >
          <Hand size={14} aria-hidden="true" /> Hands free
        </button>
      )}
      <button
        type="button"
        className={BUTTON}
        onClick={() =>
          timeStep(`end step ${step.n}`, step.id, (one) => {
            one.ended = new Date().toISOString()
          })
        }
      >
        <Square size={13} aria-hidden="true" /> Done
      </button>
    </span>
  )
}

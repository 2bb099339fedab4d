import type { RunStep } from '@hop-lark/core/brief'
import { Hand, Play, Square } from 'lucide-react'
import { useTask } from '../notebook/derived.ts'
import { useMoment } from '../ui/useMoment.ts'
import { timeStep } from './stepTimes.ts'

const BUTTON =
  'inline-flex min-h-8 items-center gap-1.5 rounded-lg border border-rule bg-sheet px-2 text-sm font-semibold hover:border-ink-soft'

/** Minutes and seconds, with a minus once a wait is over. */
function clock(seconds: number): string {
  const size = Math.abs(Math.round(seconds))
  return `${seconds < 0 ? '−' : ''}${Math.floor(size / 60)}:${String(size % 60).padStart(2, '0')}`
}

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
  const takes = ((times?.hands ?? step.minutes.hands) + (times?.wait ?? step.minutes.wait)) * 60
  const spent = (Date.parse(ended ?? now) - Date.parse(started)) / 1000
  if (ended !== undefined) return <span className="text-sm text-ink-soft">took {clock(spent)}</span>
  return (
    <span className="flex items-center gap-2">
      <span role="timer" className={`num text-lg ${spent > takes ? 'text-iodine' : ''}`}>
        {clock(takes - spent)}
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

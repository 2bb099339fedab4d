import { useEffect, useRef } from 'react'
import { Link } from 'react-router'
import { toast } from 'sonner'
import { ring } from '../app/bell.ts'
import { useClockChoice } from '../app/examClock.ts'
import { useTask } from '../notebook/derived.ts'
import { useMoment } from '../ui/useMoment.ts'
import { clock, secondsOf } from './stepClock.ts'
import { useReading } from './useReading.ts'

/** Steps that are under way, with what is left of each: in sight on every page. */
export function RunningSteps() {
  const { id: taskId, brief } = useTask()
  const reading = useReading()
  const running = (brief?.steps ?? []).flatMap((times) => {
    const step = reading?.steps.find(({ id }) => id === times.id)
    return step && times.started !== undefined && times.ended === undefined ? [{ step, times }] : []
  })
  const now = useMoment(running.length > 0)
  const steps = running.map(({ step, times }) => ({ step, left: secondsOf(step, times, now) }))
  useOver(steps.map(({ step, left }) => ({ id: step.id, says: `Step ${step.n} is over: ${step.text}`, over: left <= 0 })))
  if (steps.length === 0) return null
  return (
    <ul aria-label="Steps under way" className="mb-2 flex flex-col gap-1 max-[899px]:mb-0 max-[899px]:flex-row">
      {steps.map(({ step, left }) => (
        <li key={step.id}>
          <Link to={`/task/${taskId}/brief`} title={step.text} className="flex items-baseline gap-2 rounded hover:text-hop">
            <span role="timer" aria-label={`step ${step.n}`} className={`num ${left < 0 ? 'font-semibold text-iodine' : ''}`}>
              {clock(left)}
            </span>
            <span className="line-clamp-1 text-sm text-ink-soft">step {step.n}</span>
          </Link>
        </li>
      ))}
    </ul>
  )
}

interface Watched {
  readonly id: string
  readonly says: string
  readonly over: boolean
}

/** Says when a step that was seen running is over; one that was over when the page opened is told by its clock. */
function useOver(steps: readonly Watched[]): void {
  const { sound } = useClockChoice()
  const running = useRef<ReadonlySet<string>>(new Set())
  useEffect(() => {
    const over = steps.filter((step) => step.over && running.current.has(step.id))
    running.current = new Set(steps.filter((step) => !step.over).map(({ id }) => id))
    for (const { says } of over) toast(says, { duration: 10_000 })
    if (over.length > 0 && sound) ring()
  })
}

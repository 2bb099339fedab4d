import { acceptSheet, type Gap, isAccepted, type RunStep, type SheetReading } from '@hop-lark/core/brief'
import { guidesFor } from '@hop-lark/core/guide'
import { Check } from 'lucide-react'
import { useState } from 'react'
import { useGuide } from '../guide/useGuide.ts'
import { useTask } from '../notebook/derived.ts'
import { GapCard } from './GapCard.tsx'
import { StepFields } from './StepFields.tsx'
import { StepMinutes } from './StepMinutes.tsx'
import { StepTimer } from './StepTimer.tsx'
import { replaceTask } from './useReading.ts'

interface RunStepRowProps {
  readonly step: RunStep
  readonly reading: SheetReading
  readonly gaps: readonly Gap[]
  /** Whether its purpose is said while it is closed: not where the step before has the same. */
  readonly says: boolean
  readonly onLook: (step: RunStep | undefined) => void
}

/** A step of the run sheet: what it says, what it is for, what it becomes; accepted by a press, changed in place. */
export function RunStepRow({ step, reading, gaps, says, onLook }: RunStepRowProps) {
  const task = useTask()
  const [open, setOpen] = useState(false)
  const accepted = isAccepted(task, step)
  const own = task.brief?.steps?.find(({ id }) => id === step.id)
  const { hands = step.minutes.hands, wait = step.minutes.wait } = own ?? {}
  const timed = own?.started !== undefined
  const takes = hands + wait
  return (
    <li
      data-step={step.id}
      className="border-b border-hair py-2.5"
      onPointerEnter={() => onLook(step)}
      onPointerLeave={() => onLook(undefined)}
      onFocus={() => onLook(step)}
    >
      <div className="flex items-start gap-2.5">
        <span className="num w-6 flex-none pt-0.5 text-right text-sm text-ink-soft">{step.n}</span>
        <button
          type="button"
          aria-expanded={open}
          className="on-paper min-w-0 flex-1 text-left hover:text-hop"
          onClick={() => setOpen(!open)}
        >
          <span
            className={`font-semibold ${own?.skipped ? 'line-through decoration-iodine' : ''} ${open ? 'block' : 'line-clamp-2'}`}
          >
            {step.text}
          </span>
          {(open || says) && step.purpose !== '' && (
            <span className={`text-sm text-ink-soft ${open ? 'block' : 'line-clamp-2'}`}>{step.purpose}</span>
          )}
        </button>
        {takes > 0 && (
          <span className="num flex-none pt-0.5 text-right text-sm whitespace-nowrap">
            {hands} min
            {wait > 0 && <span className="block text-ink-soft">+ {wait} wait</span>}
          </span>
        )}
        <AcceptMark step={step} reading={reading} accepted={accepted} />
      </div>
      <div className="pl-8">
        {open && <StepDetails step={step} reading={reading} />}
        {(open || timed) && takes > 0 && <StepTimer step={step} />}
        {gaps.map((gap) => (
          <GapCard key={gap.id} gap={gap} current={false} />
        ))}
      </div>
    </li>
  )
}

interface AcceptMarkProps {
  readonly step: RunStep
  readonly reading: SheetReading
  /** `undefined` where the step makes nothing. */
  readonly accepted: boolean | undefined
}

function AcceptMark({ step, reading, accepted }: AcceptMarkProps) {
  if (accepted === undefined) return <span className="w-7 flex-none" />
  if (accepted)
    return (
      <span
        role="img"
        aria-label="accepted"
        className="mt-0.5 grid h-7 w-7 flex-none place-items-center rounded-md bg-hop-wash text-hop"
      >
        <Check size={17} aria-hidden="true" />
      </span>
    )
  return (
    <button
      type="button"
      aria-label={`Accept step ${step.n}`}
      title="Accept this step"
      className="mt-0.5 grid h-7 w-7 flex-none place-items-center rounded-md border-[1.5px] border-dashed border-ink-soft text-ink-soft hover:border-hop hover:text-hop"
      onClick={() => replaceTask(`accept step ${step.n}`, (task) => acceptSheet(task, reading, step.makes))}
    >
      <Check size={17} aria-hidden="true" />
    </button>
  )
}

/** How it is done by hand, a press away. */
function Guides({ text, kind }: Pick<RunStep, 'text' | 'kind'>) {
  const show = useGuide((state) => state.show)
  const guides = AT_THE_DESK.has(kind) ? [] : guidesFor(text)
  if (guides.length === 0) return null
  return (
    <p className="flex flex-wrap items-center gap-x-3">
      <strong>How:</strong>
      {guides.map(({ id, title }) => (
        <button key={id} type="button" className="min-h-8 underline hover:text-hop" onClick={() => show(id)}>
          {title}
        </button>
      ))}
    </p>
  )
}

/** Kinds of steps for which no hand is wanted. */
const AT_THE_DESK: ReadonlySet<RunStep['kind']> = new Set(['question', 'equation', 'masses', 'instruction', 'material'])

function StepDetails({ step, reading }: { readonly step: RunStep; readonly reading: SheetReading }) {
  return (
    <div className="mt-1.5 flex flex-col gap-1.5 text-[0.95rem]">
      {step.ready.length > 0 && (
        <p>
          <strong>Ready:</strong> {step.ready.join('; ')}.
        </p>
      )}
      {step.goesTo && (
        <p>
          <strong>Goes to:</strong> {step.goesTo}
        </p>
      )}
      <Guides text={step.text} kind={step.kind} />
      {step.caution && <p className="border-l-3 border-iodine pl-3">{step.caution}</p>}
      {step.minutes.hands + step.minutes.wait > 0 && <StepMinutes step={step} />}
      {step.makes.parts.map((id) => (
        <StepFields key={id} part={reading.task.parts.find((one) => one.id === id)} reading={reading} />
      ))}
    </div>
  )
}

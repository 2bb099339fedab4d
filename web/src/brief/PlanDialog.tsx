import { reviseSheet } from '@hop-lark/core/brief'
import {
  type Asked,
  asSheet,
  faultOf,
  foreseenErrors,
  INVESTIGATIONS,
  type Investigation,
  type Plan,
  planOf,
  usualValues,
  type Values,
} from '@hop-lark/core/planner'
import { useDeferredValue, useMemo, useState } from 'react'
import { Button } from '../ui/Button.tsx'
import { Dialog } from '../ui/Dialog.tsx'
import { Num } from '../ui/Num.tsx'
import { Select } from '../ui/Select.tsx'
import { replaceTask } from './useReading.ts'

interface PlanDialogProps {
  readonly onClose: () => void
}

/** Plans an investigation: what is asked beforehand on the left, the plan with its sums on the right. */
export function PlanDialog({ onClose }: PlanDialogProps) {
  const [chosen, setChosen] = useState<Investigation>(INVESTIGATIONS[0] as Investigation)
  const [typed, setTyped] = useState<Values>(usualValues(chosen))
  const values = useDeferredValue(typed)
  const plan = useMemo(() => planOf(chosen, values), [chosen, values])
  const choose = (id: string) => {
    const investigation = INVESTIGATIONS.find((one) => one.id === id)
    if (!investigation) return
    setChosen(investigation)
    setTyped(usualValues(investigation))
  }
  const take = (made: Plan) => {
    replaceTask('plan an investigation', (task) => ({
      ...reviseSheet(task, { text: asSheet(made) }),
      ...(/^(?:|new task)$/i.test(task.title.trim()) ? { title: made.title } : {}),
    }))
    onClose()
  }
  return (
    <Dialog
      open
      onOpenChange={onClose}
      title="Plan an investigation"
      says="Quantities and glass are chosen by sums, from what you expect. The plan is then read like any task sheet."
      wide
    >
      <div className="flex gap-6 max-[699px]:flex-col">
        <div className="flex w-60 flex-none flex-col gap-3 max-[699px]:w-full">
          <Select
            label="Kind"
            value={chosen.id}
            choices={INVESTIGATIONS.map(({ id, title }) => ({ value: id, says: title }))}
            onChange={choose}
          />
          <p className="text-[0.95rem] text-ink-soft">{chosen.says}</p>
          {chosen.asks.map((asked) => (
            <AskedField
              key={`${chosen.id}${asked.name}`}
              asked={asked}
              value={typed[asked.name] ?? ''}
              onChange={(value) => setTyped({ ...typed, [asked.name]: value })}
            />
          ))}
        </div>
        <div className="min-w-0 flex-1" aria-live="polite">
          {'refused' in plan ? (
            <p role="alert" className="border-l-3 border-iodine pl-3">
              {plan.refused}
            </p>
          ) : (
            <>
              <PlanView plan={plan} />
              <Button look="main" className="mt-4" onClick={() => take(plan)}>
                Take this plan
              </Button>
            </>
          )}
        </div>
      </div>
    </Dialog>
  )
}

interface AskedFieldProps {
  readonly asked: Asked
  readonly value: string
  readonly onChange: (value: string) => void
}

function AskedField({ asked, value, onChange }: AskedFieldProps) {
  if (asked.kind === 'choice') return <Select label={asked.says} value={value} choices={asked.choices} onChange={onChange} />
  const wrong = faultOf(asked, value) !== undefined
  return (
    <label>
      <span className="mb-1 block text-sm font-semibold">{asked.says}</span>
      <span className="flex items-center gap-2">
        <input
          value={value}
          inputMode={asked.kind === 'number' ? 'decimal' : 'text'}
          autoComplete="off"
          aria-invalid={wrong}
          onChange={(event) => onChange(event.target.value)}
          className={`min-h-10 w-full min-w-0 rounded-lg border bg-sheet px-3 ${wrong ? 'border-litmus' : 'border-rule'} ${asked.kind === 'number' ? 'num' : ''}`}
        />
        {asked.kind === 'number' && asked.unit !== '' && <span className="flex-none text-sm text-ink-soft">{asked.unit}</span>}
      </span>
    </label>
  )
}

/** Units as they are printed. */
const set = (text: string) => text.replace(/\bcm3\b/g, 'cm³').replace(/\bdm-3\b/g, 'dm⁻³')

function PlanView({ plan }: { readonly plan: Plan }) {
  return (
    <div className="flex flex-col gap-3 text-[0.98rem]">
      <p className="text-lg font-semibold">{plan.question}</p>
      <dl className="grid grid-cols-[8rem_1fr] gap-x-3 gap-y-1 max-[699px]:grid-cols-1">
        <Row says="Changed" text={plan.changes} />
        <Row says="Measured" text={set(plan.measures)} />
        <Row says="Kept the same" text={set(plan.keeps.join('; '))} />
        <Row says="Table" text={plan.table.join(' · ')} />
        <Row says="Repeats" text={plan.repeats} />
      </dl>
      <section aria-label="Why so much">
        <h3 className="border-b border-ink pb-1 font-bold">Why so much</h3>
        <ul>
          {plan.chosen.map(({ says, because }) => (
            <li key={says} className="border-b border-hair py-1.5">
              <strong>{says}:</strong> {because}.
            </li>
          ))}
        </ul>
      </section>
      <section aria-label="Method">
        <h3 className="border-b border-ink pb-1 font-bold">Method</h3>
        <ol className="list-decimal pl-6">
          {plan.method.map((step) => (
            <li key={step} className="py-0.5">
              {set(step)}
            </li>
          ))}
        </ol>
      </section>
      <p>{plan.answers}</p>
      <Errors plan={plan} />
      <p className="border-l-3 border-iodine pl-3">
        {plan.cautions.join(' ')} Follow your laboratory’s rules and your supervisor.
      </p>
    </div>
  )
}

const Row = ({ says, text }: { readonly says: string; readonly text: string }) => (
  <>
    <dt className="font-semibold">{says}</dt>
    <dd>{text}</dd>
  </>
)

/** Shares below this are not worth a line. */
const LEAST_SHARE = 0.02

/** What will make the result unsure, before anything is measured. */
function Errors({ plan }: { readonly plan: Plan }) {
  const foreseen = useMemo(() => foreseenErrors(plan), [plan])
  if (!foreseen) return null
  return (
    <section aria-label="Errors that this plan will have">
      <h3 className="border-b border-ink pb-1 font-bold">
        It will be sure to about <Num text={`±${foreseen.percent.toPrecision(2)}`} unit="%" />
      </h3>
      <ul>
        {foreseen.errors
          .filter(({ share }) => share >= LEAST_SHARE)
          .map(({ says, share }) => (
            <li key={says} className="flex items-center gap-3 py-1">
              <span className="min-w-0 flex-1">{says}</span>
              <span className="h-3 w-28 flex-none rounded bg-hair" aria-hidden="true">
                <span className="block h-3 rounded bg-lark" style={{ width: `${share * 100}%` }} />
              </span>
              <span className="num w-12 flex-none text-right">{Math.round(share * 100)} %</span>
            </li>
          ))}
      </ul>
      {foreseen.better && <p className="text-ink-soft">What would help most: {foreseen.better}.</p>}
    </section>
  )
}

import { type Action, type ReadActs, readActs, sayAction } from '@hop-lark/core/rack'
import { useEffect, useRef, useState } from 'react'
import { Button } from '../../ui/Button.tsx'
import type { Step } from './rackEdits.ts'

interface CorrectStepProps {
  readonly step: Step
  readonly number: number
  readonly onKeep: (corrected: { readonly action: Action; readonly saw: string; readonly means: string }) => void
  readonly onLeave: () => void
}

const FIELD = 'min-h-9 w-full min-w-0 rounded-lg border border-rule bg-sheet px-2 placeholder:text-ink-soft'

const SEVERAL = 'One act here; the others are steps of their own.'

/** The one act that a corrected line is read as, or why it cannot be kept. */
function oneActOf(read: ReadActs): { readonly action?: Action; readonly says?: string | undefined } {
  if (read.kind === 'notUnderstood') return { says: read.says }
  const [act, ...others] = read.acts
  return !act || others.length > 0 ? { says: SEVERAL } : { action: act.action, says: act.asks }
}

/** A step being corrected: what stood there is struck through, not lost. */
export function CorrectStep({ step, number, onKeep, onLeave }: CorrectStepProps) {
  const [did, setDid] = useState(sayAction(step))
  const [saw, setSaw] = useState(step.saw ?? '')
  const [means, setMeans] = useState(step.means ?? '')
  const sawField = useRef<HTMLInputElement>(null)
  // What was seen is corrected most.
  useEffect(() => sawField.current?.focus(), [])
  const { action, says } = oneActOf(readActs(did, { last: step.reagent }))
  const keep = () => {
    if (action) onKeep({ action, saw: saw.trim(), means: means.trim() })
  }
  const onKeyDown = (event: React.KeyboardEvent) => {
    if (event.key === 'Enter' && !(event.target instanceof HTMLButtonElement)) keep()
    if (event.key === 'Escape') onLeave()
  }
  const fields = [
    {
      name: 'what you did',
      value: did,
      set: setDid,
      placeholder: '',
      error: says,
    },
    { name: 'what you saw', value: saw, set: setSaw, placeholder: 'no visible change', error: undefined },
    { name: 'what it means to you', value: means, set: setMeans, placeholder: 'left to Hop Lark', error: undefined },
  ]
  return (
    <tr className="border-b border-hair align-top" onKeyDown={onKeyDown}>
      <td colSpan={4} className="py-2">
        <div className="grid gap-2 min-[600px]:grid-cols-[27%_1fr_1fr]">
          {fields.map(({ name, value, set, placeholder, error }, index) => (
            <label key={name} className="text-sm text-ink-soft">
              {name}
              <input
                ref={index === 1 ? sawField : undefined}
                aria-label={`Step ${number}: ${name}`}
                className={`${FIELD} text-base text-ink ${error ? 'border-litmus' : ''}`}
                value={value}
                placeholder={placeholder}
                onChange={(event) => set(event.target.value)}
              />
              {error && <span className="text-litmus">{error}</span>}
            </label>
          ))}
        </div>
        <div className="mt-2 flex gap-2">
          <Button onClick={keep} disabled={action === undefined}>
            Keep
          </Button>
          <Button look="quiet" onClick={onLeave}>
            Leave as it was
          </Button>
        </div>
      </td>
    </tr>
  )
}

import type { RunStep } from '@hop-lark/core/brief'
import { useTask } from '../notebook/derived.ts'
import { TextField } from '../ui/TextField.tsx'
import { minutesTyped, timeStep } from './stepTimes.ts'

const MOST = 1000

/** How long a step takes this student, and whether it is done without. */
export function StepMinutes({ step }: { readonly step: RunStep }) {
  const { brief } = useTask()
  const own = brief?.steps?.find(({ id }) => id === step.id)
  const field = (name: 'hands' | 'wait', label: string) => (
    <TextField
      label={label}
      at={['brief', 'steps', step.id, name]}
      value={own?.[name] === undefined ? '' : String(own[name])}
      placeholder={String(step.minutes[name])}
      unit="min"
      mono
      inputMode="decimal"
      className="w-36"
      onCommit={(text) =>
        timeStep(`minutes of step ${step.n}`, step.id, (times) => {
          const minutes = minutesTyped(text, MOST)
          if (minutes === undefined) delete times[name]
          else times[name] = minutes
        })
      }
    />
  )
  return (
    <div className="flex flex-wrap items-end gap-3">
      {field('hands', 'With hands on')}
      {field('wait', 'Then waiting')}
      <button
        type="button"
        aria-pressed={own?.skipped === true}
        className={`min-h-10 rounded-lg border px-3 text-sm font-semibold ${own?.skipped ? 'border-iodine bg-iodine-wash' : 'border-rule hover:border-ink-soft'}`}
        onClick={() =>
          timeStep(`${own?.skipped ? 'do' : 'do without'} step ${step.n}`, step.id, (times) => {
            if (times.skipped) delete times.skipped
            else times.skipped = true
          })
        }
      >
        {own?.skipped ? 'Done without' : 'Do without'}
      </button>
    </div>
  )
}

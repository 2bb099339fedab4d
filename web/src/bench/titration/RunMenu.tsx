import { type PartOf, path, type Run, writePath } from '@hop-lark/core/record'
import { runName } from '@hop-lark/core/titration'
import { ChevronDown, Trash2 } from 'lucide-react'
import { Popover } from 'radix-ui'
import { useDerived, useTask } from '../../notebook/derived.ts'
import { Button } from '../../ui/Button.tsx'
import { choicesOf } from '../../ui/choices.ts'
import { Select } from '../../ui/Select.tsx'
import { TextField } from '../../ui/TextField.tsx'
import { useRuns } from './useRuns.ts'

const KINDS = choicesOf<Run['kind']>({
  rough: 'rough',
  accurate: 'accurate',
  blank: 'blank',
})
const USES = choicesOf<NonNullable<Run['use']> | 'rule'>({
  rule: 'as the rule has it',
  yes: 'take it in',
  no: 'leave it out',
})

/** The heading of a run: its name, and behind it what kind it is and whether it counts. */
export function RunMenu({ part, index }: { readonly part: PartOf<'titration'>; readonly index: number }) {
  const run = part.runs[index]
  const name = runName(part.runs, index)
  if (!run) return null
  return (
    <Popover.Root>
      <Popover.Trigger
        aria-label={`${name}: kind, refill, in the mean`}
        data-at={writePath(path('parts', part.id, 'runs', run.id))}
        className="on-paper inline-flex min-h-8 items-center gap-0.5 rounded pr-1 pl-2 font-bold hover:bg-hair"
      >
        {name.replace('run ', '')}
        <ChevronDown size={13} aria-hidden="true" className="text-ink-soft" />
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content aria-label={name} align="end" className="z-50 w-80 rounded-xl border border-rule bg-sheet p-4">
          <RunSettings part={part} index={index} run={run} />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}

interface RunSettingsProps {
  readonly part: PartOf<'titration'>
  readonly index: number
  readonly run: Run
}

function RunSettings({ part, index, run }: RunSettingsProps) {
  const { change, remove } = useRuns(part)
  return (
    <div className="flex flex-col gap-3 text-left text-base font-normal">
      <Line label="Kind">
        <Select
          label="Kind of run"
          value={run.kind}
          choices={KINDS}
          onChange={(kind) =>
            change(index, 'change the kind of a run', (found) => {
              found.kind = kind
            })
          }
        />
      </Line>
      <WeighedFor part={part} index={index} run={run} />
      <label className="flex min-h-9 items-center justify-between gap-3">
        <span className="text-sm font-semibold">Burette refilled before it</span>
        <input
          type="checkbox"
          className="size-5 accent-hop"
          checked={run.refilled ?? false}
          onChange={(event) =>
            change(index, 'note the refill', (found) => {
              if (event.target.checked) found.refilled = true
              else delete found.refilled
            })
          }
        />
      </label>
      <UseInMean part={part} index={index} run={run} />
      <Button look="quiet" icon={<Trash2 size={15} />} className="self-start text-ink-soft" onClick={() => remove(index)}>
        Take this run out
      </Button>
    </div>
  )
}

/** The solid of a run, where every run has its own. */
function WeighedFor({ part, index, run }: RunSettingsProps) {
  const { change } = useRuns(part)
  const { assessments } = useDerived().reckoning
  const { parts } = useTask()
  if (!assessments.get(part.id)?.massPerRun) return null
  return (
    <Line label="Weighed solid">
      <Select
        label="Weighed solid"
        value={run.weighing ?? ''}
        choices={parts.filter(({ kind }) => kind === 'weighing').map(({ id, title }) => ({ value: id, says: title ?? id }))}
        onChange={(id) =>
          change(index, 'choose the weighing', (found) => {
            found.weighing = id
          })
        }
      />
    </Line>
  )
}

/** Whether a run enters the mean, and why it does not go by the rule. */
function UseInMean({ part, index, run }: RunSettingsProps) {
  const { change } = useRuns(part)
  return (
    <>
      {run.kind !== 'blank' && (
        <Line label="In the mean">
          <Select
            label="In the mean"
            value={run.use ?? 'rule'}
            choices={USES}
            onChange={(use) =>
              change(index, 'choose what enters the mean', (found) => {
                if (use === 'rule') {
                  delete found.use
                  delete found.why
                } else found.use = use
              })
            }
          />
        </Line>
      )}
      {run.use !== undefined && (
        <TextField
          label="Why (the report says so)"
          value={run.why ?? ''}
          at={path('parts', part.id, 'runs', run.id, 'use')}
          onCommit={(why) =>
            change(index, 'give the reason', (found) => {
              if (why) found.why = why
              else delete found.why
            })
          }
        />
      )}
    </>
  )
}

function Line({ label, children }: { readonly label: string; readonly children: React.ReactNode }) {
  return (
    <div className="flex items-center justify-between gap-3">
      <span className="text-sm font-semibold">{label}</span>
      {children}
    </div>
  )
}

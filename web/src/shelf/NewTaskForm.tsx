import { zodResolver } from '@hookform/resolvers/zod'
import { newTask, SHEET_GROUPS, STARTING_SHEETS, type StartingSheet, sheetNamed, TaskSchema } from '@hop-lark/core/record'
import { RadioGroup } from 'radix-ui'
import { useEffect, useLayoutEffect, useRef, useState } from 'react'
import { useController, useForm, useWatch } from 'react-hook-form'
import { useNavigate } from 'react-router'
import { z } from 'zod'
import { ApiError, api } from '../notebook/api.ts'
import { Button } from '../ui/Button.tsx'
import { useStable } from '../ui/useStable.ts'

const SHEETS = Object.keys(STARTING_SHEETS) as [StartingSheet, ...StartingSheet[]]
const { title, minutes } = TaskSchema.shape

const isMinutes = (text: string) => /^\d*$/.test(text.trim()) && (text.trim() === '' || minutes.safeParse(Number(text)).success)

const FieldsSchema = z.object({
  title: title.refine((text) => text.trim() !== '', 'Give it a title, so that you find it again.'),
  minutes: z.string().refine(isMinutes, 'Whole minutes, or empty.'),
  sheet: z.enum(SHEETS),
})
type Fields = z.infer<typeof FieldsSchema>

/** In the order in which they are shown. */
const SHOWN = SHEET_GROUPS.flatMap((group) => SHEETS.filter((name) => STARTING_SHEETS[name].group === group))

function sheetBeside(name: StartingSheet, by: number): StartingSheet {
  return SHOWN[(SHOWN.indexOf(name) + by + SHOWN.length) % SHOWN.length] ?? name
}

interface NewTaskFormProps {
  /** What was typed already, and whether it was entered. */
  readonly title: string
  readonly entered: boolean
}

/** Title, minutes and starting sheet of a new task. */
export function NewTaskForm({ title: begun, entered }: NewTaskFormProps) {
  const [refused, setRefused] = useState<ApiError>()
  const { register, handleSubmit, control, setValue, formState } = useForm<Fields>({
    resolver: zodResolver(FieldsSchema),
    defaultValues: { title: begun, minutes: '', sheet: 'empty' },
  })
  const sheet = useController({ control, name: 'sheet' }).field
  const title = useWatch({ control, name: 'title' })
  const chosen = useRef(false)
  const choose = (value: string) => {
    chosen.current = true
    sheet.onChange(value)
  }
  const named = sheetNamed(title) ?? 'empty'
  useEffect(() => {
    // What was chosen by hand is not chosen otherwise by a word of the title.
    if (!chosen.current) setValue('sheet', named)
  }, [named, setValue])
  const navigate = useNavigate()
  useTypingOn(begun)
  const create = async ({ title, minutes, sheet }: Fields) => {
    const task = newTask(title.trim(), sheet, Math.random)
    try {
      const created = await api.create(minutes.trim() === '' ? task : { ...task, minutes: Number(minutes) })
      await navigate(`/task/${created.id}/brief`)
    } catch (error) {
      if (!(error instanceof ApiError)) throw error
      setRefused(error)
    }
  }
  const submit = useStable(() => void handleSubmit(create)())
  useEffect(() => {
    if (entered) submit()
  }, [entered, submit])
  const { errors, isSubmitting } = formState
  return (
    <form onSubmit={(event) => void handleSubmit(create)(event)}>
      <div className="flex gap-3">
        <label className="flex-1">
          <span className="mb-1 block text-sm font-semibold">Title</span>
          <input
            {...register('title')}
            maxLength={300}
            autoComplete="off"
            aria-describedby="begins-as"
            onKeyDown={(event) => {
              const by = { ArrowDown: 1, ArrowUp: -1 }[event.key]
              if (by === undefined) return
              event.preventDefault()
              choose(sheetBeside(sheet.value, by))
            }}
            aria-invalid={errors.title !== undefined}
            className="min-h-10 w-full rounded-lg border border-rule bg-sheet px-3"
          />
        </label>
        <label className="w-28">
          <span className="mb-1 block text-sm font-semibold">Minutes</span>
          <input
            {...register('minutes')}
            inputMode="numeric"
            autoComplete="off"
            aria-invalid={errors.minutes !== undefined}
            className="num min-h-10 w-full rounded-lg border border-rule bg-sheet px-3"
          />
        </label>
      </div>
      <Fault says={errors.title?.message ?? errors.minutes?.message} />
      <p id="begins-as" aria-live="polite" className="mt-2 text-[0.95rem]">
        Begins as <strong className="font-semibold">{STARTING_SHEETS[sheet.value].name}</strong>
        <span className="keys-only text-ink-soft"> · ↑ ↓ in the title choose another, Enter opens it</span>
      </p>
      <Sheets value={sheet.value} onChange={choose} />
      <Fault says={refused && `${refused.message} ${refused.away ? 'Try again when it is back.' : refused.mend}`} />
      <Button look="main" type="submit" disabled={isSubmitting} className="mt-5">
        Open the task
      </Button>
    </form>
  )
}

/**
 * Takes the cursor behind what was begun before the next key can come: a dialog whose first field has it already selects
 * nothing, and what is typed on replaces nothing.
 */
function useTypingOn(begun: string): void {
  useLayoutEffect(() => {
    const field = document.querySelector<HTMLInputElement>('input[name=title]')
    field?.focus()
    field?.setSelectionRange(begun.length, begun.length)
  }, [begun])
}

const Fault = ({ says }: { readonly says: string | undefined }) =>
  says === undefined ? null : (
    <p role="alert" className="mt-1 text-sm text-litmus">
      {says}
    </p>
  )

interface SheetsProps {
  readonly value: StartingSheet
  readonly onChange: (sheet: string) => void
}

/** The shapes that a task can begin as, under headings. */
const Sheets = ({ value, onChange }: SheetsProps) => (
  <RadioGroup.Root aria-label="Starting sheet" value={value} onValueChange={onChange} className="mt-4">
    {SHEET_GROUPS.map((group) => (
      <section key={group} className="mt-3">
        <h3 className="mb-1 text-sm font-semibold text-ink-soft first-letter:uppercase">{group}</h3>
        <div className="grid grid-cols-3 gap-2 max-[799px]:grid-cols-2 max-[599px]:grid-cols-1">
          {SHEETS.filter((name) => STARTING_SHEETS[name].group === group).map((name) => (
            <SheetItem key={name} name={name} />
          ))}
        </div>
      </section>
    ))}
  </RadioGroup.Root>
)

const SheetItem = ({ name }: { readonly name: StartingSheet }) => (
  <RadioGroup.Item
    value={name}
    className="flex flex-col justify-start rounded-lg border border-rule px-3 py-2 text-left hover:border-ink-soft data-[state=checked]:border-hop data-[state=checked]:bg-hop-wash"
  >
    <span className="block font-semibold">{STARTING_SHEETS[name].name}</span>
    <span className="block text-sm text-ink-soft">{STARTING_SHEETS[name].says}</span>
  </RadioGroup.Item>
)

import { newTask, STARTING_SHEETS, type StartingSheet } from '@hop-lark/core/record'
import { RadioGroup } from 'radix-ui'
import { useEffect, useState } from 'react'
import { useForm } from 'react-hook-form'
import { useNavigate } from 'react-router'
import { ApiError, api } from '../notebook/api.ts'
import { Button } from '../ui/Button.tsx'
import { Dialog } from '../ui/Dialog.tsx'

interface Fields {
  title: string
  minutes: string
}

const SHEETS = Object.keys(STARTING_SHEETS) as StartingSheet[]

/** Asks for a title and a starting sheet, puts the task on the server and opens it. */
export function NewTaskDialog({ title, onClose }: { readonly title: string; readonly onClose: () => void }) {
  return (
    <Dialog
      open
      onOpenChange={onClose}
      title="New task"
      says="Choose the shape nearest to the task sheet; everything can be changed later."
      wide
    >
      <NewTaskForm title={title} />
    </Dialog>
  )
}

function NewTaskForm({ title: begun }: { readonly title: string }) {
  const [sheet, setSheet] = useState<StartingSheet>('weigh-titrate')
  const [refused, setRefused] = useState<ApiError>()
  const { register, handleSubmit, formState } = useForm<Fields>({ defaultValues: { title: begun, minutes: '' } })
  const navigate = useNavigate()
  // The dialog selects its first field, so that what is typed on would replace what was begun.
  useEffect(() => {
    const field = document.querySelector<HTMLInputElement>('input[name=title]')
    const frame = requestAnimationFrame(() => field?.setSelectionRange(begun.length, begun.length))
    return () => cancelAnimationFrame(frame)
  }, [begun])
  const create = async ({ title, minutes }: Fields) => {
    const task = newTask(title.trim(), sheet, Math.random)
    try {
      const created = await api.create(minutes.trim() === '' ? task : { ...task, minutes: Number(minutes) })
      await navigate(`/task/${created.id}/brief`)
    } catch (error) {
      if (!(error instanceof ApiError)) throw error
      setRefused(error)
    }
  }
  const { errors, isSubmitting } = formState
  return (
    <form onSubmit={(event) => void handleSubmit(create)(event)}>
      <div className="flex gap-3">
        <label className="flex-1">
          <span className="mb-1 block text-sm font-semibold">Title</span>
          <input
            {...register('title', { validate: (text) => text.trim() !== '' || 'Give it a title, so that you find it again.' })}
            autoComplete="off"
            aria-invalid={errors.title !== undefined}
            className="min-h-10 w-full rounded-lg border border-rule bg-sheet px-3"
          />
        </label>
        <label className="w-28">
          <span className="mb-1 block text-sm font-semibold">Minutes</span>
          <input
            {...register('minutes', { pattern: { value: /^\s*\d{0,4}\s*$/, message: 'Whole minutes, or empty.' } })}
            inputMode="numeric"
            autoComplete="off"
            aria-invalid={errors.minutes !== undefined}
            className="num min-h-10 w-full rounded-lg border border-rule bg-sheet px-3"
          />
        </label>
      </div>
      {(errors.title ?? errors.minutes) && (
        <p role="alert" className="mt-1 text-sm text-litmus">
          {errors.title?.message ?? errors.minutes?.message}
        </p>
      )}
      <RadioGroup.Root
        aria-label="Starting sheet"
        value={sheet}
        onValueChange={(value) => setSheet(value as StartingSheet)}
        className="mt-4 grid grid-cols-3 gap-2 max-[799px]:grid-cols-2 max-[599px]:grid-cols-1"
      >
        {SHEETS.map((name) => (
          <RadioGroup.Item
            key={name}
            value={name}
            className="flex flex-col justify-start rounded-lg border border-rule px-3 py-2 text-left hover:border-ink-soft data-[state=checked]:border-hop data-[state=checked]:bg-hop-wash"
          >
            <span className="block font-semibold">{STARTING_SHEETS[name].name}</span>
            <span className="block text-sm text-ink-soft">{STARTING_SHEETS[name].says}</span>
          </RadioGroup.Item>
        ))}
      </RadioGroup.Root>
      {refused && (
        <p role="alert" className="mt-3 text-litmus">
          {refused.message} {refused.away ? 'Try again when it is back.' : refused.mend}
        </p>
      )}
      <Button look="main" type="submit" disabled={isSubmitting} className="mt-5">
        Open the task
      </Button>
    </form>
  )
}

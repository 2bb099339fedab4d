import { MOST_FIGURES } from '@hop-lark/core/record'
import type { ReactNode } from 'react'
import { useController, useFormContext, useWatch } from 'react-hook-form'
import { useTask } from '../notebook/derived.ts'
import { type Choice, choicesFrom } from '../ui/choices.ts'
import { Select } from '../ui/Select.tsx'
import { TextField } from '../ui/TextField.tsx'
import { ASKABLE, type Askable, type Asked, extrasOf, placesFor } from './askable.ts'
import { ExtraFields } from './ExtraFields.tsx'

/** The fields of a question: which there are depends on the quantity. */
export function AskedFields({ id }: { readonly id: string }) {
  const task = useTask()
  const quantity = useWatch<Asked, 'quantity'>({ name: 'quantity' })
  const { species, where, units } = ASKABLE[quantity]
  const places = placesFor(task, quantity)
  return (
    <>
      <QuantityField />
      {species && <TextOfQuestion name="of" label="Of (element, ion or formula)" mono placeholder="Fe" />}
      {where !== 'nowhere' && (
        <ChoiceOfQuestion
          name="in"
          label="In"
          heading={quantity === 'molarMass' ? 'Of' : 'In'}
          choices={places}
          placeholder={places.length === 0 ? 'nothing to choose yet' : 'Choose …'}
        />
      )}
      <ExtraFields extras={extrasOf(quantity)} questions={task.questions.filter((one) => one.id !== id)} />
      <div className="flex gap-3">
        {units.length > 1 && (
          <ChoiceOfQuestion name="unit" label="Unit" choices={units.map((unit) => ({ value: unit, says: unit }))} />
        )}
        <ChoiceOfQuestion
          name="figures"
          label="Figures"
          choices={[
            { value: 'usual', says: `as the task: ${task.conventions.figures}` },
            ...choicesFrom(1, MOST_FIGURES, String),
          ]}
        />
      </div>
      <TextOfQuestion name="text" label="In the task’s words (optional)" />
    </>
  )
}

const QUANTITIES = (Object.keys(ASKABLE) as Askable[]).map((value) => ({ value, says: ASKABLE[value].says }))

/** Another quantity has other units, places and fields: what was chosen for the last does not stay. */
function QuantityField() {
  const task = useTask()
  const { getValues, reset } = useFormContext<Asked>()
  const { field } = useController<Asked, 'quantity'>({ name: 'quantity' })
  const choose = (quantity: Askable) =>
    reset({
      ...getValues(),
      quantity,
      unit: ASKABLE[quantity].units[0],
      in: placesFor(task, quantity)[0]?.value ?? '',
      extra: {},
    })
  return (
    <Labelled label="Find">
      <Select label="Quantity" value={field.value} choices={QUANTITIES} className="w-full" onChange={choose} />
    </Labelled>
  )
}

interface TextOfQuestionProps {
  readonly name: 'of' | 'text'
  readonly label: string
  readonly mono?: boolean
  readonly placeholder?: string
}

function TextOfQuestion({ name, ...rest }: TextOfQuestionProps) {
  const { field, fieldState } = useController<Asked, 'of' | 'text'>({ name })
  return <TextField {...rest} value={field.value} error={fieldState.error?.message} onCommit={field.onChange} />
}

interface ChoiceOfQuestionProps {
  readonly name: 'in' | 'unit' | 'figures'
  readonly label: string
  readonly heading?: string
  readonly choices: readonly Choice[]
  readonly placeholder?: string
}

function ChoiceOfQuestion({ name, label, heading = label, ...rest }: ChoiceOfQuestionProps) {
  const { field, fieldState } = useController<Asked, 'in' | 'unit' | 'figures'>({ name })
  return (
    <Labelled label={heading} error={fieldState.error?.message}>
      <Select {...rest} label={label} value={field.value} className="w-full" onChange={field.onChange} />
    </Labelled>
  )
}

interface LabelledProps {
  readonly label: string
  readonly error?: string | undefined
  readonly children: ReactNode
}

function Labelled({ label, error, children }: LabelledProps) {
  return (
    <div>
      <span className="mb-1 block text-sm font-semibold">{label}</span>
      {children}
      {error && (
        <p role="alert" className="mt-1 text-sm text-litmus">
          {error}
        </p>
      )}
    </div>
  )
}

import { MOST_FIGURES } from '@hop-lark/core/record'
import { SUMS, sumOf } from '@hop-lark/core/sums'
import type { ReactNode } from 'react'
import { useController, useFormContext, useWatch } from 'react-hook-form'
import { useTask } from '../notebook/derived.ts'
import { type Choice, choicesFrom } from '../ui/choices.ts'
import { Select } from '../ui/Select.tsx'
import { TextField } from '../ui/TextField.tsx'
import { ASKABLE, type Askable, type Asked, askedAfresh, extrasOf, placesFor } from './askable.ts'
import { freshSum } from './asSum.ts'
import { ExtraFields } from './ExtraFields.tsx'
import { KcFields } from './KcFields.tsx'
import { SumFields } from './SumFields.tsx'

/** The fields of a question: which there are depends on the quantity. */
export function AskedFields({ id }: { readonly id: string }) {
  const task = useTask()
  const quantity = useWatch<Asked, 'quantity'>({ name: 'quantity' })
  const { species, where, units } = ASKABLE[quantity]
  const places = placesFor(task, quantity)
  const sum = sumOf(useWatch<Asked, 'sum.sum'>({ name: 'sum.sum' }))
  const ownUnit = sum?.lines.at(-1)?.unit.replace(/^as .*/, '') || 'none'
  const others = task.questions.filter((one) => one.id !== id)
  return (
    <>
      <QuantityField />
      {species && <TextOfQuestion asked name="of" label="Of (element, ion or formula)" mono placeholder="Fe" />}
      {where !== 'nowhere' && (
        <ChoiceOfQuestion
          name="in"
          label="In"
          heading={quantity === 'molarMass' ? 'Of' : 'In'}
          choices={places}
          placeholder={places.length === 0 ? 'nothing to choose yet' : 'Choose …'}
        />
      )}
      {quantity === 'sum' && <SumFields questions={others} />}
      {quantity === 'equilibriumConstant' && <KcFields questions={others} />}
      <ExtraFields extras={extrasOf(quantity)} questions={others} />
      <div className="flex gap-3">
        {quantity === 'sum' && <TextOfQuestion name="unit" label="Unit (empty: its own)" mono placeholder={ownUnit} />}
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

const SUM = 'sum:'

/** Everything that can be asked for: what follows from the record, then the named calculations by their groups. */
const QUANTITIES: readonly Choice[] = [
  ...(Object.keys(ASKABLE) as Askable[])
    .filter((quantity) => quantity !== 'sum')
    .map((value) => ({ value, says: ASKABLE[value].says, group: 'from the record' })),
  ...SUMS.map(({ id, says, group }) => ({ value: `${SUM}${id}`, says, group })),
]

/** Another quantity has other units, places and fields: what was chosen for the last does not stay. */
function QuantityField() {
  const task = useTask()
  const { getValues, reset } = useFormContext<Asked>()
  const quantity = useWatch<Asked, 'quantity'>({ name: 'quantity' })
  const sum = useWatch<Asked, 'sum.sum'>({ name: 'sum.sum' })
  const choose = (chosen: string) => {
    const { text, figures } = getValues()
    const asked = chosen.startsWith(SUM)
      ? { ...askedAfresh('sum', ''), sum: freshSum(chosen.slice(SUM.length)) }
      : askedAfresh(chosen as Askable, placesFor(task, chosen as Askable)[0]?.value ?? '')
    reset({ ...asked, text, figures })
  }
  return (
    <Labelled label="Find">
      <Select
        label="Quantity"
        value={quantity === 'sum' ? `${SUM}${sum}` : quantity}
        choices={QUANTITIES}
        className="w-full"
        onChange={choose}
      />
    </Labelled>
  )
}

interface TextOfQuestionProps {
  readonly name: 'of' | 'text' | 'unit'
  readonly label: string
  readonly mono?: boolean
  readonly placeholder?: string
  readonly asked?: boolean
}

function TextOfQuestion({ name, ...rest }: TextOfQuestionProps) {
  const { field, fieldState } = useController<Asked, 'of' | 'text' | 'unit'>({ name })
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

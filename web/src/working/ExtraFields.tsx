import { checkFormula } from '@hop-lark/core/check'
import { isDecimalText, readStrength } from '@hop-lark/core/number'
import { questionTitle } from '@hop-lark/core/reckon'
import type { Question } from '@hop-lark/core/record'
import { useController, useFormState } from 'react-hook-form'
import { useTask } from '../notebook/derived.ts'
import { Select } from '../ui/Select.tsx'
import { TextField } from '../ui/TextField.tsx'
import type { Asked, Extra } from './askable.ts'
import { AxisField, PlaceOnX, PlaceOnY, WhichField } from './SeriesFields.tsx'

interface ExtraFieldsProps {
  readonly extras: readonly Extra[]
  /** Questions whose answers can be compared. */
  readonly questions: readonly Question[]
}

interface FieldRow {
  readonly label: string
  readonly placeholder: string
  /** What is wrong with a text, or nothing. */
  readonly fault: (text: string) => string | undefined
}

const number = (text: string) => (isDecimalText(text) ? undefined : 'digits and a point only')
const strength = (text: string) =>
  readStrength(text) ? undefined : 'Write a strength: 0.05, M/20, a twentieth molar, 4.90 g/dm3.'

const FIELDS: Readonly<Record<Exclude<Extra, keyof typeof CHOSEN>, FieldRow>> = {
  countedBy: {
    label: 'Counted by (empty, unless all of it is taken to be there as that)',
    placeholder: 'Fe',
    fault: (text) => checkFormula(text, [])[0]?.says,
  },
  at: { label: 'At (empty: where the curve begins)', placeholder: '30', fault: number },
  from: { label: 'From (empty: the first point)', placeholder: '0', fault: number },
  to: { label: 'To (empty: the last point)', placeholder: '60', fault: number },
  accepted: { label: 'Accepted value', placeholder: '12.9', fault: number },
  added: { label: 'Common ion added (if any)', placeholder: 'IO3-', fault: () => undefined },
  addedStrength: { label: 'Its concentration', placeholder: '0.0100 mol/dm3', fault: strength },
  strength: { label: 'Strength', placeholder: 'a twentieth molar', fault: strength },
  volume: {
    label: 'Volume',
    placeholder: '250 cm3',
    fault: (text) => (/^\d/.test(text.trim()) ? undefined : 'Write a volume: 250, 250 cm3, 1 dm3.'),
  },
  items: {
    label: 'How many items were weighed together',
    placeholder: '5',
    fault: (text) => (/^[1-9]\d*$/.test(text) ? undefined : 'a whole number'),
  },
}

/** Extras that are chosen, or can be, with the field for each. */
const CHOSEN = {
  answer: AnswerField,
  placeOnX: PlaceOnX,
  placeOnY: PlaceOnY,
  axis: AxisField,
  which: WhichField,
} as const satisfies Partial<Record<Extra, unknown>>

const isChosenFrom = (extra: Extra): extra is keyof typeof CHOSEN => Object.hasOwn(CHOSEN, extra)

/** Fields that only some questions have. */
export function ExtraFields({ extras, questions }: ExtraFieldsProps) {
  const { errors } = useFormState<Asked>()
  return (
    <>
      {extras.map((extra) => {
        if (!isChosenFrom(extra)) return <ExtraField key={extra} extra={extra} />
        const Field = CHOSEN[extra]
        return <Field key={extra} questions={questions} />
      })}
      {errors.extra?.message && (
        <p role="alert" className="text-sm text-litmus">
          {errors.extra.message}
        </p>
      )}
    </>
  )
}

function AnswerField({ questions }: Pick<ExtraFieldsProps, 'questions'>) {
  const task = useTask()
  const { field } = useController<Asked, 'extra.answer'>({ name: 'extra.answer' })
  return (
    <div>
      <span className="mb-1 block text-sm font-semibold">Answer to compare</span>
      <Select
        label="Answer to compare"
        value={field.value ?? ''}
        choices={questions.map((question) => ({ value: question.id, says: questionTitle(task, question) }))}
        className="w-full"
        placeholder={questions.length === 0 ? 'nothing to compare yet' : 'Choose …'}
        onChange={field.onChange}
      />
    </div>
  )
}

function ExtraField({ extra }: { readonly extra: keyof typeof FIELDS }) {
  const { label, placeholder, fault } = FIELDS[extra]
  const { field } = useController<Asked, `extra.${typeof extra}`>({ name: `extra.${extra}` })
  const value = field.value ?? ''
  return (
    <TextField
      label={label}
      value={value}
      mono
      placeholder={placeholder}
      error={value === '' ? undefined : fault(value)}
      onCommit={field.onChange}
    />
  )
}

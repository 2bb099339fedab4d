import { isDecimalText, readStrength } from '@hop-lark/core/number'
import { questionTitle } from '@hop-lark/core/reckon'
import type { Question } from '@hop-lark/core/record'
import { useTask } from '../notebook/derived.ts'
import { Select } from '../ui/Select.tsx'
import { TextField } from '../ui/TextField.tsx'
import type { Asked, Extra } from './askable.ts'

interface ExtraFieldsProps {
  readonly extras: readonly Extra[]
  readonly values: Asked['extra']
  /** Questions whose answers can be compared. */
  readonly questions: readonly Question[]
  readonly onChange: (values: Asked['extra']) => void
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

const FIELDS: Readonly<Record<Exclude<Extra, 'answer'>, FieldRow>> = {
  at: { label: 'At (empty: where the curve begins)', placeholder: '30', fault: number },
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

/** Fields that only some questions have. */
export function ExtraFields({ extras, values, questions, onChange }: ExtraFieldsProps) {
  const task = useTask()
  return extras.map((extra) => {
    const value = values[extra] ?? ''
    if (extra === 'answer')
      return (
        <div key={extra}>
          <span className="mb-1 block text-sm font-semibold">Answer to compare</span>
          <Select
            label="Answer to compare"
            value={value}
            choices={questions.map((question) => ({ value: question.id, says: questionTitle(task, question) }))}
            className="w-full"
            placeholder={questions.length === 0 ? 'nothing to compare yet' : 'Choose …'}
            onChange={(answer) => onChange({ ...values, answer })}
          />
        </div>
      )
    const { label, placeholder, fault } = FIELDS[extra]
    return (
      <TextField
        key={extra}
        label={label}
        value={value}
        mono
        placeholder={placeholder}
        error={value === '' ? undefined : fault(value)}
        onCommit={(text) => onChange({ ...values, [extra]: text.trim() })}
      />
    )
  })
}

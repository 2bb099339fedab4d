import { checkFormula } from '@hop-lark/core/check'
import { unitSymbol } from '@hop-lark/core/number'
import type { Question, Task } from '@hop-lark/core/record'
import { type Sum, sumOf, type Take, type Text } from '@hop-lark/core/sums'
import { useController, useWatch } from 'react-hook-form'
import { useTask } from '../notebook/derived.ts'
import { TextField } from '../ui/TextField.tsx'
import { answerChoices } from './answerChoices.ts'
import type { Asked } from './askable.ts'
import { faultOf } from './asSum.ts'
import { WorkedWithField } from './WorkedWithField.tsx'

interface SumFieldsProps {
  /** Questions whose answers can be worked with. */
  readonly questions: readonly Question[]
}

/** The fields of a calculation: of what, by which reaction, and with which numbers. */
export function SumFields({ questions }: SumFieldsProps) {
  const sum = sumOf(useWatch<Asked, 'sum.sum'>({ name: 'sum.sum' }))
  if (!sum) return null
  return (
    <>
      {(sum.texts ?? []).map((text) => (
        <TextOfSum key={text.key} text={text} />
      ))}
      {sum.takes.map((take) => (
        <TakeField key={take.key} take={take} questions={questions} />
      ))}
      <AboutSum sum={sum} />
    </>
  )
}

function TextOfSum({ text: { key, says, kind, placeholder } }: { readonly text: Text }) {
  const { field } = useController<Asked, `sum.texts.${string}`>({ name: `sum.texts.${key}` })
  const value = field.value ?? ''
  const fault = kind === 'formula' && value !== '' ? checkFormula(value, [])[0]?.says : undefined
  return <TextField label={says} value={value} mono placeholder={placeholder} error={fault} onCommit={field.onChange} />
}

/** What a field that is left empty means, or how it is filled in. */
function placeholderOf({ unit, convention }: Take, { conventions }: Task): string {
  if (convention !== undefined) return `${conventions[convention]} ${unitSymbol(unit)}, as the task`
  return unit === 'any' ? 'with its unit' : `in ${unitSymbol(unit) || 'no unit'}`
}

function TakeField({ take, questions }: { readonly take: Take } & SumFieldsProps) {
  const task = useTask()
  const { field } = useController<Asked, `sum.with.${string}`>({ name: `sum.with.${take.key}` })
  const value = field.value ?? ''
  return (
    <WorkedWithField
      label={`${take.says.charAt(0).toUpperCase()}${take.says.slice(1)}, ${take.symbol}`}
      value={value}
      placeholder={placeholderOf(take, task)}
      error={faultOf(value, take)}
      others={take.scale ? [] : answerChoices(task, questions)}
      onChange={field.onChange}
    />
  )
}

/** The lines it is worked in, what it takes for granted, and where its definition stands. */
function AboutSum({ sum }: { readonly sum: Sum }) {
  return (
    <div className="rounded-lg bg-hair px-3 py-2 text-sm">
      {sum.lines.map(({ gives, symbol, formula }) => (
        <p key={gives} className="num">
          {symbol} = {formula}
        </p>
      ))}
      {sum.assumes && <p className="mt-1">Takes for granted: {sum.assumes.join('; ')}.</p>}
      <p className="mt-1 text-ink-soft">After: {sum.source}.</p>
    </div>
  )
}

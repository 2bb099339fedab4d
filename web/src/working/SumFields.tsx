import { checkFormula } from '@hop-lark/core/check'
import { questionTitle, unitSymbol } from '@hop-lark/core/reckon'
import type { Question, Task } from '@hop-lark/core/record'
import { type Sum, sumOf, type Take, type Text } from '@hop-lark/core/sums'
import { useController, useWatch } from 'react-hook-form'
import { useTask } from '../notebook/derived.ts'
import { Select } from '../ui/Select.tsx'
import { TextField } from '../ui/TextField.tsx'
import type { Asked } from './askable.ts'
import { answerOf, answerText, faultOf } from './asSum.ts'

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

const TYPED = 'typed'

/** What a field that is left empty means, or how it is filled in. */
function placeholderOf({ unit, convention }: Take, { conventions }: Task): string {
  if (convention !== undefined) return `${conventions[convention]} ${unitSymbol(unit)}, as the task`
  return unit === 'any' ? 'with its unit' : `in ${unitSymbol(unit) || 'no unit'}`
}

function TakeField({ take, questions }: { readonly take: Take } & SumFieldsProps) {
  const task = useTask()
  const { field } = useController<Asked, `sum.with.${string}`>({ name: `sum.with.${take.key}` })
  const value = field.value ?? ''
  const chosen = answerOf(value)
  const label = `${take.says.charAt(0).toUpperCase()}${take.says.slice(1)}, ${take.symbol}`
  const choices = [
    { value: TYPED, says: 'a number' },
    ...questions.map((question) => ({ value: question.id, says: `answer: ${questionTitle(task, question)}` })),
  ]
  return (
    <div className="flex flex-wrap items-start gap-2">
      {chosen === undefined ? (
        <TextField
          className="min-w-40 flex-1"
          label={label}
          value={value}
          mono
          placeholder={placeholderOf(take, task)}
          error={faultOf(value, take)}
          onCommit={field.onChange}
        />
      ) : (
        <span className="min-w-40 flex-1 text-sm font-semibold">{label}</span>
      )}
      {questions.length > 0 && !take.scale && (
        <Select
          label={`${label}: from`}
          value={chosen ?? TYPED}
          choices={choices}
          className={chosen === undefined ? 'mt-6 max-w-40' : 'w-full'}
          onChange={(from) => field.onChange(from === TYPED ? '' : answerText(from))}
        />
      )}
    </div>
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

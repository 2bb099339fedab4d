import { checkEquation } from '@hop-lark/core/check'
import type { Question } from '@hop-lark/core/record'
import { useController, useWatch } from 'react-hook-form'
import { useTask } from '../notebook/derived.ts'
import { Formula } from '../ui/Chem.tsx'
import { TextField } from '../ui/TextField.tsx'
import { answerChoices } from './answerChoices.ts'
import { faultOfAmount, substancesOf } from './asKc.ts'
import type { Asked } from './askable.ts'
import { WorkedWithField } from './WorkedWithField.tsx'

interface KcFieldsProps {
  /** Questions whose answers can be worked with. */
  readonly questions: readonly Question[]
}

/** The fields of an equilibrium constant: the equation, and for each of its substances what was put in and what is there. */
export function KcFields({ questions }: KcFieldsProps) {
  const { field } = useController<Asked, 'kc.equation'>({ name: 'kc.equation' })
  const substances = substancesOf(useWatch<Asked, 'kc.equation'>({ name: 'kc.equation' }))
  const fault = field.value === '' ? undefined : checkEquation(field.value, [])[0]?.says
  return (
    <>
      <TextField
        label="Equation"
        value={field.value}
        mono
        placeholder="CH3COOH + C2H5OH <=> CH3COOC2H5 + H2O"
        error={fault}
        onCommit={field.onChange}
      />
      {substances.map(({ text }, index) => (
        <fieldset key={`${index}${text}`} className="rounded-lg border border-rule px-3 pt-1 pb-3">
          <legend className="px-1 text-sm font-semibold">
            <Formula text={text} />
          </legend>
          <Known when="start" index={index} label={`${text} put in`} questions={questions} />
          <Known when="at" index={index} label={`${text} at equilibrium`} questions={questions} />
        </fieldset>
      ))}
      {substances.length > 0 && <VolumeOfKc />}
      <p className="rounded-lg bg-hair px-3 py-2 text-sm">
        Known at equilibrium is one substance at least; of the others, what was put in (0 if none). In mol, or all in mol/dm³.
      </p>
    </>
  )
}

interface KnownProps extends KcFieldsProps {
  readonly when: 'start' | 'at'
  readonly index: number
  readonly label: string
}

function Known({ when, index, label, questions }: KnownProps) {
  const task = useTask()
  const { field } = useController<Asked, `kc.${'start' | 'at'}.${number}`>({ name: `kc.${when}.${index}` })
  const value = field.value ?? ''
  return (
    <WorkedWithField
      label={label}
      value={value}
      placeholder="in mol"
      error={faultOfAmount(value)}
      others={answerChoices(task, questions)}
      onChange={field.onChange}
    />
  )
}

function VolumeOfKc() {
  const { field } = useController<Asked, 'kc.volume'>({ name: 'kc.volume' })
  return (
    <TextField
      label="Volume (where it does not cancel)"
      value={field.value}
      mono
      placeholder="in dm³"
      onCommit={field.onChange}
    />
  )
}

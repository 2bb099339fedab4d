import { drawnAxis } from '@hop-lark/core/curve'
import { readMeasured, unitSymbol } from '@hop-lark/core/number'
import { findPart, type PartOf, type Question } from '@hop-lark/core/record'
import { useController, useWatch } from 'react-hook-form'
import { useTask } from '../notebook/derived.ts'
import { type Choice, choicesFrom } from '../ui/choices.ts'
import { Select } from '../ui/Select.tsx'
import { answerChoices } from './answerChoices.ts'
import type { Asked } from './askable.ts'
import { WorkedWithField } from './WorkedWithField.tsx'
import { isChosen, unknownText } from './workedWith.ts'

interface SeriesFieldProps {
  /** Questions whose answers can be worked with. */
  readonly questions: readonly Question[]
}

/** The series a question is asked of, while one is chosen. */
function useSeries(): PartOf<'series'> | undefined {
  return findPart(useTask(), 'series', useWatch<Asked, 'in'>({ name: 'in' }))
}

const unknownsOf = (part: PartOf<'series'> | undefined): readonly Choice[] =>
  (part?.unknowns ?? []).map(({ id, label }) => ({ value: unknownText(id), says: `reading of ${label || id}` }))

/** Where something is read off: a number on an axis, an answer, or the reading of an unknown. */
function PlaceField({ axis, others }: { readonly axis: 'x' | 'y'; readonly others: readonly Choice[] }) {
  const series = useSeries()
  const { field } = useController<Asked, 'extra.placeOnX' | 'extra.placeOnY'>({
    name: axis === 'x' ? 'extra.placeOnX' : 'extra.placeOnY',
  })
  const { name, unit } = series ? drawnAxis(series[axis]) : { name: axis, unit: '' }
  const value = field.value ?? ''
  const fault = value === '' || isChosen(value) || readMeasured(value) ? undefined : `Write a number, in ${unit || 'no unit'}.`
  return (
    <WorkedWithField
      label={`At ${name}`}
      value={value}
      placeholder={`in ${unitSymbol(unit) || 'no unit'}`}
      error={fault}
      others={others}
      onChange={field.onChange}
    />
  )
}

export function PlaceOnX({ questions }: SeriesFieldProps) {
  return <PlaceField axis="x" others={answerChoices(useTask(), questions)} />
}

export function PlaceOnY({ questions }: SeriesFieldProps) {
  return <PlaceField axis="y" others={[...unknownsOf(useSeries()), ...answerChoices(useTask(), questions)]} />
}

interface ChosenFieldProps {
  readonly label: string
  readonly value: string
  readonly choices: readonly Choice[]
  readonly onChange: (value: string) => void
}

function ChosenField({ label, ...rest }: ChosenFieldProps) {
  return (
    <div>
      <span className="mb-1 block text-sm font-semibold">{label}</span>
      <Select label={label} className="w-full" {...rest} />
    </div>
  )
}

/** Along which axis a place is asked for. */
export function AxisField(_: SeriesFieldProps) {
  const series = useSeries()
  const { field } = useController<Asked, 'extra.axis'>({ name: 'extra.axis' })
  const choices = (['x', 'y'] as const).map((axis) => ({ value: axis, says: series ? drawnAxis(series[axis]).name : axis }))
  return <ChosenField label="Wanted of it" value={field.value ?? 'x'} choices={choices} onChange={field.onChange} />
}

const MOST_STEPS = 3
const STEEPEST = 'steepest'

/** Which of several steep places is meant. */
export function WhichField(_: SeriesFieldProps) {
  const { field } = useController<Asked, 'extra.which'>({ name: 'extra.which' })
  return (
    <ChosenField
      label="Which"
      value={field.value ?? STEEPEST}
      choices={[{ value: STEEPEST, says: 'the steepest' }, ...choicesFrom(1, MOST_STEPS, (number) => `number ${number}`)]}
      onChange={(which) => field.onChange(which === STEEPEST ? undefined : which)}
    />
  )
}

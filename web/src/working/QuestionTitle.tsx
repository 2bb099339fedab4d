import { questionTitle } from '@hop-lark/core/reckon'
import type { Question, Task } from '@hop-lark/core/record'
import { Fragment } from 'react'
import { Formula } from '../ui/Chem.tsx'

/** What a question asks, with the formula it asks for set as chemists write it. */
export function QuestionTitle({ task, question }: { readonly task: Task; readonly question: Question }) {
  const title = questionTitle(task, question)
  const { find } = question
  // Labels look like formulae (F1), so only what is asked for is taken for one.
  const formula = 'of' in find && find.quantity !== 'molarMass' ? find.of : undefined
  if (formula === undefined || formula === '') return title
  const whole = find.quantity === 'hydration' ? `${formula}·xH2O` : formula
  return title.split(whole).map((part, index) => (
    <Fragment key={`${index}${part}`}>
      {index > 0 && <Formula text={whole} />}
      {part}
    </Fragment>
  ))
}

import type { Answer } from '@hop-lark/core/reckon'
import { isCountable, type Question } from '@hop-lark/core/record'
import { nameOf, parseFormula } from '@hop-lark/core/substance'
import { useNotebook } from '../notebook/store.ts'
import { Button } from '../ui/Button.tsx'

interface CountByProps {
  readonly answer: Answer
  readonly question: Question
}

/** Where only an element links what is asked with what was measured: lets the student say that all of it is there as that. */
export function CountBy({ answer: { couldCountBy: element }, question: { id, find } }: CountByProps) {
  const edit = useNotebook((state) => state.edit)
  if (element === undefined || !isCountable(find)) return null
  const take = () =>
    edit('say what a question assumes', (task) => {
      const asked = task.questions.find((one) => one.id === id)?.find
      if (asked && isCountable(asked)) asked.countedBy = element
    })
  return (
    <div className="mt-2">
      <Button onClick={take}>
        Take all of the {nameOf(parseFormula(element))} to be {find.of}
      </Button>
    </div>
  )
}

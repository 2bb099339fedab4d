import { zodResolver } from '@hookform/resolvers/zod'
import { freshId, type Question, type Task } from '@hop-lark/core/record'
import { Trash2 } from 'lucide-react'
import { FormProvider, useForm } from 'react-hook-form'
import { useTask } from '../notebook/derived.ts'
import { useNotebook } from '../notebook/store.ts'
import { Button } from '../ui/Button.tsx'
import { ONWARD } from '../ui/nextAsked.ts'
import { AskedFields } from './AskedFields.tsx'
import { type Asked, askedAfresh, placesFor } from './askable.ts'
import { askedOf, questionFrom } from './askedFind.ts'
import { AskedSchema } from './askedSchema.ts'

interface QuestionFormProps {
  /** The question that is changed; without one, a new one is asked. */
  readonly question: Question | undefined
  /** What is known already of a new one. */
  readonly begun?: Question['find'] | undefined
  readonly onClose: () => void
}

/** The fields of a question, taken when it says what is asked for. */
export function QuestionForm({ question, begun, onClose }: QuestionFormProps) {
  const task = useTask()
  const edit = useNotebook((state) => state.edit)
  const form = useForm<Asked>({
    resolver: zodResolver(AskedSchema),
    mode: 'onChange',
    defaultValues: question ? askedOf(question) : begun ? askedOf({ id: '', find: begun }) : firstAsked(task),
  })
  const id = question?.id ?? freshQuestionId(task)
  const keep = (asked: Asked) => {
    const made = questionFrom(id, asked)
    if (!made) return
    edit('write a question', (draft) => {
      const place = draft.questions.findIndex((one) => one.id === id)
      if (place < 0) draft.questions.push(made)
      else draft.questions[place] = { ...made, ...keptOf(question) }
    })
    onClose()
  }
  const remove = () => {
    edit('take out a question', (draft) => {
      draft.questions = draft.questions.filter((one) => one.id !== id)
    })
    onClose()
  }
  return (
    <FormProvider {...form}>
      <form
        className="flex flex-col gap-4"
        onSubmit={(event) => void form.handleSubmit(keep)(event)}
        onKeyDown={(event) => {
          // Enter keeps what is typed in a field, as everywhere; the question is asked by its button.
          if (event.key === 'Enter' && event.target instanceof HTMLInputElement) event.preventDefault()
        }}
      >
        <AskedFields id={id} />
        <div className="flex gap-2">
          <Button look="main" type="submit" {...{ [ONWARD]: '' }}>
            {question ? 'Keep' : 'Add the question'}
          </Button>
          {question && (
            <Button look="danger" icon={<Trash2 size={16} />} onClick={remove}>
              Take out
            </Button>
          )}
        </div>
      </form>
    </FormProvider>
  )
}

/** What of a question is not in the form, and stays when it is changed. */
function keptOf(question: Question | undefined): Pick<Question, 'own' | 'answer' | 'number'> {
  const { own, answer, number } = question ?? {}
  return { ...(own ? { own } : {}), ...(answer ? { answer } : {}), ...(number ? { number } : {}) }
}

const freshQuestionId = (task: Task) =>
  freshId(
    'q',
    task.questions.map((one) => one.id),
  )

const firstAsked = (task: Task): Asked => askedAfresh('concentration', placesFor(task, 'concentration')[0]?.value ?? '')

import { conclusionOf, type Task } from '@hop-lark/core/record'
import { memo } from 'react'
import { Link, useParams } from 'react-router'
import { derive, useSettledTask } from '../notebook/derived.ts'
import { Num } from '../ui/Num.tsx'
import { ConcludedIons } from '../working/ConcludedIons.tsx'
import { useKeptBack } from '../working/practising.ts'
import { QuestionTitle } from '../working/QuestionTitle.tsx'

/** The answers as they stand. */
export function SoFarCard() {
  return <Answers task={useSettledTask()} />
}

const Answers = memo(function Answers({ task }: { readonly task: Task }) {
  const { taskId } = useParams()
  const { answers } = derive(task).reckoning
  const keptBack = useKeptBack(task)
  if (answers.length === 0) return null
  return (
    <section aria-label="So far" className="mt-auto">
      <h2 className="eyebrow mb-1">So far</h2>
      <ul>
        {answers.map((answer) => {
          const question = task.questions.find(({ id }) => id === answer.question)
          return (
            <li key={answer.question} className="border-b border-hair last:border-0">
              <Link
                to={`/task/${taskId}/work-out`}
                className="flex flex-wrap items-baseline justify-between gap-x-3 py-2 hover:text-hop"
              >
                <span className="min-w-24 flex-1 text-[0.95rem] leading-snug">
                  {question && <QuestionTitle task={task} question={question} />}
                </span>
                {question?.find.quantity === 'ions' ? (
                  <ConcludedIons conclusion={conclusionOf(task, question.find.in)} />
                ) : question?.find.quantity === 'words' ? (
                  <span className="whitespace-nowrap text-ink-soft">{question.answer?.trim() ? 'answered' : 'not yet'}</span>
                ) : answer.value === null ? (
                  <span className="whitespace-nowrap text-ink-soft">not yet</span>
                ) : keptBack(answer) ? (
                  <span className="whitespace-nowrap text-ink-soft">work it out first</span>
                ) : (
                  <Num text={answer.value} unit={answer.unit} className="font-semibold" />
                )}
              </Link>
            </li>
          )
        })}
      </ul>
    </section>
  )
})

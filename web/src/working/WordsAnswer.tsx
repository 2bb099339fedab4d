import { path, type Question } from '@hop-lark/core/record'
import { Suspense } from 'react'
import { useDraft } from '../notebook/drafts.ts'
import { useNotebook } from '../notebook/store.ts'
import { later } from '../ui/later.tsx'
import { WordsField } from '../ui/WordsField.tsx'

// What answers are made of (tests, gases, ions) is heavy, so it comes when there is time.
const PointsOfAnswer = later(() => import('./PointsOfAnswer.tsx').then((module) => module.PointsOfAnswer))

/** The student's answer to a question that asks for words, and what the record knows of it. */
export function WordsAnswer({ question }: { readonly question: Question }) {
  const edit = useNotebook((state) => state.edit)
  const at = path('questions', question.id, 'answer')
  const [draft, setDraft] = useDraft(at)
  const keep = (text: string) =>
    edit('answer in words', (task) => {
      const found = task.questions.find(({ id }) => id === question.id)
      if (!found) return
      if (text === '') delete found.answer
      else found.answer = text
    })
  return (
    <>
      <WordsField
        label="Your answer"
        at={at}
        value={question.answer ?? ''}
        placeholder="Answer in your own words."
        className="mt-3"
        onCommit={keep}
      />
      <Suspense fallback={null}>
        <PointsOfAnswer
          question={question}
          text={draft ?? question.answer ?? ''}
          onUse={(text) => {
            setDraft(undefined)
            keep(text)
          }}
        />
      </Suspense>
    </>
  )
}

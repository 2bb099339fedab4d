import { path, type Question } from '@hop-lark/core/record'
import { useNotebook } from '../notebook/store.ts'
import { WordsField } from '../ui/WordsField.tsx'

/** The student's answer to a question that asks for words. */
export function WordsAnswer({ question }: { readonly question: Question }) {
  const edit = useNotebook((state) => state.edit)
  const at = path('questions', question.id, 'answer')
  return (
    <WordsField
      label="Your answer"
      at={at}
      value={question.answer ?? ''}
      placeholder="Answer in your own words."
      className="mt-3"
      onCommit={(text) =>
        edit('answer in words', (task) => {
          const found = task.questions.find(({ id }) => id === question.id)
          if (!found) return
          if (text === '') delete found.answer
          else found.answer = text
        })
      }
    />
  )
}

import { proposeQuestions } from '@hop-lark/core/proposal'
import { freshId, type Question, type Task } from '@hop-lark/core/record'
import { useMemo } from 'react'
import { useTask } from '../notebook/derived.ts'
import { useNotebook } from '../notebook/store.ts'
import { OfferList } from '../ui/OfferList.tsx'
import { QuestionTitle } from './QuestionTitle.tsx'

/** Where the cursor is put when the page opens and something can be asked. */
export const PROPOSED = ['proposed'] as const

/** Each has a digit of its own. */
const MOST = 9

const NONE: Task['questions'] = []
const sameFind = (one: Question['find'], other: Question['find']) => JSON.stringify(one) === JSON.stringify(other)

/** What the record can answer, asked or not, in the order papers ask. */
export function useProposals() {
  const task = useTask()
  const { questions, ...rest } = task
  // What is asked already keeps its place in the list, so the list does not hang on the questions.
  const recorded = JSON.stringify([rest.parts, rest.materials])
  // biome-ignore lint/correctness/useExhaustiveDependencies: the text stands for the parts and materials, which are new objects at every change.
  const all = useMemo(() => proposeQuestions({ ...task, questions: NONE }).slice(0, MOST), [recorded])
  return all.map((proposed) => ({ ...proposed, asked: questions.some(({ find }) => sameFind(find, proposed.find)) }))
}

interface ProposedQuestionsProps {
  readonly proposals: ReturnType<typeof useProposals>
  /** Asks for what a question lacks. */
  readonly onLacking: (find: Question['find']) => void
}

/** Questions that the record can answer: one key asks one. */
export function ProposedQuestions({ proposals, onLacking }: ProposedQuestionsProps) {
  const task = useTask()
  const edit = useNotebook((state) => state.edit)
  if (proposals.every(({ asked }) => asked)) return null
  const ask = (find: Question['find']) =>
    edit('ask a question', (draft) => {
      const id = freshId(
        'q',
        draft.questions.map((one) => one.id),
      )
      draft.questions.push({ id, find })
    })
  return (
    <OfferList
      label="What the record can answer"
      says={
        <>
          What you recorded can answer these; the sheet says which it wants.
          <span className="keys-only"> Enter or the digit asks one.</span>
        </>
      }
      at={PROPOSED}
      offers={proposals.map(({ find, lacks, asked }) => {
        const question = { id: 'proposed', find }
        return {
          key: JSON.stringify(find),
          says: lacks ? 'Water of crystallisation: x in the salt you name' : <QuestionTitle task={task} question={question} />,
          taken: asked,
          take: () => (lacks ? onLacking(find) : ask(find)),
        }
      })}
    />
  )
}

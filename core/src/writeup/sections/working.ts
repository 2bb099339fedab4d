import { answerInWords, sayInWords } from '../../inwords/index.ts'
import { path } from '../../record/index.ts'
import { answeredOf } from '../answered.ts'
import type { Facts } from '../facts.ts'
import type { Answered, Block, Proposed, Section } from '../report.ts'
import { propose } from '../words.ts'

/** An answer in words that the record and the model give to a question which is not answered yet. */
function proposedAnswer(facts: Facts, id: string): readonly Proposed[] {
  const question = facts.task.questions.find((one) => one.id === id)
  const found = question && answerInWords(facts, question)
  if (!found) return []
  return [{ ...propose(`working ${id} answer`, sayInWords(found), path('questions', id)), into: path('questions', id, 'answer') }]
}

/** The answers to the sheet's questions, in its numbering, each with its working in the school that the task has chosen. */
export function workingSection(facts: Facts): Section<Proposed> | undefined {
  const answers: Answered[] = []
  for (const question of facts.task.questions) answers.push(answeredOf(facts, question, answers))
  if (answers.length === 0) return undefined
  const blocks = answers.flatMap((answer): readonly Block<Proposed>[] => {
    const sentences = answer.words === undefined ? proposedAnswer(facts, answer.id) : []
    if (sentences.length === 0) return [{ kind: 'answer', answer }]
    // What could be said stands in the place of what is missing, and is seen to be ours until it is taken over.
    const { missing: _, ...open } = answer
    return [
      { kind: 'answer', answer: open },
      { kind: 'sentences', as: 'paragraph', sentences },
    ]
  })
  return { id: 'working', heading: 'Answers and working', blocks }
}

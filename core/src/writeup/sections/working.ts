import { answeredOf } from '../answered.ts'
import type { Facts } from '../facts.ts'
import type { Answered, Proposed, Section } from '../report.ts'

/** The answers to the sheet's questions, in its numbering, each with its working in the school that the task has chosen. */
export function workingSection(facts: Facts): Section<Proposed> | undefined {
  const answers: Answered[] = []
  for (const question of facts.task.questions) answers.push(answeredOf(facts, question, answers))
  if (answers.length === 0) return undefined
  return { id: 'working', heading: 'Answers and working', blocks: answers.map((answer) => ({ kind: 'answer', answer })) }
}

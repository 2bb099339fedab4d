import { questionTitle } from '@hop-lark/core/reckon'
import type { Question, Task } from '@hop-lark/core/record'
import type { Choice } from '../ui/choices.ts'
import { answerText } from './workedWith.ts'

/** Answers that can be worked with, by what a form calls them. */
export const answerChoices = (task: Task, questions: readonly Question[]): readonly Choice[] =>
  questions.map((question) => ({ value: answerText(question.id), says: `answer: ${questionTitle(task, question)}` }))

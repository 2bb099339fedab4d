import { type Answer, reckonTask } from '../index.ts'
import { task } from './answers.ts'

/** A named calculation, as it would be typed. */
export interface Worked {
  readonly sum: string
  readonly texts?: Readonly<Record<string, string>>
  readonly with: Readonly<Record<string, string | { value: string; unit: string } | { answer: string }>>
  readonly unit?: string
  readonly figures?: number
}

/** Several calculations of one task, named a, b, c in order, so that later ones can use the answers of earlier ones. */
export function answersOf(sums: readonly Worked[], conventions: object = {}): readonly Answer[] {
  const questions = sums.map(({ sum, texts, with: worked, unit, figures }, index) => ({
    id: String.fromCharCode('a'.charCodeAt(0) + index),
    find: { quantity: 'sum', sum, with: worked, ...(texts ? { texts } : {}) },
    ...(unit ? { unit } : {}),
    ...(figures ? { figures } : {}),
  }))
  return reckonTask(task({ conventions, questions })).answers
}

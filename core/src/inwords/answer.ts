import type { Reckoning } from '../reckon/index.ts'
import type { Question, Task } from '../record/index.ts'
import type { Sure } from '../uncertainty/index.ts'

/** One thing that an answer has to say. */
export interface Point {
  readonly says: string
  /** Ways of saying it: any of them, of which every word must be there. */
  readonly shownBy: readonly (readonly RegExp[])[]
}

/** One way to answer: a test and its result, a reason with its consequence. */
export interface Way {
  readonly says: string
  readonly points: readonly Point[]
}

/** What a question in words wants, from the record and the model. */
export interface InWords {
  readonly topic: string
  /** How many ways are wanted: two improvements, one test. */
  readonly times: number
  readonly ways: readonly Way[]
}

/** What a question is answered from. */
export interface Known {
  readonly task: Task
  readonly reckoning: Reckoning
  readonly sure: ReadonlyMap<string, Sure>
}

/** A kind of question: how it is asked, and what follows from the record; no ways where the record says nothing about it. */
export interface Topic {
  readonly topic: string
  readonly asked: RegExp
  readonly ways: (known: Known, question: string, asked: Question) => readonly Way[]
}

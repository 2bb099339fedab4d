import type { SentenceKind } from '../draft/Draft.ts'

/** What is made of a step when it is accepted. */
export interface Makes {
  readonly materials: readonly string[]
  readonly parts: readonly string[]
  readonly questions: readonly string[]
}

/** One step of a run sheet: a sentence of the sheet with what a practised person would know about it. */
export interface RunStep {
  /** Made of its words, so that it stays the same when the sheet is edited elsewhere. */
  readonly id: string
  readonly n: number
  readonly text: string
  /** Its number on the sheet. */
  readonly number: string
  /** Which question of the sheet it stands in, from 0. */
  readonly block: number
  readonly from: number
  readonly to: number
  readonly kind: SentenceKind
  /** What it is for. */
  readonly purpose: string
  /** What has to be ready before it is begun. */
  readonly ready: readonly string[]
  readonly caution?: string
  readonly minutes: Minutes
  /** Where its result goes. */
  readonly goesTo?: string
  readonly makes: Makes
}

/** How long a step takes: with hands on it, and then waiting. */
export interface Minutes {
  readonly hands: number
  readonly wait: number
}

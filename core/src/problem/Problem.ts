import type { ErrorFacts } from './ChemistryError.ts'

/**
 * How much a problem matters: an `error` makes an answer wrong or impossible, a `query` asks whether something
 * was meant, `advice` is a better habit.
 */
export type Level = 'error' | 'query' | 'advice'

/** Segments of a path in the record (`record/path.ts`). */
type At = readonly string[]

/** A mend that a page can carry out by one key: set what stands at these paths to these texts. */
export interface Mend {
  readonly label: string
  readonly set: readonly { readonly at: At; readonly text: string }[]
}

/** Something in the record that looks wrong: what (`says`), where (`at`) and how to put it right (`mend`). */
export interface Problem {
  readonly level: Level
  /** Where in the record: `['parts', 't1', 'runs', 'r3', 'final']`. */
  readonly at: At
  /** Stable name of the kind of problem, such as `run.finalAboveInitial`. */
  readonly code: string
  /** What it is about, so that it can be worded anew without reading the sentence. */
  readonly facts: ErrorFacts
  readonly says: string
  readonly mend: string
  readonly offer?: Mend
}

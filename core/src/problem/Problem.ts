/**
 * How much a problem matters: an `error` makes an answer wrong or impossible, a `query` asks whether something
 * was meant, `advice` is a better habit.
 */
export type Level = 'error' | 'query' | 'advice'

/** A mend that a page can carry out by one key: set the entries at these paths to these texts. */
export interface Mend {
  readonly label: string
  readonly set: Readonly<Record<string, string>>
}

/** Something in the record that looks wrong: what (`says`), where (`at`) and how to put it right (`mend`). */
export interface Problem {
  readonly level: Level
  /** Names things by id and position: `parts.t1.runs.2.final`, `materials.F2.strength`. */
  readonly at: string
  /** Stable name of the kind of problem, such as `run.finalAboveInitial`. */
  readonly code: string
  readonly says: string
  readonly mend: string
  readonly offer?: Mend
}

const ORDER: Readonly<Record<Level, number>> = { error: 0, query: 1, advice: 2 }

/** The most serious level among problems, or undefined when there are none. */
export function worstLevel(problems: readonly Problem[]): Level | undefined {
  return problems.map((problem) => problem.level).toSorted((a, b) => ORDER[a] - ORDER[b])[0]
}

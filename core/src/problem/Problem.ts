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

/** The most serious level of what is wrong at each place, by path. */
export function worstByPlace(problems: readonly Problem[]): ReadonlyMap<string, Level> {
  const worst = new Map<string, Level>()
  for (const { at, level } of problems) {
    const before = worst.get(at)
    if (before === undefined || ORDER[level] < ORDER[before]) worst.set(at, level)
  }
  return worst
}

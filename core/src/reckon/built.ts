import type { Question } from '../record/index.ts'
import type { Bench } from './Bench.ts'
import type { Recorded } from './recorded.ts'
import type { InUnit } from './relations/inUnit.ts'
import type { Spoken } from './relations/spokenOf.ts'
import type { Target } from './relations/target.ts'
import type { Solution } from './solve.ts'

/** A network with the cheapest way to everything in it. */
export interface Solved {
  readonly bench: Bench
  readonly solution: Solution
}

/** A question in a network of its own, laid over that of the record. */
export interface AskedQuestion extends Solved {
  readonly question: Question
  readonly target: Target
  /** Why the answer is not in the unit asked for, and the unit it is in. */
  readonly refusedUnit?: NonNullable<InUnit['refused']>
  /** The species it names, and where. */
  readonly spoken: Spoken | undefined
}

/** A task as networks of amounts: that of the record, and over it one for each question. */
export interface Built extends Solved {
  readonly recorded: Recorded
  readonly questions: readonly AskedQuestion[]
}

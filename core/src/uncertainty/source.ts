import type { Contribution, ContributionKind } from '../propagate/index.ts'

/** Something at the bench that makes an answer unsure: a piece of glass, a balance, the reading of a scale. */
export interface Source {
  readonly id: string
  /** What it is, to stand beside a bar: `25.0 cm³ pipette, class B`. */
  readonly says: string
  readonly kind: ContributionKind
  /** The errors it brings, each independent of the others. */
  readonly contributions: readonly Contribution[]
  /** The largest error of each reading as schools state it, in the reading's unit. */
  readonly limits: readonly Limit[]
  /** What these limits are of, where it is not what `says` says. */
  readonly limitSays?: string
  /** What would make it smaller. */
  readonly better?: Improvement
}

/** The largest error of one reading, plus or minus. */
export interface Limit {
  readonly on: string
  readonly halfWidth: number
}

/** A better way of measuring, with the errors that would then be left. */
export interface Improvement {
  /** To be followed by ": ± … would become ± …". */
  readonly says: string
  readonly contributions: readonly Contribution[]
}

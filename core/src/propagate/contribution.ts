/** How an error is spread: evenly within limits, more likely near the middle of them, or normally. */
export type Spread =
  | { readonly shape: 'uniform' | 'triangular'; readonly halfWidth: number }
  | { readonly shape: 'normal'; readonly standard: number }

/** What kind of thing an uncertainty comes from. */
export type ContributionKind = 'reading' | 'tolerance' | 'repeat' | 'stated'

/** One source of uncertainty: an error of some spread that is added to one input, or to several at once. */
export interface Contribution {
  readonly id: string
  readonly says: string
  readonly kind: ContributionKind
  readonly spread: Spread
  /** Inputs that the same error is added to. */
  readonly on: readonly string[]
}

/**
 * Standard uncertainty of a spread.
 *
 *   uniform: a/√3    triangular: a/√6    normal: as it is
 *
 * Source: JCGM 100:2008 (GUM), 4.3.7 and 4.3.9; from memory.
 */
export function standardUncertainty(spread: Spread): number {
  switch (spread.shape) {
    case 'uniform':
      return spread.halfWidth / Math.sqrt(3)
    case 'triangular':
      return spread.halfWidth / Math.sqrt(6)
    case 'normal':
      return spread.standard
  }
}

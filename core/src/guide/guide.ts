/** Which picture stands beside a guide. */
export type DrawingName =
  | 'balance'
  | 'volumetric flask'
  | 'pipette'
  | 'burette'
  | 'drop'
  | 'saturated'
  | 'filter'
  | 'mortar'
  | 'dilution'
  | 'crucible'
  | 'boiling off'
  | 'tube in flame'
  | 'paper'
  | 'gas down'
  | 'gas up'
  | 'gas over water'
  | 'gas into limewater'
  | 'wire'
  | 'syringe'
  | 'cup'

/** How an act is done by hand, as a demonstrator would show it. */
export interface Guide {
  readonly id: string
  readonly title: string
  readonly drawing: DrawingName
  /** At most six, in the order of the hands, each with its reason. */
  readonly lines: readonly { readonly do: string; readonly because: string }[]
  /** For whoever works alone. */
  readonly onePair: string
  /** For whoever works with the left hand. */
  readonly leftHand: string
  /** What is waited for while it is done. */
  readonly timers: readonly { readonly says: string; readonly minutes: number }[]
  readonly caution: string
  /** Words of a step in which it is done. */
  readonly when: RegExp
}

/** Most lines that a guide has: what does not fit is not read at the bench. */
export const MOST_LINES = 6

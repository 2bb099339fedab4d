/** Something that a sheet left open, or that stands in it and landed nowhere, asked in one line. */
export interface Gap {
  /** Which place it is about: `t1.burette`, `left.strength.0.5 mol/dm3`. The answer is kept under it. */
  readonly id: string
  /** Where in the sheet it is about, if it is about a place there. */
  readonly from: number
  readonly to: number
  readonly says: string
  readonly candidates: readonly Candidate[]
  /** What may be typed where no candidate is right; nothing if only candidates can be chosen. */
  readonly typed?: 'label' | 'volume' | 'equation' | 'places' | 'text'
  /** Whether nothing can be recorded before it is answered. */
  readonly blocks: boolean
}

export interface Candidate {
  readonly value: string
  readonly says: string
}

/** How a gap was answered; kept with the sheet. */
export interface Mend {
  readonly gap: string
  readonly value: string
}

/** What a mend says of a part that is not to be made. */
export const LEAVE_OUT = 'leave out'

/** The answer that something in the sheet is nothing to record. */
export const NOTHING = 'nothing to record'

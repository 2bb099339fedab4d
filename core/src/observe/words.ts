import { FILLER, FIRST_SIGN } from './colours.ts'
import type { ObservedFact } from './facts.ts'

/** A way to write something, with the facts it stands for. Earlier ones take their words before later ones look. */
export interface Pattern {
  readonly pattern: RegExp
  readonly read: (match: RegExpExecArray) => readonly ObservedFact[]
}

export const PPT = '(?:pptn?|ppts?|ppte|precip(?:itate)?s?|precipitation|solid|suspension)'
export const SOLN = '(?:sol(?:utio)?n|liquid|filtrate)'

/** A pattern from its text, at the beginning of a word or of a colour. */
export const pattern = (text: string) => new RegExp(`(?<![\\w${FIRST_SIGN}-${FILLER}])${text}`, 'gi')

import { numberOf } from '../numbers.ts'

/** What a word, or several, are in a line of what was done. */
export type Kind =
  | 'reagent'
  /** A bottle that is only half said: "acid". */
  | 'vague'
  /** Held at the mouth of the tube. */
  | 'test'
  | 'amount'
  | 'act'
  | 'how'
  | 'join'
  /** The sample itself, as what is poured. */
  | 'sample'
  | 'to'
  | 'with'
  | 'acidified'
  /** Which tube it is done in: a fresh one, the filtrate. */
  | 'place'
  | 'gas'
  /** What is not done: the bottle after it is none of this act. */
  | 'not'
  | 'idle'
  | 'unknown'

/** What a match stands for. */
export type Is = (match: RegExpExecArray) => string
export const always =
  (is: string): Is =>
  () =>
    is
export const counted =
  (unit: string, one: string): Is =>
  (match) => {
    const count = numberOf(match[1])
    return count === '1' ? one : `${count} ${unit}`
  }

/** A pattern, what its words are, and what they stand for. */
export type Rule = readonly [pattern: string, kind: Kind, is: Is]

/** Damp, of a paper. */
export const DAMP = String.raw`(?:damp(?:ened)?|moist(?:ened)?|wet)\s+`

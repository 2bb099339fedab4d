/** A number that is asked for before an investigation can be planned. */
interface NumberAsked {
  readonly kind: 'number'
  readonly name: string
  readonly says: string
  readonly unit: string
  readonly usual: string
  readonly least: number
  readonly most: number
}

interface ChoiceAsked {
  readonly kind: 'choice'
  readonly name: string
  readonly says: string
  readonly choices: readonly { readonly value: string; readonly says: string }[]
  readonly usual: string
}

/** Names with commas between them. */
interface ListAsked {
  readonly kind: 'list'
  readonly name: string
  readonly says: string
  readonly usual: string
  readonly least: number
  readonly most: number
}

export type Asked = NumberAsked | ChoiceAsked | ListAsked

/** What is expected to be read, so that it can be said beforehand how sure the result will be. */
export interface Expected {
  /** g, of each weighing in order. */
  readonly masses?: readonly number[]
  /** cm³, of each titration in order. */
  readonly titres?: readonly number[]
  /** What a run of readings is expected to show at a place. */
  readonly reading?: (x: number) => number
}

/** A plan: what is changed, measured and kept the same, with what, how, and what comes of it. */
export interface Plan {
  readonly title: string
  readonly question: string
  readonly changes: string
  readonly measures: string
  readonly keeps: readonly string[]
  /** Quantities and glass, each with the sum that chose it. */
  readonly chosen: readonly { readonly says: string; readonly because: string }[]
  readonly materials: readonly string[]
  readonly method: readonly string[]
  /** Headings of the table to record in. */
  readonly table: readonly string[]
  /** What is worked out. */
  readonly asks: readonly string[]
  /** How the result answers the question. */
  readonly answers: string
  readonly repeats: string
  readonly cautions: readonly string[]
  readonly expected: Expected
  /** What makes the result unsure, each in % of it, where no line of working leads to it. */
  readonly unsure?: readonly { readonly says: string; readonly percent: number }[]
}

export type Values = Readonly<Record<string, string>>

/** A kind of investigation that can be planned. */
export interface Investigation {
  readonly id: string
  readonly title: string
  readonly says: string
  readonly asks: readonly Asked[]
  /** A plan, or why there can be none with these values and what to change. */
  readonly plan: (values: Values) => Plan | { readonly refused: string }
}

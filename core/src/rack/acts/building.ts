import type { How } from './action.ts'
import type { ActToken } from './tokens.ts'

/** Where an act is done, if not in the tube that stands there. */
export type Place = 'fresh' | 'filtrate' | 'residue'

/** A bottle with how much of it went in. */
export interface Bottle {
  readonly reagent: string
  readonly amount?: string
}

/** What an acidified reagent is acidified with (common practice): the acid that brings no ion which it would show. */
export const ACID_FOR: Readonly<Record<string, string>> = {
  'AgNO3(aq)': 'HNO3(aq)',
  'Ba(NO3)2(aq)': 'HNO3(aq)',
  'BaCl2(aq)': 'HCl(aq)',
  'KMnO4(aq)': 'H2SO4(aq)',
  'K2Cr2O7(aq)': 'H2SO4(aq)',
}
/** What goes in with a bottle, by the word that says so: an acid, or the ammonia of ammoniacal silver nitrate. */
export const NAMED_COMPANIONS: readonly (readonly [pattern: RegExp, acid: string])[] = [
  [/ammoniacal/, 'NH3(aq)'],
  [/nitric/, 'HNO3(aq)'],
  [/hydrochloric/, 'HCl(aq)'],
  [/sul/, 'H2SO4(aq)'],
]

/** An act while its words are met. */
export class Building {
  act: string | undefined
  bottles: Bottle[] = []
  /** An amount that waits for its bottle. */
  amount: string | undefined
  how: How[] = []
  reversed = false
  test: string | undefined
  place: Place | undefined
  acidified: string | undefined
  vague: string | undefined
  unknown: ActToken[] = []
  from = Number.POSITIVE_INFINITY
  to = 0

  get begun(): boolean {
    return this.act !== undefined || this.bottles.length > 0 || this.test !== undefined || this.unknown.length > 0
  }

  /** Puts in a bottle with the amount that waits for it. */
  pour(reagent: string): void {
    this.act ??= 'add'
    if (this.acidified !== undefined) {
      const acid = NAMED_COMPANIONS.find(([pattern]) => pattern.test(this.acidified ?? ''))?.[1] ?? ACID_FOR[reagent]
      if (acid !== undefined) this.bottles.push({ reagent: acid })
      this.acidified = undefined
    }
    this.bottles.push({ reagent, ...(this.amount === undefined ? {} : { amount: this.amount }) })
    this.amount = undefined
  }

  /** Sets how much the last bottle was; an excess outdoes what was said before. */
  measure(amount: string): void {
    const last = this.bottles.at(-1)
    if (last === undefined) this.amount = amount
    else if (last.amount === undefined || amount === 'excess') this.bottles[this.bottles.length - 1] = { ...last, amount }
  }
}

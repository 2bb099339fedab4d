/** What a question asks for, as the record keeps it. */
export interface AskedFind {
  readonly quantity:
    | 'meanTitre'
    | 'mass'
    | 'amount'
    | 'concentration'
    | 'massConcentration'
    | 'massPercent'
    | 'molarMass'
    | 'hydration'
    | 'crossing'
    | 'gradient'
    | 'rise'
    | 'equivalence'
    | 'halfEquivalence'
    | 'xAt'
    | 'yAt'
    | 'solubility'
    | 'solubilityProduct'
    | 'perItem'
    | 'ions'
    | 'sum'
    | 'words'
  readonly of?: string
  readonly in?: string
  readonly at?: string
  /** Which named calculation, with what it is about and what it is worked with. */
  readonly sum?: string
  readonly texts?: Readonly<Record<string, string>>
  readonly with?: Readonly<Record<string, string | { readonly answer: string }>>
  /** A sample that is looked up on the line of a run. */
  readonly y?: { readonly unknown: string }
  /** Where on a run something is read off: at an answer. */
  readonly x?: { readonly answer: string }
}

/** A question of a sheet: its own words, its number there, what is to be found. */
export interface AskedQuestion {
  readonly text: string
  readonly number: string
  readonly sentence: number
  readonly find: AskedFind
  readonly unit?: string
  readonly figures?: number
}

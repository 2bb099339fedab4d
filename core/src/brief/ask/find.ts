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
    | 'solubility'
    | 'solubilityProduct'
    | 'perItem'
    | 'ions'
    | 'words'
  readonly of?: string
  readonly in?: string
  readonly at?: string
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

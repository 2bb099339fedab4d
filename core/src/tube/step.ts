/** A step of the rack as the model plays it. */
export interface TubeStep {
  readonly do: string
  readonly reagent?: string | undefined
  readonly amount?: string | undefined
  /** `sample into reagent` where the addition goes the other way round. */
  readonly order?: string | undefined
}

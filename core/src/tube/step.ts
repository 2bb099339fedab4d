/** A step of the rack as the model plays it. */
export interface TubeStep {
  readonly do: string
  readonly reagent?: string | undefined
  readonly amount?: string | undefined
  /** `sample into reagent` where the addition goes the other way round. */
  readonly order?: string | undefined
  /** Bottles that go in with it, before it, under one observation. */
  readonly with?: readonly { readonly reagent: string; readonly amount?: string | undefined }[] | undefined
}

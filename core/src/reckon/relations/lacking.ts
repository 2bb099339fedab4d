/** What keeps something from being laid, in words. */
export class Lacking {
  readonly says: string
  constructor(says: string) {
    this.says = says
  }
}

export const isLacking = (value: unknown): value is Lacking => value instanceof Lacking

/** The values that are there, without what is lacking. */
export const present = <Value>(values: readonly (Value | Lacking)[]): readonly Value[] =>
  values.flatMap((value) => (isLacking(value) ? [] : [value]))

/** One thing to choose from a list. */
export interface Choice<Value extends string = string> {
  readonly value: Value
  readonly says: string
  /** Heading it stands under; choices of one heading follow each other. */
  readonly group?: string
}

/**
 * The choices of a field, from words for each value that its schema allows: the compiler asks for one that is forgotten,
 * and refuses one that the schema does not know.
 */
export function choicesOf<Value extends string>(says: Readonly<Record<Value, string>>): readonly Choice<Value>[] {
  return (Object.keys(says) as Value[]).map((value) => ({ value, says: says[value] }))
}

/** Numbers to choose from, as the text that a list holds. */
export function choicesFrom(least: number, most: number, says: (number: number) => string): readonly Choice[] {
  return Array.from({ length: most - least + 1 }, (_, index) => ({
    value: String(least + index),
    says: says(least + index),
  }))
}

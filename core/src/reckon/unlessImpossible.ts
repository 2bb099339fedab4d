import { ChemistryError } from '../problem/index.ts'

/** What cannot be worked out (nothing left to divide by) is undefined. */
export function unlessImpossible<Value>(work: () => Value): Value | undefined {
  try {
    return work()
  } catch (error) {
    if (!(error instanceof ChemistryError)) throw error
    return undefined
  }
}

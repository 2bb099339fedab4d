import type { Features } from '../features.ts'
import { CANDIDATES, type Candidate } from '../ions.ts'
import { USUAL_TABLE } from './table.ts'

/** What every ion by itself shows in the usual acts. */
export interface UsualTable {
  /** Different features, each once. */
  readonly features: readonly Features[]
  /**
   * For the text of acts up to and with one: the place of what it shows for each ion, in the order of the candidates; −1
   * where the ion cannot be in solution alone.
   */
  readonly shows: Readonly<Record<string, readonly number[]>>
  /** For each candidate, which of them it stands beside in a clear solution, in their order: 1 or 0. */
  readonly stands: readonly string[]
}

const PLACES = new Map(CANDIDATES.map((one, place) => [one, place]))
let read: UsualTable | undefined

function table(): UsualTable {
  read ??= JSON.parse(USUAL_TABLE) as UsualTable
  return read
}

/**
 * What an ion by itself shows in each of some acts.
 *
 * @param texts - text of the acts up to and with each
 * @returns nothing where one of them is not in the table
 */
export function usualFeatures(one: Candidate, texts: readonly string[]): readonly Features[] | undefined {
  const { features, shows } = table()
  const place = PLACES.get(one) ?? -1
  const found: Features[] = []
  for (const text of texts) {
    const own = features[shows[text]?.[place] ?? -1]
    if (!own) return undefined
    found.push(own)
  }
  return found
}

/** Whether two ions stand together in a clear solution: silver and chloride do not. */
export function standTogether(one: Candidate, other: Candidate): boolean {
  return table().stands[PLACES.get(one) ?? -1]?.[PLACES.get(other) ?? -1] === '1'
}

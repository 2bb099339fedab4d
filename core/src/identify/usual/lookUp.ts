import { Memory } from '../../memory/index.ts'
import type { Features } from '../features.ts'
import { areCompatible, keyOf } from '../hypothesis.ts'
import type { Candidate } from '../ions.ts'
import { USUAL_TABLE } from './table.ts'

/** What every ion by itself shows in the usual acts. */
export interface UsualTable {
  /** The ions it was made for, each with its strength. One that was put in since is played until the table is made anew. */
  readonly ions: readonly string[]
  /** Different features, each once. */
  readonly features: readonly Features[]
  /**
   * For the text of acts up to and with one: the place of what it shows for each ion, in their order; −1
   * where the ion cannot be in solution alone.
   */
  readonly shows: Readonly<Record<string, readonly number[]>>
  /** Ions, whatever their strength; for each which of them it stands beside in a clear solution, in their order: 1 or 0. */
  readonly standing: readonly string[]
  readonly stands: readonly string[]
}

type Places = ReadonlyMap<string, number>
let read: (UsualTable & { readonly places: Places; readonly among: Places }) | undefined

const placesIn = (names: readonly string[]): Places => new Map(names.map((name, place) => [name, place]))

function table(): NonNullable<typeof read> {
  if (read) return read
  const parsed = JSON.parse(USUAL_TABLE) as UsualTable
  read = { ...parsed, places: placesIn(parsed.ions), among: placesIn(parsed.standing) }
  return read
}

/**
 * What an ion by itself shows in each of some acts.
 *
 * @param texts - text of the acts up to and with each
 * @returns nothing where one of them is not in the table
 */
export function usualFeatures(one: Candidate, texts: readonly string[]): readonly Features[] | undefined {
  const { features, shows, places } = table()
  const place = places.get(keyOf({ ions: [one] })) ?? -1
  const found: Features[] = []
  for (const text of texts) {
    const own = features[shows[text]?.[place] ?? -1]
    if (!own) return undefined
    found.push(own)
  }
  return found
}

/** Pairs of an ion that is not in the table yet. */
const PLAYED = new Memory<string, boolean>(1000)

/** Whether two ions stand together in a clear solution: silver and chloride do not. */
export function standTogether(one: Candidate, other: Candidate): boolean {
  const { stands, among } = table()
  const known = stands[among.get(one.ion) ?? -1]?.[among.get(other.ion) ?? -1]
  if (known !== undefined) return known === '1'
  return PLAYED.recall(`${one.ion} ${other.ion}`, () => areCompatible(one, other))
}

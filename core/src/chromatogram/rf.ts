import { Exact, formatPlaces } from '../number/index.ts'
import { entryText, type PartOf } from '../record/index.ts'

/** One spot of a chromatogram, with how far it went for the way the solvent went. */
export interface ReadSpot {
  readonly index: number
  readonly label: string
  readonly known: boolean
  readonly distance: Exact
  /** As written. */
  readonly text: string
  /** Distance of the spot over distance of the front, 0 to 1; undefined while the front is not measured, and outside its way. */
  readonly rf?: { readonly value: Exact; readonly text: string }
  /** References it may be, the nearest first; none for a reference. */
  readonly matches: readonly string[]
}

/** What a sample's spots say together. */
export interface Lane {
  readonly label: string
  readonly known: boolean
  readonly spots: readonly ReadSpot[]
}

export interface Chromatogram {
  readonly front?: Exact
  readonly spots: readonly ReadSpot[]
  /** Samples in the order they first appear. */
  readonly lanes: readonly Lane[]
}

/** Rf values closer than this are taken for the same where the task says nothing: what a ruler and a broad spot allow (common practice). */
const USUAL_MATCH = '0.03'

/** Rf is given to two decimals (common practice): spots are broad. */
const RF_PLACES = 2

type Spot = Omit<ReadSpot, 'matches'>

function matchesOf(spot: Spot, all: readonly Spot[], within: Exact): readonly string[] {
  if (spot.known || !spot.rf) return []
  const { value } = spot.rf
  const near = all.flatMap((other) => {
    const away = other.known && other.rf ? other.rf.value.sub(value).abs() : undefined
    return away?.lte(within) ? [{ label: other.label, away: away.toNumber() }] : []
  })
  return [...new Set(near.toSorted((a, b) => a.away - b.away).map(({ label }) => label))]
}

/**
 * Works out Rf of each spot and which references it matches.
 *
 *   Rf = distance of the spot / distance of the solvent front, both from the pencil line
 */
export function readChromatogram({ front, spots, within = USUAL_MATCH }: PartOf<'chromatogram'>): Chromatogram {
  const reach = front === undefined ? undefined : new Exact(entryText(front))
  const measured = spots.map(({ label, distance, known = false }, index): Spot => {
    const text = entryText(distance)
    const spot = { index, label, known, distance: new Exact(text), text }
    if (!reach?.gt(0) || spot.distance.isNegative() || spot.distance.gt(reach)) return spot
    const value = spot.distance.div(reach)
    return { ...spot, rf: { value, text: formatPlaces(value, RF_PLACES) } }
  })
  const read = measured.map((spot): ReadSpot => ({ ...spot, matches: matchesOf(spot, measured, new Exact(within)) }))
  const labels = [...new Set(read.map(({ label }) => label))]
  const lanes = labels.map((label): Lane => {
    const own = read.filter((spot) => spot.label === label)
    return { label, known: own.some(({ known }) => known), spots: own }
  })
  return { ...(reach ? { front: reach } : {}), spots: read, lanes }
}

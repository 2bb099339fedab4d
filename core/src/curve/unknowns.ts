import { entryText, type PartOf } from '../record/index.ts'
import { drawnAxis } from './drawnAxis.ts'
import { placeAtHeight } from './line.ts'
import { lookUpOn } from './lookUp.ts'
import { readSeries } from './series.ts'

/** An unknown of a series as it is looked up on what is drawn. */
export interface LookedUp {
  readonly id: string
  readonly label: string
  /** Mean of its readings, as it is drawn; nothing before the first. */
  readonly y?: number
  readonly x?: number
  /** Whether its reading lies beyond those of the points, where nothing shows that the line goes on. */
  readonly beyond: boolean
}

/** Looks the unknowns of a series up on its line or curve. */
export function lookUpUnknowns(part: PartOf<'series'>): readonly LookedUp[] {
  const reading = readSeries(part)
  const drawn = lookUpOn(reading)
  const { of } = drawnAxis(part.y)
  const heights = reading.points.map(({ y }) => y)
  return (part.unknowns ?? []).map(({ id, label, readings }): LookedUp => {
    const read = readings.map(({ y }) => of(Number(entryText(y))))
    // What cannot be plotted, as the logarithm of nought, has no place on the line.
    if (read.length === 0 || !read.every(Number.isFinite)) return { id, label, beyond: false }
    const y = read.reduce((total, one) => total + one, 0) / read.length
    const x = reading.line ? placeAtHeight(reading.line, y) : drawn?.placesAt(y)[0]
    const beyond = heights.length > 0 && (y < Math.min(...heights) || y > Math.max(...heights))
    return { id, label, y, ...(x === undefined ? {} : { x }), beyond }
  })
}

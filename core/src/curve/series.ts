import { entryText, type PartOf } from '../record/index.ts'
import { doubtfulPoints } from './doubtful.ts'
import { fitLine, type Line, type Point, tooFewForLine } from './line.ts'
import { extrapolateToMixing, type Mixing } from './mixing.ts'
import { type SmoothCurve, smoothCurve } from './smooth.ts'
import { fitTwoLines, type TwoLines } from './twoLines.ts'

/** What a series comes to: its points, and the line or lines through them. */
export interface SeriesReading {
  readonly points: readonly Point[]
  readonly line?: Line
  readonly twoLines?: TwoLines
  /** The curve through them, where no line is asked for. */
  readonly smooth?: SmoothCurve
  /** Both straight parts drawn on to the moment of mixing. */
  readonly mixing?: Mixing
  /** Indexes of points that do not fit. */
  readonly doubtful: readonly number[]
}

/** How finely y is read: as stated, else by the decimals written. */
function stepOf(part: PartOf<'series'>): number {
  if (part.y.step !== undefined) return Number(part.y.step)
  const places = Math.max(0, ...part.points.map(({ y }) => entryText(y).split('.')[1]?.length ?? 0))
  return 10 ** -places
}

function doubtfulOf(part: PartOf<'series'>, points: readonly Point[], twoLines: TwoLines | undefined): readonly number[] {
  const step = stepOf(part)
  if (part.reading === 'curve') return []
  if (!twoLines) return part.reading === 'two-lines' ? [] : doubtfulPoints(points, step)
  // Each line is judged by itself; places in the sorted halves lead back to places in the record.
  const order = points.map((_, index) => index).toSorted((a, b) => (points[a]?.x ?? 0) - (points[b]?.x ?? 0))
  const halves = [order.slice(0, twoLines.split), order.slice(twoLines.split)]
  return halves.flatMap((half) =>
    doubtfulPoints(
      half.map((index) => points[index] as Point),
      step,
    ).map((place) => half[place] as number),
  )
}

const readings = new WeakMap<PartOf<'series'>, SeriesReading>()

/**
 * Reads a series as its `reading` says: two lines and their crossing (or, with a moment of mixing, their step at it),
 * a curve, or one line where it says nothing. Parts are never changed in place, so it is remembered with the part.
 */
export function readSeries(part: PartOf<'series'>): SeriesReading {
  const known = readings.get(part)
  if (known) return known
  const found = read(part)
  readings.set(part, found)
  return found
}

function read(part: PartOf<'series'>): SeriesReading {
  const points = part.points.map(({ x, y }) => ({ x: Number(entryText(x)), y: Number(entryText(y)) }))
  if (part.mixedAt !== undefined && part.reading === 'two-lines') {
    const mixing = extrapolateToMixing(points, Number(part.mixedAt))
    return { points, ...(mixing ? { mixing } : {}), doubtful: [] }
  }
  if (part.reading === 'two-lines') {
    const twoLines = fitTwoLines(points, part.splitAt === undefined ? undefined : Number(part.splitAt))
    return { points, ...(twoLines ? { twoLines } : {}), doubtful: doubtfulOf(part, points, twoLines) }
  }
  if (part.reading === 'curve') {
    const smooth = smoothCurve(points)
    return { points, ...(smooth ? { smooth } : {}), doubtful: [] }
  }
  if (tooFewForLine(points)) return { points, doubtful: [] }
  return { points, line: fitLine(points), doubtful: doubtfulOf(part, points, undefined) }
}

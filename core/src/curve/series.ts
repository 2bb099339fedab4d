import { decimalPlaces } from '../number/index.ts'
import { entryText, type PartOf } from '../record/index.ts'
import { doubtfulPoints } from './doubtful.ts'
import { drawnAxis } from './drawnAxis.ts'
import { fitLine, fitLineFromOrigin, type Line, type Point, tooFewForLine } from './line.ts'
import { extrapolateToMixing, type Mixing } from './mixing.ts'
import { type SmoothCurve, smoothCurve } from './smooth.ts'
import { curveThrough } from './through.ts'
import { fitTwoLines, type TwoLines } from './twoLines.ts'

/** What a series comes to: its points as they are drawn, and the line or lines through them. */
export interface SeriesReading {
  readonly points: readonly Point[]
  /** Indexes in the record of the points that could be drawn. */
  readonly places: readonly number[]
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
function stepRead({ points, y: { step } }: PartOf<'series'>): number {
  if (step !== undefined) return Number(step)
  return 10 ** -Math.max(0, ...points.map(({ y }) => decimalPlaces(entryText(y))))
}

/** How far apart two heights are drawn that can just be told apart where they are read. */
function stepOf(part: PartOf<'series'>): number {
  const [step, { of }] = [stepRead(part), drawnAxis(part.y)]
  const drawn = part.points.map(({ y }) => Math.abs(of(Number(entryText(y)) + step) - of(Number(entryText(y)))))
  return Math.max(...drawn.filter(Number.isFinite), 0)
}

/** Each of two lines is judged by itself; places in the sorted halves lead back to places in the record. */
function doubtfulOfTwo(points: readonly Point[], { split }: TwoLines, step: number): readonly number[] {
  const order = points.map((_, index) => index).toSorted((a, b) => (points[a]?.x ?? 0) - (points[b]?.x ?? 0))
  const halves = [order.slice(0, split), order.slice(split)]
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

/** The points as they are drawn, and where each stands in the record; what cannot be drawn, as the logarithm of nought, is none. */
function drawnPoints({ points, x, y }: PartOf<'series'>) {
  const [across, up] = [drawnAxis(x), drawnAxis(y)]
  const drawn = points.map((point) => ({ x: across.of(Number(entryText(point.x))), y: up.of(Number(entryText(point.y))) }))
  const places = drawn.flatMap((point, index) => (Number.isFinite(point.x) && Number.isFinite(point.y) ? [index] : []))
  return { points: places.map((place) => drawn[place] as Point), places }
}

function read(part: PartOf<'series'>): SeriesReading {
  const { points, places } = drawnPoints(part)
  const found = { points, places, doubtful: [] }
  switch (part.reading) {
    case 'two-lines': {
      if (part.mixedAt !== undefined) {
        const mixing = extrapolateToMixing(points, Number(part.mixedAt))
        return mixing ? { ...found, mixing } : found
      }
      const twoLines = fitTwoLines(points, part.splitAt === undefined ? undefined : Number(part.splitAt))
      return twoLines ? { ...found, twoLines, doubtful: doubtfulOfTwo(points, twoLines, stepOf(part)) } : found
    }
    case 'curve':
    case 'curve-through-points': {
      const smooth = part.reading === 'curve' ? smoothCurve(points) : curveThrough(points)
      return smooth ? { ...found, smooth } : found
    }
    case 'line-from-origin':
      return points.some(({ x }) => x !== 0) ? { ...found, line: fitLineFromOrigin(points) } : found
    default:
      if (tooFewForLine(points)) return found
      return { ...found, line: fitLine(points), doubtful: doubtfulPoints(points, stepOf(part)) }
  }
}

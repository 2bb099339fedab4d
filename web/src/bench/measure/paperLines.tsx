import {
  type Axes,
  constructionOf,
  curveOf,
  linesIn,
  type Point,
  type SeriesReading,
  segmentOf,
  tangentAt,
} from '@hop-lark/core/curve'
import { ReferenceLine } from 'recharts'

interface Stroke {
  readonly segment: readonly [Point, Point]
  readonly key: string
  readonly colour: string
  readonly dashes?: string
}

const strokeOf = ({ segment, key, colour, dashes }: Stroke) => (
  <ReferenceLine
    key={key}
    segment={[segment[0], segment[1]]}
    stroke={colour}
    strokeWidth={dashes ? 1.6 : 1.8}
    {...(dashes ? { strokeDasharray: dashes } : {})}
    ifOverflow="hidden"
  />
)

/** Neighbours of a curve's places, to be drawn piece by piece. */
function piecesOf(curve: readonly Point[]): readonly [Point, Point][] {
  return curve.slice(1).map((point, index) => [curve[index] as Point, point])
}

/** The best lines or the curve of a run. */
export function linesAndCurve(run: SeriesReading, { x, y }: Axes, name: string, colour: string) {
  return [
    ...linesIn(run).map((line, index) => strokeOf({ segment: segmentOf(line, x, y), key: `${name} line ${index}`, colour })),
    ...piecesOf(curveOf(run)).map((segment, index) => strokeOf({ segment, key: `${name} curve ${index}`, colour })),
  ]
}

/** Tangents to the curve, drawn where they are asked for. */
export function tangentsAt(reading: SeriesReading, { x, y }: Axes, places: readonly number[]) {
  return places.flatMap((place) => {
    const tangent = tangentAt(reading, place)
    if (!tangent) return []
    return [strokeOf({ segment: segmentOf(tangent, x, y), key: `tangent ${place}`, colour: 'var(--lark)', dashes: '7 3' })]
  })
}

/** The construction lines of a reading, and of what is read off it. */
export function construction(reading: SeriesReading, axes: Axes, readAt: readonly Point[]) {
  return constructionOf(reading, axes, readAt).map((segment, index) =>
    strokeOf({ segment, key: `construction ${index}`, colour: 'var(--lark)', dashes: '5 4' }),
  )
}

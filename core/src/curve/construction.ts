import type { Axes } from './axes.ts'
import type { Point } from './line.ts'
import type { SeriesReading } from './series.ts'

/** Straight pieces of a reading that help to read it: down from the crossing, across from it, up at the moment of mixing. */
function constructionIn({ twoLines, mixing }: SeriesReading, axes: Axes): readonly [Point, Point][] {
  if (mixing) {
    return [
      [
        { x: mixing.at, y: mixing.from },
        { x: mixing.at, y: mixing.to },
      ],
    ]
  }
  return twoLines ? toBothAxes(twoLines.crossing, axes) : []
}

const toBothAxes = (point: Point, { x, y }: Axes): readonly [Point, Point][] => [
  [point, { x: point.x, y: y.from }],
  [point, { x: x.from, y: point.y }],
]

/** The construction lines of a reading, and of what is read off it. */
export function constructionOf(reading: SeriesReading, axes: Axes, readAt: readonly Point[]): readonly [Point, Point][] {
  return [...constructionIn(reading, axes), ...readAt.flatMap((point) => toBothAxes(point, axes))]
}

import { axesFor, otherRuns, placesRead, readSeries } from '../../curve/index.ts'
import { type Part, path, type Task } from '../../record/index.ts'
import type { Remark } from './remark.ts'

/** Points fill at least so much of each axis (common practice). */
const HALF = 0.5

/** Graphs whose points fill less than half of the paper in a direction. */
export function lookAtGraphs(task: Task, parts: readonly Part[]): readonly Remark[] {
  return parts.flatMap((part) => {
    if (part.kind !== 'series' || part.points.length < 2) return []
    const reading = readSeries(part)
    if (reading.points.length < 2) return []
    const others = otherRuns(task, part).map((other) => other.reading)
    const axes = axesFor([reading, ...others], placesRead(part, reading))
    const drawn = [reading, ...others].flatMap(({ points }) => points)
    return (['x', 'y'] as const).flatMap((axis): Remark[] => {
      const along = drawn.map((point) => point[axis])
      const [low, high] = [Math.min(...along), Math.max(...along)]
      const { from, to } = axes[axis]
      // An axis that begins at nought on purpose is filled from there.
      const filled = (high - Math.min(low, from === 0 ? 0 : low)) / (to - from)
      if (filled >= HALF || high === low) return []
      return [
        {
          code: 'look.graphSmall',
          at: path('parts', part.id),
          says: `The points fill only ${Math.round(filled * 100)} % of the ${axis} axis.`,
          mend: 'A graph fills more than half of the paper: is a point misread, or something read off far away from the others?',
        },
      ]
    })
  })
}

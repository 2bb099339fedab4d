import type { Point } from '@hop-lark/core/curve'
import { type KeyboardEvent, type ReactNode, useState } from 'react'
import type { AxisName } from './paperGrid.tsx'

interface WalkPointsProps {
  readonly points: readonly Point[]
  /** Places of points that do not fit. */
  readonly doubtful: readonly number[]
  readonly x: AxisName
  readonly y: AxisName
  /** What the graph shows, in a sentence. */
  readonly says: string
  /** The graph, with the point that is looked at. */
  readonly children: (at: number | undefined) => ReactNode
}

/** How far each key goes among so many points. */
const steps = (count: number): Readonly<Partial<Record<string, number>>> => ({
  ArrowRight: 1,
  ArrowLeft: -1,
  Home: -count,
  End: count,
})

const inUnit = (value: number, { unit }: AxisName) => `${value}${unit === '' ? '' : ` ${unit}`}`

/** A graph that can be read without being seen: a sentence for the whole, and arrow keys from point to point. */
export function WalkPoints({ points, doubtful, x, y, says, children }: WalkPointsProps) {
  const [at, setAt] = useState<number>()
  const walk = (event: KeyboardEvent) => {
    const by = steps(points.length)[event.key]
    if (by === undefined) return
    event.preventDefault()
    const from = at ?? (by > 0 ? -1 : points.length)
    setAt(Math.min(Math.max(from + by, 0), points.length - 1))
  }
  const point = at === undefined ? undefined : points[at]
  return (
    <figure
      aria-label={says}
      // biome-ignore lint/a11y/noNoninteractiveTabindex: its arrow keys go from point to point.
      tabIndex={0}
      className="rounded-lg"
      onKeyDown={walk}
      onBlur={() => setAt(undefined)}
    >
      {children(at)}
      <p aria-live="polite" className="min-h-6 text-sm text-ink-soft">
        {point && at !== undefined ? (
          <>
            Point {at + 1} of {points.length}: {x.name} {inUnit(point.x, x)}, {y.name} {inUnit(point.y, y)}
            {doubtful.includes(at) && '; it does not fit the others'}.
          </>
        ) : (
          <span className="sr-only">Arrow keys go from point to point.</span>
        )}
      </p>
    </figure>
  )
}

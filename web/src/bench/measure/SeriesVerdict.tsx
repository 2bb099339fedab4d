import { drawnAxis, type OtherRun, type SeriesReading, stepsOf, unitPer } from '@hop-lark/core/curve'
import { Exact, formatFigures, unitSymbol } from '@hop-lark/core/number'
import type { PartOf } from '@hop-lark/core/record'
import { Num } from '../../ui/Num.tsx'

const FIGURES = 3

interface VerdictProps {
  readonly part: PartOf<'series'>
  readonly reading: SeriesReading
  readonly others: readonly OtherRun[]
}

/** What the lines say, in the sentence a student would write. */
export function SeriesVerdict({ part, reading, others }: VerdictProps) {
  const says = verdictOf(part, reading)
  if (!says) return null
  return (
    <div className="mt-3 flex flex-col gap-1.5 rounded-xl bg-hop-wash px-4 py-3" data-testid="verdict">
      <p>{says}</p>
      {others.map((other) => (
        <Comparison key={other.name} part={part} reading={reading} other={other} />
      ))}
    </div>
  )
}

interface ValueProps {
  readonly value: number
  readonly unit: string
  readonly strong?: boolean
  readonly figures?: number
}

const Value = ({ value, unit, strong = false, figures = FIGURES }: ValueProps) => (
  <Num
    text={formatFigures(new Exact(value), figures)}
    unit={unit}
    className={`whitespace-nowrap ${strong ? 'font-semibold' : ''}`}
  />
)

function GiveOrTake({ by, unit }: { readonly by: number | undefined; readonly unit: string }) {
  if (by === undefined) return null
  return (
    <>
      , give or take{' '}
      <span className="num whitespace-nowrap">
        {by.toPrecision(1)} {unit}
      </span>{' '}
      by the scatter
    </>
  )
}

function verdictOf(part: PartOf<'series'>, { points, twoLines, mixing, line, smooth }: SeriesReading) {
  const [across, up] = [drawnAxis(part.x), drawnAxis(part.y)]
  const [x, y] = [unitSymbol(across.unit), unitSymbol(up.unit)]
  const slope = unitSymbol(unitPer({ x: across, y: up }))
  if (mixing)
    return (
      <>
        Drawn on to <Value value={mixing.at} unit={x} />, the lines stand at <Value value={mixing.from} unit={y} /> and{' '}
        <Value value={mixing.to} unit={y} />: a {mixing.rise < 0 ? 'fall' : 'rise'} of{' '}
        <Value value={Math.abs(mixing.rise)} unit={y} strong />
        <GiveOrTake by={mixing.uncertainty} unit={y} />. The highest reading alone would leave out what was lost while mixing.
      </>
    )
  if (twoLines)
    return (
      <>
        The lines cross at <Value value={twoLines.crossing.x} unit={x} strong /> and{' '}
        <Value value={twoLines.crossing.y} unit={y} />
        <GiveOrTake by={twoLines.uncertainty} unit={x} />. The crossing counts, not the highest point.
      </>
    )
  if (line)
    return (
      <>
        Gradient <Value value={line.slope} unit={slope} strong />, through {line.points} points
        {line.intercept === 0 ? ' and the origin' : null}.
      </>
    )
  if (!smooth) return undefined
  const steps = part.reading === 'curve-through-points' ? stepsOf(points) : []
  if (steps.length > 0)
    return (
      <>
        The curve is steepest at{' '}
        {steps.map((step, index) => (
          <span key={step.x}>
            {index > 0 && ' and '}
            <Value value={step.x} unit={x} figures={4} strong />
          </span>
        ))}
        , where the second derivative passes through nought: an equivalence, if a titration was followed.
      </>
    )
  const first = Math.min(...points.map((point) => point.x))
  return (
    <>
      The curve begins with a gradient of <Value value={smooth.slopeAt(first)} unit={slope} strong />
      {across.unit === 's' || across.unit === 'min' ? ': the initial rate.' : '.'}
    </>
  )
}

/** How steep a run is: of its line, or of its curve where it begins. */
function steepnessOf({ points, line, twoLines, smooth }: SeriesReading): number | undefined {
  if (line) return line.slope
  if (smooth) return smooth.slopeAt(Math.min(...points.map(({ x }) => x)))
  return twoLines?.before.slope
}

interface ComparisonProps {
  readonly part: PartOf<'series'>
  readonly reading: SeriesReading
  readonly other: OtherRun
}

/** This run beside another: how many times as steep. */
function Comparison({ part, reading, other }: ComparisonProps) {
  const [mine, theirs] = [steepnessOf(reading), steepnessOf(other.reading)]
  if (!mine || !theirs) return null
  const unit = unitSymbol(unitPer({ x: drawnAxis(part.x), y: drawnAxis(part.y) }))
  return (
    <p>
      {other.name}: <Value value={theirs} unit={unit} />. This run is{' '}
      <strong className="num whitespace-nowrap">{(mine / theirs).toPrecision(2)} times</strong> as steep.
    </p>
  )
}

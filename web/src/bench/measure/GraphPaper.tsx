import { type Axis, axesFor, drawnIn, type OtherRun, type Point, type SeriesReading } from '@hop-lark/core/curve'
import { Exact, formatFigures } from '@hop-lark/core/number'
import { useState } from 'react'
import { Scatter, ScatterChart } from 'recharts'
import { useWidth } from '../../instruments/useWidth.ts'
import { Num } from '../../ui/Num.tsx'
import { LookedAt, Mark } from './Mark.tsx'
import { type AxisName, axes, squares } from './paperGrid.tsx'
import { construction, linesAndCurve, tangentsAt } from './paperLines.tsx'
import { CrossHair, ReadOff } from './ReadOff.tsx'
import { WalkPoints } from './WalkPoints.tsx'

interface GraphPaperProps {
  readonly reading: SeriesReading
  readonly x: AxisName
  readonly y: AxisName
  readonly marks: 'crosses' | 'ringed-dots'
  /** Where tangents to the curve are drawn. */
  readonly tangents: readonly number[]
  readonly others: readonly OtherRun[]
  /** Places that are read off: each is led to both axes. */
  readonly readAt: readonly Point[]
}

const WIDEST = 560
const HEIGHT = 430
/** What stands left and right of the paper. */
const AXIS_WIDTH = 80
/** Colours of other runs, each with its own mark. */
const OTHER_COLOURS = ['var(--lark)', 'var(--litmus)'] as const
const small = (axis: Axis) => formatFigures(new Exact(axis.small), 1)
const colourOf = (other: number) => OTHER_COLOURS[other % 2] ?? ''

/** Graph paper: squares of 1, 2 or 5, points as marks, best lines drawn past them, construction lines, and reading off. */
export function GraphPaper({ reading, x: xName, y: yName, marks, tangents, others, readAt }: GraphPaperProps) {
  const [frame, size] = useWidth(WIDEST)
  const width = size.width * size.growth
  const [at, setAt] = useState<number>()
  const { points, doubtful } = reading
  if (points.length === 0)
    return <p className="rounded-xl border border-rule p-6 text-ink-soft">The graph begins with the first point.</p>
  const paper = axesFor([reading, ...others.map((other) => other.reading)], readAt)
  const data = points.map((point, index) => ({ ...point, doubtful: doubtful.includes(index) }))
  const says = describe(reading, `${yName.name} against ${xName.name}`)
  const readOff = { ...paper, drawn: drawnIn(reading), at, onMove: setAt }
  return (
    <div ref={frame}>
      <WalkPoints points={points} doubtful={doubtful} x={xName} y={yName} says={says}>
        {(walked) => (
          <>
            <ScatterChart
              width={width}
              height={HEIGHT * size.growth}
              margin={{ top: 10, right: 22, bottom: 24, left: 12 }}
              accessibilityLayer={false}
            >
              {squares(paper)}
              {axes(paper, xName, yName, width - AXIS_WIDTH)}
              {others.flatMap((other, index) => linesAndCurve(other.reading, paper, other.name, colourOf(index)))}
              {linesAndCurve(reading, paper, 'this', 'var(--hop)')}
              {tangentsAt(reading, paper, tangents)}
              {construction(reading, paper, readAt)}
              {others.map((other, index) => (
                <Scatter
                  key={other.name}
                  data={other.reading.points.map((point) => ({ ...point, doubtful: false }))}
                  shape={<Mark marks={marks === 'crosses' ? 'ringed-dots' : 'crosses'} colour={colourOf(index)} />}
                  isAnimationActive={false}
                />
              ))}
              <Scatter data={data} shape={<Mark marks={marks} colour="var(--ink)" />} isAnimationActive={false} />
              {walked !== undefined && (
                <Scatter data={data.slice(walked, walked + 1)} shape={<LookedAt />} isAnimationActive={false} />
              )}
              <CrossHair {...readOff} />
            </ScatterChart>
            <figcaption className="text-sm text-ink-soft">
              One small square is <Num text={small(paper.x)} /> across and <Num text={small(paper.y)} /> up.
              {others.length > 0 && ` With it: ${others.map(({ name }) => name).join(', ')}.`}
            </figcaption>
          </>
        )}
      </WalkPoints>
      <ReadOff {...readOff} xName={xName.name} xUnit={xName.unit} yUnit={yName.unit} />
    </div>
  )
}

function describe({ points, twoLines, mixing, line, smooth }: SeriesReading, what: string): string {
  const drawn = mixing
    ? `two lines drawn on to ${mixing.at}`
    : twoLines
      ? `two lines crossing at ${twoLines.crossing.x.toPrecision(3)}`
      : line
        ? 'a straight line'
        : smooth
          ? 'a smooth curve'
          : 'no line'
  return `Graph of ${what}: ${points.length} points, ${drawn}`
}

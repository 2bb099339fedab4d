import { type Axis, type Point, type SeriesReading, sensibleAxis } from '@hop-lark/core/curve'
import { useRef, useState } from 'react'
import { CartesianGrid, ReferenceLine, Scatter, ScatterChart, XAxis, YAxis } from 'recharts'
import { useWidth } from '../../instruments/useWidth.ts'
import { curveOf, drawnIn, linesIn, segmentOf, tangentAt } from './drawn.ts'
import { CrossHair, ReadOff } from './ReadOff.tsx'

/** A quantity along an axis. */
interface AxisName {
  readonly name: string
  readonly unit: string
}

/** Another run drawn on the same paper. */
export interface OtherRun {
  readonly name: string
  readonly reading: SeriesReading
}

interface GraphPaperProps {
  readonly reading: SeriesReading
  readonly x: AxisName
  readonly y: AxisName
  readonly marks: 'crosses' | 'ringed-dots'
  /** Where tangents to the curve are drawn. */
  readonly tangents: readonly number[]
  readonly others: readonly OtherRun[]
}

const WIDEST = 560
const HEIGHT = 430
/** Large squares there is room for, across and up. */
const SQUARES = { x: 10, y: 8 }
/** Colours of other runs, each with its own mark. */
const OTHER_COLOURS = ['var(--lark)', 'var(--litmus)'] as const

function stepsOf({ from, to }: Axis, step: number): number[] {
  const count = Math.round((to - from) / step)
  return Array.from({ length: count + 1 }, (_, index) => Number((from + index * step).toPrecision(12)))
}

interface MarkProps {
  readonly cx?: number
  readonly cy?: number
  readonly payload?: { readonly doubtful: boolean }
  readonly marks: GraphPaperProps['marks']
  readonly colour: string
}

/** A point as it is plotted by hand: a small cross, or a dot in a ring; one that does not fit has a wide ring around it. */
function Mark({ cx = 0, cy = 0, payload, marks, colour }: MarkProps) {
  const stroke = payload?.doubtful ? 'var(--iodine)' : colour
  return (
    <g stroke={stroke} strokeWidth="1.8" fill="none">
      {marks === 'crosses' ? (
        <path d={`M${cx - 5} ${cy - 5}l10 10M${cx - 5} ${cy + 5}l10-10`} />
      ) : (
        <>
          <circle cx={cx} cy={cy} r="1.4" fill={stroke} />
          <circle cx={cx} cy={cy} r="5" />
        </>
      )}
      {payload?.doubtful && <circle cx={cx} cy={cy} r="10" />}
    </g>
  )
}

/** Points where lines meet or are read, which the paper must reach as well. */
function keyPoints({ twoLines, mixing }: SeriesReading): readonly Point[] {
  if (mixing) return [mixing.from, mixing.to].map((height) => ({ x: mixing.at, y: height }))
  return twoLines ? [twoLines.crossing] : []
}

/** Straight pieces of a reading that help to read it: down from the crossing, across from it, up at the moment of mixing. */
function constructionOf({ twoLines, mixing }: SeriesReading, x: Axis, y: Axis): readonly [Point, Point][] {
  if (mixing) {
    return [
      [
        { x: mixing.at, y: mixing.from },
        { x: mixing.at, y: mixing.to },
      ],
    ]
  }
  const crossing = twoLines?.crossing
  if (!crossing) return []
  return [
    [crossing, { x: crossing.x, y: y.from }],
    [crossing, { x: x.from, y: crossing.y }],
  ]
}

/** Neighbours of a curve's places, to be drawn piece by piece. */
function piecesOf(curve: readonly Point[]): readonly [Point, Point][] {
  return curve.slice(1).map((point, index) => [curve[index] as Point, point])
}

/** Graph paper: squares of 1, 2 or 5, points as marks, best lines drawn past them, construction lines, and reading off. */
export function GraphPaper({ reading, x: xName, y: yName, marks, tangents, others }: GraphPaperProps) {
  const frame = useRef<HTMLDivElement>(null)
  const width = useWidth(frame, WIDEST)
  const [at, setAt] = useState<number>()
  const { points, doubtful } = reading
  if (points.length === 0)
    return <p className="rounded-xl border border-rule p-6 text-ink-soft">The graph begins with the first point.</p>
  const runs = [reading, ...others.map((other) => other.reading)]
  const seen = runs.flatMap((run) => [...run.points, ...keyPoints(run)])
  const x = sensibleAxis(
    seen.map((point) => point.x),
    SQUARES.x,
  )
  const y = sensibleAxis(
    seen.map((point) => point.y),
    SQUARES.y,
  )
  const data = points.map((point, index) => ({ ...point, doubtful: doubtful.includes(index) }))
  const label = { fill: 'var(--ink)', fontSize: 14 }
  const tick = { fill: 'var(--ink-soft)', fontSize: 13, fontFamily: 'var(--font-mono)' }
  const drawn = drawnIn(reading)
  const stroke = (segment: readonly [Point, Point], key: string, colour: string, dashes?: string) => (
    <ReferenceLine
      key={key}
      segment={[segment[0], segment[1]]}
      stroke={colour}
      strokeWidth={dashes ? 1.6 : 1.8}
      {...(dashes ? { strokeDasharray: dashes } : {})}
      ifOverflow="hidden"
    />
  )
  const linesAndCurve = (run: SeriesReading, name: string, colour: string) => [
    ...linesIn(run).map((line, index) => stroke(segmentOf(line, x, y), `${name} line ${index}`, colour)),
    ...piecesOf(curveOf(run)).map((piece, index) => stroke(piece, `${name} curve ${index}`, colour)),
  ]
  return (
    <div ref={frame}>
      <figure aria-label={describe(reading, `${yName.name} against ${xName.name}`)}>
        <ScatterChart
          width={width}
          height={HEIGHT}
          margin={{ top: 10, right: 12, bottom: 24, left: 12 }}
          accessibilityLayer={false}
        >
          <CartesianGrid
            verticalValues={stepsOf(x, x.small)}
            horizontalValues={stepsOf(y, y.small)}
            stroke="var(--hair)"
            strokeWidth={0.7}
          />
          <CartesianGrid
            verticalValues={stepsOf(x, x.large)}
            horizontalValues={stepsOf(y, y.large)}
            stroke="var(--rule)"
            strokeWidth={1.2}
          />
          <XAxis
            type="number"
            dataKey="x"
            domain={[x.from, x.to]}
            ticks={stepsOf(x, x.large)}
            interval={0}
            tick={tick}
            tickFormatter={(value: number) => value.toFixed(x.places)}
            stroke="var(--ink)"
            label={{ ...label, value: `${xName.name} / ${xName.unit}`, position: 'insideBottom', offset: -14 }}
          />
          <YAxis
            type="number"
            dataKey="y"
            domain={[y.from, y.to]}
            ticks={stepsOf(y, y.large)}
            interval={0}
            tick={tick}
            tickFormatter={(value: number) => value.toFixed(y.places)}
            stroke="var(--ink)"
            width={54}
            label={{
              ...label,
              value: `${yName.name} / ${yName.unit}`,
              angle: -90,
              position: 'insideLeft',
              style: { textAnchor: 'middle' },
            }}
          />
          {others.flatMap((other, index) => linesAndCurve(other.reading, other.name, OTHER_COLOURS[index % 2] ?? ''))}
          {linesAndCurve(reading, 'this', 'var(--hop)')}
          {tangents.flatMap((place) => {
            const tangent = tangentAt(reading, place)
            return tangent ? [stroke(segmentOf(tangent, x, y), `tangent ${place}`, 'var(--lark)', '7 3')] : []
          })}
          {constructionOf(reading, x, y).map((segment, index) => stroke(segment, `construction ${index}`, 'var(--lark)', '5 4'))}
          {others.map((other, index) => (
            <Scatter
              key={other.name}
              data={other.reading.points.map((point) => ({ ...point, doubtful: false }))}
              shape={<Mark marks={marks === 'crosses' ? 'ringed-dots' : 'crosses'} colour={OTHER_COLOURS[index % 2] ?? ''} />}
              isAnimationActive={false}
            />
          ))}
          <Scatter data={data} shape={<Mark marks={marks} colour="var(--ink)" />} isAnimationActive={false} />
          <CrossHair {...{ x, y, drawn, at }} onMove={setAt} />
        </ScatterChart>
        <figcaption className="text-sm text-ink-soft">
          One small square is <span className="num">{x.small}</span> across and <span className="num">{y.small}</span> up.
          {others.length > 0 && ` With it: ${others.map(({ name }) => name).join(', ')}.`}
        </figcaption>
      </figure>
      <ReadOff {...{ x, y, drawn, at }} xName={xName.name} xUnit={xName.unit} yUnit={yName.unit} onMove={setAt} />
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

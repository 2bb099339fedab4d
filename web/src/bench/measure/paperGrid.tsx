import { type Axes, type Axis, axisHead, powerAlong, tickLabel, ticksOf } from '@hop-lark/core/curve'
import { CartesianGrid, XAxis, YAxis } from 'recharts'

/** A quantity along an axis. */
export interface AxisName {
  readonly name: string
  readonly unit: string
}

const LABEL = { fill: 'var(--ink)', fontSize: 14 }
const TICK = { fill: 'var(--ink-soft)', fontSize: 13, fontFamily: 'var(--font-mono)' }

/** Small squares and large ones, as printed paper has them. */
export const squares = ({ x, y }: Axes) => [
  <CartesianGrid
    key="small"
    verticalValues={ticksOf(x, x.small)}
    horizontalValues={ticksOf(y, y.small)}
    stroke="var(--hair)"
    strokeWidth={0.7}
  />,
  <CartesianGrid
    key="large"
    verticalValues={ticksOf(x, x.large)}
    horizontalValues={ticksOf(y, y.large)}
    stroke="var(--rule)"
    strokeWidth={1.2}
  />,
]

const scale = (axis: Axis, apart = 1) => {
  return {
    type: 'number' as const,
    domain: [axis.from, axis.to],
    ticks: ticksOf(axis, axis.large * apart),
    interval: 0 as const,
    tick: TICK,
    tickFormatter: (value: number) => tickLabel(axis, value),
    stroke: 'var(--ink)',
  }
}

/** Width of a figure of a label, and the room between two labels. */
const FIGURE_WIDTH = 8
const ROOM = 10

/** Every how many large squares there is room for a label below the paper. */
function labelsApart(axis: Axis, width: number): number {
  const figures = Math.max(...[axis.from, axis.to].map((end) => tickLabel(axis, end).length))
  const square = width / ((axis.to - axis.from) / axis.large)
  return Math.ceil((figures * FIGURE_WIDTH + ROOM) / square)
}

/** The axes with their quantities and units, on paper so wide. */
export const axes = ({ x, y }: Axes, xName: AxisName, yName: AxisName, width: number) => [
  <XAxis
    key="x"
    dataKey="x"
    {...scale(x, labelsApart(x, width))}
    label={{ ...LABEL, value: axisHead(xName, powerAlong(x)), position: 'insideBottom', offset: -14 }}
  />,
  <YAxis
    key="y"
    dataKey="y"
    {...scale(y)}
    width={54}
    label={{
      ...LABEL,
      value: axisHead(yName, powerAlong(y)),
      angle: -90,
      position: 'insideLeft',
      style: { textAnchor: 'middle' },
    }}
  />,
]

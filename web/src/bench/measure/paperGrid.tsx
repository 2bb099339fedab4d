import type { Axis } from '@hop-lark/core/curve'
import { CartesianGrid, XAxis, YAxis } from 'recharts'
import { axisHead } from './axisHead.ts'
import type { Axes } from './paperLines.tsx'

/** A quantity along an axis. */
export interface AxisName {
  readonly name: string
  readonly unit: string
}

const LABEL = { fill: 'var(--ink)', fontSize: 14 }
const TICK = { fill: 'var(--ink-soft)', fontSize: 13, fontFamily: 'var(--font-mono)' }

function stepsOf({ from, to }: Axis, step: number): number[] {
  const count = Math.round((to - from) / step)
  return Array.from({ length: count + 1 }, (_, index) => Number((from + index * step).toPrecision(12)))
}

/** Small squares and large ones, as printed paper has them. */
export const squares = ({ x, y }: Axes) => [
  <CartesianGrid
    key="small"
    verticalValues={stepsOf(x, x.small)}
    horizontalValues={stepsOf(y, y.small)}
    stroke="var(--hair)"
    strokeWidth={0.7}
  />,
  <CartesianGrid
    key="large"
    verticalValues={stepsOf(x, x.large)}
    horizontalValues={stepsOf(y, y.large)}
    stroke="var(--rule)"
    strokeWidth={1.2}
  />,
]

const scale = (axis: Axis) => ({
  type: 'number' as const,
  domain: [axis.from, axis.to],
  ticks: stepsOf(axis, axis.large),
  interval: 0 as const,
  tick: TICK,
  tickFormatter: (value: number) => value.toFixed(axis.places),
  stroke: 'var(--ink)',
})

/** The axes with their quantities and units. */
export const axes = ({ x, y }: Axes, xName: AxisName, yName: AxisName) => [
  <XAxis key="x" dataKey="x" {...scale(x)} label={{ ...LABEL, value: axisHead(xName), position: 'insideBottom', offset: -14 }} />,
  <YAxis
    key="y"
    dataKey="y"
    {...scale(y)}
    width={54}
    label={{
      ...LABEL,
      value: axisHead(yName),
      angle: -90,
      position: 'insideLeft',
      style: { textAnchor: 'middle' },
    }}
  />,
]

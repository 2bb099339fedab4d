import type { Histogram } from '@hop-lark/core/propagate'
import { Bar, BarChart, Cell, ReferenceLine, XAxis } from 'recharts'

interface TrialsChartProps {
  readonly histogram: Histogram
  /** 95 % of the trials lie between these. */
  readonly low: number
  readonly high: number
  /** The answer by the record. */
  readonly answer: number
  readonly width: number
  /** Writes a value of the axis. */
  readonly write: (value: number) => string
}

const HEIGHT = 190

/** How often each result came up: bars inside the 95 % are full, those outside pale, and the answer is a line. */
export function TrialsChart({ histogram, low, high, answer, width, write }: TrialsChartProps) {
  const bars = histogram.counts.map((count, index) => ({ count, at: histogram.from + (index + 0.5) * histogram.width }))
  const end = histogram.from + histogram.width * histogram.counts.length
  return (
    <BarChart
      width={width}
      height={HEIGHT}
      data={bars}
      barCategoryGap={1}
      margin={{ top: 22, right: 40, bottom: 4, left: 40 }}
      accessibilityLayer={false}
    >
      <XAxis
        type="number"
        dataKey="at"
        domain={[histogram.from, end]}
        ticks={[low, answer, high]}
        interval={0}
        tickFormatter={write}
        tick={{ fill: 'var(--ink)', fontSize: 14, fontFamily: 'var(--font-mono)' }}
        stroke="var(--ink)"
      />
      <Bar dataKey="count" isAnimationActive={false}>
        {bars.map(({ at }) => (
          <Cell key={at} fill="var(--hop)" fillOpacity={at >= low && at <= high ? 0.85 : 0.3} />
        ))}
      </Bar>
      <ReferenceLine
        x={answer}
        stroke="var(--ink)"
        strokeWidth={1.6}
        label={{ value: 'answer', position: 'top', fill: 'var(--ink)', fontSize: 13 }}
      />
    </BarChart>
  )
}

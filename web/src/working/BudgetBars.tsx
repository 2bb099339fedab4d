import { Bar, BarChart, Cell, LabelList, XAxis, YAxis } from 'recharts'

/** One bar: a source, and how much of the whole it is. */
export interface BudgetBar {
  readonly says: string
  /** 0 to 1, for the length. */
  readonly part: number
  /** What stands at the end of the bar. */
  readonly label: string
}

const ROW = 34
/** Where names take two lines or three, as on a phone. */
const TALL_ROW = 54
const NARROW = 480

/** A bar for each source, the longest first; the first is marked since it is where help would tell. */
export function BudgetBars({ bars, width }: { readonly bars: readonly BudgetBar[]; readonly width: number }) {
  const names = Math.min(290, width * 0.5)
  const longest = Math.max(...bars.map(({ part }) => part))
  return (
    <BarChart
      layout="vertical"
      width={width}
      height={bars.length * (width < NARROW ? TALL_ROW : ROW)}
      data={[...bars]}
      margin={{ top: 0, right: 4, bottom: 0, left: 0 }}
      accessibilityLayer={false}
    >
      <XAxis type="number" hide domain={[0, longest * 1.35]} />
      <YAxis
        type="category"
        dataKey="says"
        width={names}
        interval={0}
        axisLine={{ stroke: 'var(--ink)' }}
        tickLine={false}
        tick={{ fill: 'var(--ink)', fontSize: 14 }}
      />
      <Bar dataKey="part" barSize={16} isAnimationActive={false}>
        {bars.map((bar, index) => (
          <Cell key={bar.says} fill={index === 0 ? 'var(--iodine)' : 'var(--lark)'} />
        ))}
        <LabelList dataKey="label" position="right" fill="var(--ink)" fontSize={14} fontFamily="var(--font-mono)" />
      </Bar>
    </BarChart>
  )
}

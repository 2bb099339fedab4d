import { drawnAxis, otherRuns, placesRead, readSeries, tangentsOf } from '@hop-lark/core/curve'
import { type PartOf, partTitle, path } from '@hop-lark/core/record'
import { useMemo } from 'react'
import { Sheet } from '../../app/Sheet.tsx'
import { useTask } from '../../notebook/derived.ts'
import { usePartChange } from '../../notebook/usePartChange.ts'
import { choicesOf } from '../../ui/choices.ts'
import { Select } from '../../ui/Select.tsx'
import { AxisFields } from './AxisFields.tsx'
import { GraphPaper } from './GraphPaper.tsx'
import { LineOptions } from './LineOptions.tsx'
import { nowAtTheSeries } from './nowAtTheSeries.ts'
import { isPlottedOtherwise, PointTable } from './PointTable.tsx'
import { SeriesVerdict } from './SeriesVerdict.tsx'
import { Unknowns } from './Unknowns.tsx'

const READINGS = choicesOf<NonNullable<PartOf<'series'>['reading']>>({
  'two-lines': 'two lines that cross',
  line: 'one straight line',
  'line-from-origin': 'one straight line from the origin',
  curve: 'a smooth curve',
  'curve-through-points': 'a curve through every point',
})

/** A series: its readings and graph paper side by side, with what the lines say. */
export function MeasurePage({ part }: { readonly part: PartOf<'series'> }) {
  const task = useTask()
  const change = usePartChange(part)
  const reading = useMemo(() => readSeries(part), [part])
  const readAt = useMemo(() => placesRead(part, reading), [part, reading])
  const others = useMemo(() => otherRuns(task, part), [task, part])
  const [x, y] = [drawnAxis(part.x), drawnAxis(part.y)]
  return (
    <Sheet
      title={partTitle(task, part)}
      says="Read each point as finely as the scale allows. A point that does not fit is asked about, never dropped."
      now={nowAtTheSeries(part, reading)}
      about={[part.id]}
      first={path('parts', part.id, 'points')}
    >
      <div className="screen-only mb-4 flex flex-wrap items-start gap-x-6 gap-y-3">
        <div className="grid grid-cols-[auto_minmax(7rem,11rem)_5rem_auto] items-center gap-2 max-[599px]:grid-cols-[auto_1fr_5rem]">
          <AxisFields part={part} axis="x" />
          <AxisFields part={part} axis="y" />
        </div>
        <div className="flex min-w-60 flex-1 flex-wrap items-end gap-2">
          <Select
            label="Lines"
            value={part.reading ?? 'line'}
            choices={READINGS}
            onChange={(value) =>
              change('choose the lines', (found) => {
                found.reading = value
              })
            }
          />
          <LineOptions part={part} />
        </div>
      </div>
      <div className="flex gap-6 @max-[30rem]/main:flex-col">
        <div className={`shrink-0 @max-[30rem]/main:w-full ${isPlottedOtherwise(part) ? 'w-88' : 'w-56'}`}>
          <PointTable part={part} />
        </div>
        <div className="top-0 min-w-0 flex-1 @min-[30rem]/main:sticky @min-[30rem]/main:self-start">
          <GraphPaper
            reading={reading}
            x={x}
            y={y}
            marks={part.marks ?? 'crosses'}
            tangents={tangentsOf(task, part, reading)}
            others={others}
            readAt={readAt}
          />
          <SeriesVerdict part={part} reading={reading} others={others} />
        </div>
      </div>
      <Unknowns part={part} />
    </Sheet>
  )
}

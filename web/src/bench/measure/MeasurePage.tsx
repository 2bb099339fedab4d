import { drawnAxis, type Plotted, readSeries, type SeriesReading } from '@hop-lark/core/curve'
import { unitSymbol } from '@hop-lark/core/reckon'
import { entryText, findPart, type PartOf, partTitle, path, type Task } from '@hop-lark/core/record'
import { useMemo } from 'react'
import { Sheet } from '../../app/Sheet.tsx'
import type { Now } from '../../margin/Margin.tsx'
import { useTask } from '../../notebook/derived.ts'
import { usePartChange } from '../../notebook/usePartChange.ts'
import { choicesOf } from '../../ui/choices.ts'
import { Select } from '../../ui/Select.tsx'
import { TextField } from '../../ui/TextField.tsx'
import { GraphPaper, type OtherRun } from './GraphPaper.tsx'
import { LineOptions } from './LineOptions.tsx'
import { nextX } from './nextX.ts'
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

const AS_READ = 'as read'
const PLOTTED = choicesOf<Plotted | typeof AS_READ>({
  [AS_READ]: 'as read',
  inverse: 'inverse, 1/…',
  'inverse kelvins': 'inverse in kelvins, 1/T',
  ln: 'natural logarithm, ln',
  log: 'logarithm, log',
  'ln of inverse': 'ln of the inverse, ln(1/…)',
  'log of inverse': 'log of the inverse, log(1/…)',
  square: 'square',
})

/** A series: its readings and graph paper side by side, with what the lines say. */
export function MeasurePage({ part }: { readonly part: PartOf<'series'> }) {
  const task = useTask()
  const change = usePartChange(part)
  const reading = useMemo(() => readSeries(part), [part])
  const others = useMemo(() => otherRuns(task, part), [task, part])
  const [x, y] = [drawnAxis(part.x), drawnAxis(part.y)]
  return (
    <Sheet
      title={partTitle(task, part)}
      says="Read each point as finely as the scale allows. A point that does not fit is asked about, never dropped."
      now={nowOf(part, reading)}
      about={[part.id]}
      first={path('parts', part.id, 'points')}
    >
      <div className="mb-4 flex flex-wrap items-end gap-3">
        <AxisFields part={part} axis="x" />
        <AxisFields part={part} axis="y" />
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
      <div className="flex gap-6 max-[1099px]:flex-col">
        <div className={`shrink-0 max-[1099px]:w-full ${isPlottedOtherwise(part) ? 'w-80' : 'w-56'}`}>
          <PointTable part={part} />
        </div>
        <div className="min-w-0 flex-1">
          <GraphPaper
            reading={reading}
            x={{ name: x.name, unit: unitSymbol(x.unit) }}
            y={{ name: y.name, unit: unitSymbol(y.unit) }}
            marks={part.marks ?? 'crosses'}
            tangents={tangentsOf(task, part, reading)}
            others={others}
          />
          <SeriesVerdict part={part} reading={reading} others={others} />
          <Unknowns part={part} />
        </div>
      </div>
    </Sheet>
  )
}

/** The runs that are drawn on the same paper, as they are read by themselves. */
function otherRuns(task: Task, part: PartOf<'series'>): readonly OtherRun[] {
  return (part.compareWith ?? []).flatMap((id) => {
    const other = findPart(task, 'series', id)
    return other ? [{ name: partTitle(task, other), reading: readSeries(other) }] : []
  })
}

/** Where tangents are asked for; on a curve the one at its beginning is always drawn. */
function tangentsOf(task: Task, part: PartOf<'series'>, { points, smooth }: SeriesReading): readonly number[] {
  if (!smooth) return []
  const asked = task.questions.flatMap(({ find }) =>
    find.quantity === 'gradient' && find.in === part.id && find.at !== undefined ? [Number(find.at)] : [],
  )
  return [Math.min(...points.map(({ x }) => x)), ...asked]
}

function AxisFields({ part, axis }: { readonly part: PartOf<'series'>; readonly axis: 'x' | 'y' }) {
  const change = usePartChange(part)
  const { name, unit, plotted } = part[axis]
  return (
    <>
      <TextField
        label={axis === 'x' ? 'Changed' : 'Read'}
        at={path('parts', part.id, axis, 'name')}
        value={name}
        className="w-40"
        onCommit={(text) =>
          change('name an axis', (found) => {
            if (text) found[axis].name = text
          })
        }
      />
      <TextField
        label="Unit"
        at={path('parts', part.id, axis, 'unit')}
        value={unit}
        className="w-20"
        onCommit={(text) =>
          change('unit of an axis', (found) => {
            found[axis].unit = text
          })
        }
      />
      <Select
        label={`${axis === 'x' ? 'Across' : 'Up'} is plotted`}
        value={plotted ?? AS_READ}
        choices={PLOTTED}
        onChange={(chosen) =>
          change('choose what is plotted', (found) => {
            if (chosen === AS_READ) delete found[axis].plotted
            else found[axis].plotted = chosen
          })
        }
      />
    </>
  )
}

function nowOf(part: PartOf<'series'>, { points, places, doubtful, twoLines }: SeriesReading): Now {
  const caution = `Eye protection. ${part.y.unit.includes('°') ? 'Stir with the rod, not the thermometer: it breaks.' : 'Gas must have a way out: a blocked tube or a stuck plunger bursts the joint.'} Follow your laboratory’s rules and your supervisor.`
  const [suspect] = doubtful
  if (suspect !== undefined) {
    const { x, y } = part.points[places[suspect] ?? suspect] ?? { x: '', y: '' }
    return {
      title: 'Look at the ringed point again.',
      says: `${entryText(y)} at ${entryText(x)} does not fit the line through the others. Read it again if you can; keep what you saw.`,
      caution,
    }
  }
  const turn =
    part.reading === 'two-lines' && points.length > 0 && !twoLines
      ? ' Go on past the turn: two lines need two points on each side of where they cross.'
      : ''
  const foreseen = nextX(part.points.map(({ x }) => entryText(x)))
  if (foreseen !== undefined)
    return {
      title: `At ${foreseen} ${unitSymbol(part.x.unit)}: what is the ${part.y.name}?`,
      says: `Type what you read, Enter. Another ${part.x.name} than ${foreseen} is typed in its own cell.${turn}`,
      caution,
    }
  return {
    title: points.length === 0 ? 'Enter the first point.' : 'Enter the next point.',
    says: `Type the ${part.x.name}, Enter, the ${part.y.name}, Enter.${turn}`,
    caution,
  }
}

import {
  drawnAxis,
  lookUpUnknowns,
  type Plotted,
  type Point,
  readSeries,
  type SeriesReading,
  stepsOf,
} from '@hop-lark/core/curve'
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
  const readAt = useMemo(() => placesRead(part, reading), [part, reading])
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
      <div className="mb-4 flex flex-wrap items-start gap-x-6 gap-y-3">
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
      <div className="flex gap-6 max-[1099px]:flex-col">
        <div className={`shrink-0 max-[1099px]:w-full ${isPlottedOtherwise(part) ? 'w-88' : 'w-56'}`}>
          <PointTable part={part} />
        </div>
        <div className="top-0 min-w-0 flex-1 min-[1100px]:sticky min-[1100px]:self-start">
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

/** The runs that are drawn on the same paper, as they are read by themselves. */
function otherRuns(task: Task, part: PartOf<'series'>): readonly OtherRun[] {
  return (part.compareWith ?? []).flatMap((id) => {
    const other = findPart(task, 'series', id)
    return other ? [{ name: partTitle(task, other), reading: readSeries(other) }] : []
  })
}

/** Where unknowns stand on the line, and where a curve through its points is steepest. */
function placesRead(part: PartOf<'series'>, { points, smooth }: SeriesReading): readonly Point[] {
  const unknowns = lookUpUnknowns(part).flatMap(({ x, y }) => (x === undefined || y === undefined ? [] : [{ x, y }]))
  if (part.reading !== 'curve-through-points' || !smooth) return unknowns
  return [...unknowns, ...stepsOf(points).map(({ x }) => ({ x, y: smooth.heightAt(x) }))]
}

/** Where tangents are asked for; on a curve the one at its beginning is always drawn. */
function tangentsOf(task: Task, part: PartOf<'series'>, { points, smooth }: SeriesReading): readonly number[] {
  if (!smooth) return []
  const asked = task.questions.flatMap(({ find }) =>
    find.quantity === 'gradient' && find.in === part.id && find.at !== undefined ? [Number(find.at)] : [],
  )
  return part.reading === 'curve' ? [Math.min(...points.map(({ x }) => x)), ...asked] : asked
}

function AxisFields({ part, axis }: { readonly part: PartOf<'series'>; readonly axis: 'x' | 'y' }) {
  const change = usePartChange(part)
  const { name, unit, plotted } = part[axis]
  const label = axis === 'x' ? 'Changed' : 'Read'
  return (
    <>
      <span aria-hidden className="text-sm font-semibold">
        {label}
      </span>
      <TextField
        label={label}
        hideLabel
        at={path('parts', part.id, axis, 'name')}
        value={name}
        onCommit={(text) =>
          change('name an axis', (found) => {
            if (text) found[axis].name = text
          })
        }
      />
      <TextField
        label={`Unit of ${name}`}
        hideLabel
        at={path('parts', part.id, axis, 'unit')}
        value={unit}
        placeholder="no unit"
        onCommit={(text) =>
          change('unit of an axis', (found) => {
            found[axis].unit = text
          })
        }
      />
      <Select
        label={`${name} is plotted`}
        className="max-[599px]:col-span-2 max-[599px]:col-start-2"
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

/** What can go wrong with what a series is read from. */
function careOf({ x, y }: PartOf<'series'>): string {
  const about = `${x.name} ${y.name}`.toLowerCase()
  if (`${x.unit} ${y.unit}`.includes('°')) return 'Stir with the rod, not the thermometer: it breaks. '
  if (about.includes('gas')) return 'Gas must have a way out: a blocked tube or a stuck plunger bursts the joint. '
  return about.includes('ph') ? 'The probe’s glass bulb is thin: stir without touching it, and keep it wet. ' : ''
}

function nowOf(part: PartOf<'series'>, { points, places, doubtful, twoLines }: SeriesReading): Now {
  const caution = `Eye protection. ${careOf(part)}Follow your laboratory’s rules and your supervisor.`
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

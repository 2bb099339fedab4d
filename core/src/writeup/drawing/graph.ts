import {
  type Axes,
  type Axis,
  axesFor,
  axisHead,
  constructionOf,
  curveOf,
  drawnAxis,
  linesIn,
  otherRuns,
  type Point,
  placesRead,
  powerAlong,
  readSeries,
  type SeriesReading,
  segmentOf,
  tangentAt,
  tangentsOf,
  tickLabel,
  ticksOf,
} from '../../curve/index.ts'
import { Exact, formatFigures } from '../../number/index.ts'
import { type PartOf, partTitle, type Task } from '../../record/index.ts'
import type { Drawing, Shape, Stroke } from './shapes.ts'

const WIDTH = 640
const HEIGHT = 470
const EDGE = { left: 74, right: 16, top: 12, bottom: 56 }
const ROOM = { across: WIDTH - EDGE.left - EDGE.right, up: HEIGHT - EDGE.top - EDGE.bottom }
const LABEL = 13
const HEAD = 15
/** Width of a figure of a label, and the room between two labels. */
const FIGURE = 7.5
const BETWEEN = 12

/** Places on the drawing of places on the paper. */
interface Scale {
  readonly x: (value: number) => number
  readonly y: (value: number) => number
}

const tidy = (value: number) => Number(value.toFixed(2))

function scaleOf({ x, y }: Axes): Scale {
  return {
    x: (value) => tidy(EDGE.left + (ROOM.across * (value - x.from)) / (x.to - x.from)),
    y: (value) => tidy(EDGE.top + ROOM.up * (1 - (value - y.from) / (y.to - y.from))),
  }
}

const pathOf = (scale: Scale, points: readonly Point[], stroke: Stroke): Shape => ({
  kind: 'path',
  d: points.map(({ x, y }, index) => `${index === 0 ? 'M' : 'L'}${scale.x(x)} ${scale.y(y)}`).join(''),
  stroke,
})

/** Squares of one size, all in one stroke. */
function squares(scale: Scale, { x, y }: Axes, size: 'small' | 'large', stroke: Stroke): Shape {
  const down = ticksOf(x, x[size]).map((at) => `M${scale.x(at)} ${EDGE.top}V${EDGE.top + ROOM.up}`)
  const across = ticksOf(y, y[size]).map((at) => `M${EDGE.left} ${scale.y(at)}H${EDGE.left + ROOM.across}`)
  return { kind: 'path', d: [...down, ...across].join(''), stroke }
}

/** Every how many large squares there is room for a label below the paper. */
function labelsApart(axis: Axis): number {
  const figures = Math.max(...[axis.from, axis.to].map((end) => tickLabel(axis, end).length))
  return Math.ceil((figures * FIGURE + BETWEEN) / (ROOM.across / ((axis.to - axis.from) / axis.large)))
}

function labels(scale: Scale, { x, y }: Axes): readonly Shape[] {
  const foot = EDGE.top + ROOM.up
  return [
    ...ticksOf(x, x.large * labelsApart(x)).map(
      (at): Shape => ({
        kind: 'text',
        x: scale.x(at),
        y: foot + 18,
        text: tickLabel(x, at).replace('-', '−'),
        anchor: 'middle',
        size: LABEL,
      }),
    ),
    ...ticksOf(y, y.large).map(
      (at): Shape => ({
        kind: 'text',
        x: EDGE.left - 8,
        y: tidy(scale.y(at) + 4.5),
        text: tickLabel(y, at).replace('-', '−'),
        anchor: 'end',
        size: LABEL,
      }),
    ),
  ]
}

function heads(part: PartOf<'series'>, axes: Axes): readonly Shape[] {
  const middle = tidy(EDGE.top + ROOM.up / 2)
  return [
    {
      kind: 'text',
      x: EDGE.left + ROOM.across / 2,
      y: HEIGHT - 12,
      text: axisHead(drawnAxis(part.x), powerAlong(axes.x)),
      anchor: 'middle',
      size: HEAD,
    },
    {
      kind: 'text',
      x: 18,
      y: middle,
      text: axisHead(drawnAxis(part.y), powerAlong(axes.y)),
      anchor: 'middle',
      size: HEAD,
      turned: -90,
    },
  ]
}

/** A point as it is plotted by hand: a small cross, or a dot in a ring; one that does not fit has a wide ring around it. */
function mark(scale: Scale, point: Point, marks: 'crosses' | 'ringed-dots', stroke: Stroke, doubtful: boolean): readonly Shape[] {
  const [x, y] = [scale.x(point.x), scale.y(point.y)]
  const drawn: readonly Shape[] =
    marks === 'crosses'
      ? [{ kind: 'path', d: `M${x - 4.5} ${y - 4.5}l9 9M${x - 4.5} ${y + 4.5}l9-9`, stroke }]
      : [
          { kind: 'circle', x, y, r: 1.3, stroke, filled: true },
          { kind: 'circle', x, y, r: 4.5, stroke },
        ]
  return doubtful ? [...drawn, { kind: 'circle', x, y, r: 9, stroke: 'doubt' }] : drawn
}

function linesOf(scale: Scale, reading: SeriesReading, axes: Axes, stroke: Stroke): readonly Shape[] {
  const curve = curveOf(reading)
  return [
    ...linesIn(reading).map((line) => pathOf(scale, segmentOf(line, axes.x, axes.y), stroke)),
    ...(curve.length > 1 ? [pathOf(scale, curve, stroke)] : []),
  ]
}

function saysOf(part: PartOf<'series'>, { points }: SeriesReading): string {
  return `Graph of ${drawnAxis(part.y).name} against ${drawnAxis(part.x).name}: ${points.length} ${points.length === 1 ? 'point' : 'points'}`
}

/** The graph of a run as it stands on its page: squares, marks, best lines, construction; undefined while there is no point. */
export function drawGraph(task: Task, part: PartOf<'series'>): Drawing | undefined {
  const reading = readSeries(part)
  if (reading.points.length === 0) return undefined
  const others = otherRuns(task, part)
  const readAt = placesRead(part, reading)
  const axes = axesFor([reading, ...others.map((other) => other.reading)], readAt)
  const scale = scaleOf(axes)
  const marks = part.marks ?? 'crosses'
  const otherMarks = marks === 'crosses' ? 'ringed-dots' : 'crosses'
  const tangents = tangentsOf(task, part, reading).flatMap((at) => tangentAt(reading, at) ?? [])
  return {
    width: WIDTH,
    height: HEIGHT,
    says: saysOf(part, reading),
    shapes: [
      squares(scale, axes, 'small', 'hair'),
      squares(scale, axes, 'large', 'square'),
      { kind: 'path', d: `M${EDGE.left} ${EDGE.top}V${EDGE.top + ROOM.up}H${EDGE.left + ROOM.across}`, stroke: 'axis' },
      ...labels(scale, axes),
      ...heads(part, axes),
      ...others.flatMap((other) => linesOf(scale, other.reading, axes, 'other line')),
      ...linesOf(scale, reading, axes, 'line'),
      ...tangents.map((line) => pathOf(scale, segmentOf(line, axes.x, axes.y), 'tangent')),
      ...constructionOf(reading, axes, readAt).map((segment) => pathOf(scale, segment, 'construction')),
      ...others.flatMap((other) => other.reading.points.flatMap((point) => mark(scale, point, otherMarks, 'other line', false))),
      ...reading.points.flatMap((point, index) => mark(scale, point, marks, 'mark', reading.doubtful.includes(index))),
    ],
  }
}

/** What stands under the graph: its squares, and what else is drawn on it. */
export function graphCaption(task: Task, part: PartOf<'series'>): string {
  const reading = readSeries(part)
  const others = otherRuns(task, part)
  const axes = axesFor([reading, ...others.map((other) => other.reading)], placesRead(part, reading))
  const small = (axis: Axis) => formatFigures(new Exact(axis.small), 1)
  const also = others.length > 0 ? ` With it: ${others.map(({ name }) => name).join(', ')}.` : ''
  return `${partTitle(task, part)}. One small square is ${small(axes.x)} across and ${small(axes.y)} up.${also}`
}

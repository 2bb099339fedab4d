import { drawnAxis } from '../curve/index.ts'
import { type FindOf, findById, findPart, type Task } from '../record/index.ts'

const upper = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)

/** Names like pH, ln(k) and 1/T keep their first letter where a title begins with them. */
const KEPT = /^(pH|ln|log)\b|^[^a-z]/

/** What stands along an axis of a series, as it is named. */
function axisOf(task: Task, series: string, axis: 'x' | 'y'): string {
  const part = findPart(task, 'series', series)
  return part ? drawnAxis(part[axis]).name : axis
}

/** The same, to begin a title with. */
function beginning(task: Task, series: string, axis: 'x' | 'y'): string {
  const name = axisOf(task, series, axis)
  return KEPT.test(name) || name.length === 1 ? name : upper(name)
}

/** Where something is read off, if it is a number. */
function placeSaid(place: FindOf<'xAt'>['y']): string {
  if (typeof place === 'string') return ` at ${place}`
  return 'value' in place ? ` at ${place.value} ${place.unit}`.trimEnd() : ''
}

/** In which unknown x is looked up. */
function unknownOf(task: Task, { in: series, y }: FindOf<'xAt'>): string | undefined {
  if (typeof y !== 'object' || !('unknown' in y)) return undefined
  const unknowns = findPart(task, 'series', series)?.unknowns ?? []
  return `in ${findById(unknowns, y.unknown)?.label || y.unknown}`
}

const whichOf = ({ which }: FindOf<'equivalence' | 'halfEquivalence'>) => (which === undefined ? '' : ` ${which}`)

export const crossingTitle = ({ in: series, axis }: FindOf<'crossing'>, task: Task): string =>
  axis === undefined ? 'Where the lines cross' : `${beginning(task, series, axis)} where the lines cross`

export const heightTitle = (find: FindOf<'yAt'>, task: Task): string =>
  `${beginning(task, find.in, 'y')} read off${placeSaid(find.x)}`

export const placeTitle = (find: FindOf<'xAt'>, task: Task): string =>
  `${beginning(task, find.in, 'x')} ${unknownOf(task, find) ?? `read off${placeSaid(find.y)}`}`

export const turningTitle = ({ quantity, in: series, axis }: FindOf<'highest' | 'lowest'>, task: Task): string =>
  axis === 'y'
    ? `${upper(quantity)} ${axisOf(task, series, 'y')}`
    : `${beginning(task, series, 'x')} where the curve is ${quantity}`

export const equivalenceTitle = (find: FindOf<'equivalence' | 'halfEquivalence'>, task: Task): string =>
  `${beginning(task, find.in, 'x')} at equivalence${whichOf(find)}`

export const halfWayTitle = (find: FindOf<'equivalence' | 'halfEquivalence'>): string =>
  `pKa, half-way to equivalence${whichOf(find)}`

export const areaTitle = (find: FindOf<'area'>, task: Task): string => `Area under ${axisOf(task, find.in, 'y')}`

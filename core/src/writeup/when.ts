import type { Task } from '../record/index.ts'

const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
]

const day = (date: Date) => `${date.getDate()} ${MONTHS[date.getMonth()]} ${date.getFullYear()}`
const clock = (date: Date) => `${date.getHours()}:${String(date.getMinutes()).padStart(2, '0')}`

/** Every moment at which something of the record was written. */
function momentsIn(value: unknown): readonly string[] {
  if (typeof value !== 'object' || value === null) return []
  return Object.entries(value).flatMap(([key, inside]) =>
    key === 'at' && typeof inside === 'string' ? [inside] : momentsIn(inside),
  )
}

/** When the readings of a task were taken, as a report says it, in the time of this place; empty where none has a time. */
export function whenDone({ parts }: Pick<Task, 'parts'>): string {
  const moments = momentsIn(parts)
    .map((moment) => new Date(moment))
    .filter((date) => !Number.isNaN(date.getTime()))
    .toSorted((a, b) => a.getTime() - b.getTime())
  const [first, last] = [moments[0], moments.at(-1)]
  if (!first || !last) return ''
  if (day(first) !== day(last)) return `${day(first)} to ${day(last)}`
  return clock(first) === clock(last) ? `${day(first)}, ${clock(first)}` : `${day(first)}, ${clock(first)} to ${clock(last)}`
}

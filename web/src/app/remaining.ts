import { addMinutes, differenceInSeconds, lightFormat, parseISO, secondsToHours } from 'date-fns'

/**
 * Time left of a task, or how far it is over.
 *
 * @param started - ISO 8601 moment
 * @param now - milliseconds since 1970
 */
export function remaining({
  minutes,
  started,
  now,
}: {
  readonly minutes: number
  readonly started: string
  readonly now: number
}): { readonly text: string; readonly over: boolean } {
  const left = differenceInSeconds(addMinutes(parseISO(started), minutes), now, { roundingMethod: 'round' })
  const size = Math.abs(left)
  return { text: `${secondsToHours(size)}:${lightFormat(new Date(0, 0, 0, 0, 0, size), 'mm:ss')}`, over: left < 0 }
}

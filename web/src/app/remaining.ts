import { addMinutes, differenceInSeconds, lightFormat, parseISO, secondsToHours } from 'date-fns'

/** A clock that runs, or stands still. */
export interface RunningClock {
  readonly minutes: number
  /** ISO 8601 moment. */
  readonly started: string
  /** ISO 8601 moment since which it stands still. */
  readonly paused?: string | undefined
  /** Milliseconds since 1970. */
  readonly now: number
}

/** Whole seconds left; below nought once the time is over. */
export function secondsLeft({ minutes, started, paused, now }: RunningClock): number {
  const until = paused === undefined ? now : Date.parse(paused)
  return differenceInSeconds(addMinutes(parseISO(started), minutes), until, { roundingMethod: 'round' })
}

/** Time left of a task, or how far it is over. */
export function remaining(clock: RunningClock): { readonly text: string; readonly over: boolean } {
  const left = secondsLeft(clock)
  const size = Math.abs(left)
  return { text: `${secondsToHours(size)}:${lightFormat(new Date(0, 0, 0, 0, 0, size), 'mm:ss')}`, over: left < 0 }
}

/** Minutes whose mark the clock passed between two looks at it, the latest last: 10 when ten minutes are left. */
export function marksPassed(marks: readonly number[], before: number, now: number): readonly number[] {
  return marks.filter((mark) => before > mark * 60 && now <= mark * 60).toSorted((one, other) => other - one)
}

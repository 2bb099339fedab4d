import type { RunStep } from '@hop-lark/core/brief'
import type { StepTimes } from './stepTimes.ts'

/** Minutes and seconds, with a minus once a wait is over. */
export function clock(seconds: number): string {
  const size = Math.abs(Math.round(seconds))
  return `${seconds < 0 ? '−' : ''}${Math.floor(size / 60)}:${String(size % 60).padStart(2, '0')}`
}

/** Seconds that a step which was started has left at a moment, below nought once it takes longer. */
export function secondsOf({ minutes }: RunStep, times: StepTimes, now: string): number {
  const takes = ((times.hands ?? minutes.hands) + (times.wait ?? minutes.wait)) * 60
  return takes - (Date.parse(now) - Date.parse(times.started ?? now)) / 1000
}

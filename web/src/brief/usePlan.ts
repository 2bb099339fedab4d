import {
  type PlannedStep,
  type Progress,
  plannedSteps,
  progressOf,
  type SheetReading,
  type Timetable,
  timetable,
} from '@hop-lark/core/brief'
import { useMemo } from 'react'
import { useTask } from '../notebook/derived.ts'
import { useMoment } from '../ui/useMoment.ts'

interface Plan {
  readonly planned: readonly PlannedStep[]
  readonly progress: Progress
  readonly found: Timetable
}

/** The timetable of a sheet from where the student is, made anew every half minute while something is under way. */
export function usePlan(reading: SheetReading): Plan {
  const { brief } = useTask()
  const { steps: times, queue, hands: pairs = 1 } = brief ?? {}
  const now = useMoment((times ?? []).some(({ started, ended }) => started !== undefined && ended === undefined))
  const moment = now.slice(0, 17) + (Number(now.slice(17, 19)) < 30 ? '00' : '30')
  return useMemo(() => {
    const kept = { ...(times ? { steps: times } : {}), ...(queue === undefined ? {} : { queue }) }
    const planned = plannedSteps(reading, kept)
    const progress = progressOf(planned, times ?? [], new Date(`${moment}Z`).toISOString())
    return { planned, progress, found: timetable(planned, pairs, progress) }
  }, [reading, times, queue, pairs, moment])
}

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
import { useDerived, useTask } from '../notebook/derived.ts'
import { useMoment } from '../ui/useMoment.ts'

interface Plan {
  readonly planned: readonly PlannedStep[]
  readonly progress: Progress
  readonly found: Timetable
}

/** Parts that are read to their end and questions that have their answer, by name. */
function useRecorded(): ReadonlySet<string> {
  const { questions } = useTask()
  const { stages, reckoning } = useDerived()
  return useMemo(() => {
    const parts = stages.flatMap(({ state, parts: ids }) => (state === 'done' ? ids : []))
    const answered = questions.filter(
      ({ id, find, answer }) =>
        (find.quantity === 'words' && answer?.trim()) ||
        reckoning.answers.some((one) => one.question === id && one.value !== null),
    )
    return new Set([...parts, ...answered.map(({ id }) => id)])
  }, [questions, stages, reckoning])
}

/** The timetable of a sheet from where the student is, made anew every half minute while something is under way. */
export function usePlan(reading: SheetReading): Plan {
  const { brief } = useTask()
  const recorded = useRecorded()
  const { steps: times, queue, hands: pairs = 1 } = brief ?? {}
  const now = useMoment((times ?? []).some(({ started, ended }) => started !== undefined && ended === undefined))
  const moment = now.slice(0, 17) + (Number(now.slice(17, 19)) < 30 ? '00' : '30')
  return useMemo(() => {
    const kept = { ...(times ? { steps: times } : {}), ...(queue === undefined ? {} : { queue }) }
    const planned = plannedSteps(reading, kept, recorded)
    const progress = progressOf(planned, times ?? [], new Date(`${moment}Z`).toISOString())
    return { planned, progress, found: timetable(planned, pairs, progress) }
  }, [reading, times, queue, pairs, moment, recorded])
}

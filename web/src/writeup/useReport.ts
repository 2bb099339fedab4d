import type { Task } from '@hop-lark/core/record'
import type { Manner } from '@hop-lark/core/writeup'
import { useEffect, useRef, useState } from 'react'
import type { WrittenUp } from './writeupWork.ts'
import { writeupWorker } from './writeupWorker.ts'

interface Written {
  /** Of the task as it last was, while a later one is written up. */
  readonly writtenUp: WrittenUp | undefined
  /** Whether the tubes are still being looked at. */
  readonly looking: boolean
  readonly failed?: string
}

const hasTubes = ({ parts }: Task) => parts.some(({ kind }) => kind === 'rack')

/** The report of a task, written anew after every change: at first what is known at once, then with what tubes show. */
export function useReport(task: Task, manner: Manner): Written {
  const [written, setWritten] = useState<Written>({ writtenUp: undefined, looking: true })
  const begun = useRef(false)
  useEffect(() => {
    let still = true
    const keep = (next: Written) => {
      if (still) setWritten(next)
    }
    const fail = (error: unknown) =>
      keep({ writtenUp: undefined, looking: false, failed: error instanceof Error ? error.message : String(error) })
    const tubes = hasTubes(task)
    // Once the tubes have been looked at, a report without them would only flicker.
    if (!tubes || !begun.current)
      writeupWorker()
        .atOnce(task, manner)
        .then((writtenUp) => keep({ writtenUp, looking: tubes }), fail)
    begun.current = true
    if (tubes)
      writeupWorker()
        .whole(task, manner)
        .then((writtenUp) => keep({ writtenUp, looking: false }), fail)
    return () => {
      still = false
    }
  }, [task, manner])
  return written
}

import type { Task } from '@hop-lark/core/record'
import type { Manner, Report } from '@hop-lark/core/writeup'
import { useEffect, useRef, useState } from 'react'
import { writeupWorker } from './writeupWorker.ts'

interface Written {
  /** Of the task as it last was, while a later one is written up. */
  readonly report: Report | undefined
  /** Whether the tubes are still being looked at. */
  readonly looking: boolean
  readonly failed?: string
}

const hasTubes = ({ parts }: Task) => parts.some(({ kind }) => kind === 'rack')

/** The report of a task, written anew after every change: at first what is known at once, then with what tubes show. */
export function useReport(task: Task, manner: Manner): Written {
  const [written, setWritten] = useState<Written>({ report: undefined, looking: true })
  const begun = useRef(false)
  useEffect(() => {
    let still = true
    const keep = (next: Written) => {
      if (still) setWritten(next)
    }
    const fail = (error: unknown) =>
      keep({ report: undefined, looking: false, failed: error instanceof Error ? error.message : String(error) })
    const tubes = hasTubes(task)
    // Once the tubes have been looked at, a report without them would only flicker.
    if (!tubes || !begun.current)
      writeupWorker()
        .atOnce(task, manner)
        .then((report) => keep({ report, looking: tubes }), fail)
    begun.current = true
    if (tubes)
      writeupWorker()
        .report(task, manner)
        .then((report) => keep({ report, looking: false }), fail)
    return () => {
      still = false
    }
  }, [task, manner])
  return written
}

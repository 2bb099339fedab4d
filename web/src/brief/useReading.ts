import { type Gap, type Mend, readingOf, reviseSheet, type SheetReading, withMend } from '@hop-lark/core/brief'
import type { Task } from '@hop-lark/core/record'
import { useMemo } from 'react'
import { useTask } from '../notebook/derived.ts'
import { useNotebook } from '../notebook/store.ts'

/** The sheet of the open task as it is read; undefined while there is none. */
export function useReading(): SheetReading | undefined {
  const { brief } = useTask()
  // Ticks and times are kept with the sheet and change nothing of how it is read.
  const { text, mends, ids } = brief ?? {}
  return useMemo(
    () => (text === undefined ? undefined : readingOf({ brief: { text, ...(mends ? { mends } : {}), ...(ids ? { ids } : {}) } })),
    [text, mends, ids],
  )
}

/** Changes the open task as a function of the core says. */
export function replaceTask(says: string, change: (task: Task) => Task): void {
  const { edit, task } = useNotebook.getState()
  if (!task) return
  const after = change(task)
  edit(says, (draft) => {
    for (const key of Object.keys(draft) as (keyof Task)[]) if (!(key in after)) delete draft[key]
    Object.assign(draft, after)
  })
}

/** Answers what is asked about the sheet, or changes what it was read into. */
export function mend(says: string, one: Mend): void {
  replaceTask(says, (task) => reviseSheet(task, { mends: withMend(task, one) }))
}

/** The gaps of a step: those that are about a place in its sentence. */
export const gapsOfStep = (gaps: readonly Gap[], { from, to }: { readonly from: number; readonly to: number }): readonly Gap[] =>
  gaps.filter((gap) => gap.to > 0 && gap.from >= from && gap.from <= to)

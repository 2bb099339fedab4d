import { fieldsOf, type Intake, type IntakeField, type Matching, matchColumns, readIntake } from '@hop-lark/core/intake'
import type { Part } from '@hop-lark/core/record'
import { useMemo, useState } from 'react'
import { useTask } from '../notebook/derived.ts'

interface Taken {
  readonly fields: readonly IntakeField[]
  /** Nothing while no table is there. */
  readonly matching: Matching | undefined
  readonly intake: Intake | undefined
  /** Why what was given is no table. */
  readonly refused: string | undefined
  readonly give: (text: string, name?: string) => Promise<void>
  /** Says which column holds a field; −1: none does. */
  readonly choose: (field: string, column: number) => void
}

/** A table on its way into a part: its columns matched, its rows read. */
export function useIntake(part: Part): Taken {
  const task = useTask()
  const fields = useMemo(() => fieldsOf(task, part), [task, part])
  const [matching, setMatching] = useState<Matching>()
  const [refused, setRefused] = useState<string>()
  const intake = useMemo(() => matching && readIntake(matching, fields), [matching, fields])
  const give = async (text: string, name?: string) => {
    setRefused(undefined)
    if (text.trim() === '') return setMatching(undefined)
    const { FileError, readCsv } = await import('@hop-lark/files/csv')
    try {
      setMatching(matchColumns(readCsv(text, name), fields))
    } catch (error) {
      if (!(error instanceof FileError)) throw error
      setMatching(undefined)
      setRefused(`${error.message} ${error.mend}`)
    }
  }
  const choose = (field: string, column: number) =>
    setMatching((before) => {
      if (!before) return before
      const { [field]: _, ...others } = before.columns
      return { ...before, columns: column < 0 ? others : { ...others, [field]: column } }
    })
  return { fields, matching, intake, refused, give, choose }
}

import { describe, expect, it } from 'vitest'
import { reckonTask } from '../reckon/index.ts'
import { readSheet } from './sheet/readSheet.ts'
import { SHEETS } from './testing/sheets.ts'
import { recordReadings } from './testing/student.ts'
import { TRUTH } from './testing/truth.ts'

/** Parts in which something is read that a number comes of. */
const COUNTED: ReadonlySet<string> = new Set(['titration', 'heating', 'series'])
/** A tangent where a curve begins, drawn through points that are seconds apart, lies below the true one. */
const TANGENT = 0.12

describe('from the sheet to the answer', () => {
  const counted = SHEETS.filter(({ expect: { parts } }) => parts.some(({ kind }) => COUNTED.has(kind)))

  it.each(counted.map((sheet) => [sheet.id, sheet] as const))('%s: what a student reads gives the answer', (id, { text }) => {
    const task = recordReadings(readSheet(text).task)
    const { answers } = reckonTask(task)
    const found = task.questions.flatMap(({ find }, index) =>
      find.quantity !== 'words' && find.quantity !== 'ions' ? [answers[index]?.unrounded ?? null] : [],
    )
    const expected = TRUTH[id]
    const numbers = task.questions.filter(({ find }) => find.quantity !== 'words' && find.quantity !== 'ions')
    const isTangent = (index: number) => numbers[index]?.find.quantity === 'gradient'
    expect(found.length).toBe(expected?.length)
    expected?.forEach((value, index) => {
      const own = found[index]
      if (value === null || own === null || own === undefined) expect(own ?? null).toBe(value)
      // Masses of the elements to one decimal, as schools have them, make no more of a difference than half a per cent.
      else expect(Math.abs(Number(own) / value - 1)).toBeLessThan(isTangent(index) ? TANGENT : 0.005)
    })
  })
})

import { describe, expect, it } from 'vitest'
import { valueAt } from '../../record/index.ts'
import { lookAt } from '../index.ts'
import { factsWithTubes } from '../testing/demo.ts'
import { CLEAN, PLANTED, record } from '../testing/records.ts'

describe('the look of an examiner', () => {
  it('is tried on thirty faults and thirty clean records', () => {
    expect([PLANTED.length, CLEAN.length]).toEqual([30, 30])
  })

  it.each(PLANTED.map((one) => [one.says, one] as const))('finds %s', (_, { base, plant, code }) => {
    const task = record(base, plant)
    const { remarks } = lookAt(factsWithTubes(task))
    const found = remarks.find((remark) => code.test(remark.code))
    expect(found, `found only ${remarks.map((remark) => remark.code).join(', ')}`).toBeDefined()
    // It leads to a place that there is, or to the field of one that is still empty.
    expect(valueAt(task, found?.at ?? []) ?? valueAt(task, (found?.at ?? []).slice(0, -1))).toBeDefined()
    expect(found?.says).toMatch(/\S/)
    expect(found?.mend).toMatch(/[.?]$/)
  })

  it.each(CLEAN)('marks nothing in what is right: %s', (_, base, change) => {
    expect(lookAt(factsWithTubes(record(base, change))).remarks.map(({ code, says }) => `${code} ${says}`)).toEqual([])
  })

  it('says what is right, so that nobody changes it', () => {
    expect(lookAt(factsWithTubes(record('iron-in-lawn-sand', () => {}))).right).toEqual([
      'quantity and unit in every heading',
      'the same decimals throughout',
      'two titres that agree; the rough one is not used',
      'figures as the readings allow',
    ])
  })
})

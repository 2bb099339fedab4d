import { describe, expect, it } from 'vitest'
import { newTask, STARTING_SHEETS, type StartingSheet, type Task, valueAt } from '../../record/index.ts'
import { factsOf, lookAt } from '../index.ts'
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

  it.each(Object.keys(STARTING_SHEETS) as StartingSheet[])('praises nothing in a record that is not begun: %s', (sheet) => {
    const { begun, right } = lookAt(factsOf(newTask('Not begun', sheet, () => 0.5)))
    expect({ begun, right }).toEqual({ begun: false, right: [] })
  })

  it('has something to look at from the first reading, note or answer on', () => {
    const begunWith = (change: (task: Task) => void) => {
      const task = newTask('Begun', 'direct', () => 0.5)
      change(task)
      return lookAt(factsOf(task)).begun
    }
    expect(begunWith(() => {})).toBe(false)
    expect(begunWith(({ parts }) => void parts.push({ id: 'n1', kind: 'note', title: '', text: 'Rain all day.' }))).toBe(true)
    expect(begunWith(({ questions }) => void questions.push({ id: 'q9', find: { quantity: 'words' }, answer: 'Yes.' }))).toBe(
      true,
    )
    expect(
      begunWith(({ parts }) => {
        for (const part of parts) if (part.kind === 'titration') part.runs = [{ id: 'r1', kind: 'rough', initial: '0.00' }]
      }),
    ).toBe(true)
  })

  it('finds a titration that has a rough run only', () => {
    const task = record('iron-in-lawn-sand', ({ parts }) => {
      for (const part of parts) if (part.kind === 'titration') part.runs = part.runs.slice(0, 1)
    })
    expect(lookAt(factsWithTubes(task)).remarks.map(({ code }) => code)).toContain('look.onlyRough')
  })
})

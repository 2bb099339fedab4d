import { describe, expect, it } from 'vitest'
import { newTask, STARTING_SHEETS, type StartingSheet } from '../record/index.ts'
import { readingOf } from './index.ts'

const WITH_TEXT = (Object.keys(STARTING_SHEETS) as StartingSheet[]).filter((sheet) => STARTING_SHEETS[sheet].text !== undefined)

describe('starting sheets', () => {
  it.each(WITH_TEXT)('%s opens with a sheet that is read into what the task holds', (sheet) => {
    const task = newTask('Mine', sheet, () => 0)
    const reading = readingOf(task)
    expect(reading?.notRead).toEqual([])
    const read = reading?.task ?? expect.fail('no sheet')
    for (const material of read.materials) expect(task.materials.map(({ id }) => id)).toContain(material.id)
    for (const part of read.parts) {
      const own = task.parts.find(({ id }) => id === part.id)
      expect(own?.kind).toBe(part.kind)
    }
    for (const { id, find } of read.questions) {
      const own = task.questions.find((one) => one.id === id)?.find
      expect(own?.quantity).toBe(find.quantity)
      if (own?.quantity === 'sum' && find.quantity === 'sum') expect(own.sum).toBe(find.sum)
    }
  })

  it('say what to do, all but the empty one and those of nothing but sums', () => {
    const without = (Object.keys(STARTING_SHEETS) as StartingSheet[]).filter((sheet) => !WITH_TEXT.includes(sheet))
    expect(without).toEqual(['clock', 'hardness', 'comparing', 'empty'])
  })
})

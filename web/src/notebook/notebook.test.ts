import { newTask, type Task } from '@hop-lark/core/record'
import { produce } from 'immer'
import { describe, expect, it } from 'vitest'
import { NOTHING_DONE, redo, remember, undo } from './history.ts'
import { readAt, textAt, writeAt } from './paths.ts'

const AT = '2026-05-12T10:00:00.000Z'
const START = newTask('Monday', 'weigh-titrate', () => 0.5)
const write = (task: Task, path: string, text: string) => produce(task, (draft) => writeAt(draft, path, text, AT))

describe('writing where a path leads', () => {
  it('finds things by id and by position', () => {
    const task = write(START, 'parts.t1.runs.0.final', '23.60')
    expect(readAt(task, 'parts.t1.runs.0.final')).toEqual({ value: '23.60', at: AT })
    expect(textAt(task, 'parts.t1.runs.0.final')).toBe('23.60')
    expect(textAt(task, 'materials.F1.label')).toBe('F1')
    expect(textAt(task, 'parts.t9.runs.0.final')).toBe('')
  })

  it('strikes a reading that changes, replaces other text, and takes out what is emptied', () => {
    const twice = write(write(START, 'parts.w1.withSample', '32.17'), 'parts.w1.withSample', '32.71')
    expect(readAt(twice, 'parts.w1.withSample')).toMatchObject({ value: '32.71', was: [{ value: '32.17' }] })
    expect(readAt(write(START, 'materials.F1.label', 'A'), 'materials.A.label')).toBeUndefined()
    expect(readAt(write(START, 'materials.F1.label', 'A'), 'materials.F1.label')).toBe('A')
    expect(readAt(write(twice, 'parts.w1.withSample', ''), 'parts.w1.withSample')).toBeUndefined()
  })

  it('does nothing where the path leads nowhere', () => {
    expect(write(START, 'parts.t9.runs.0.final', '1.00')).toBe(START)
  })
})

describe('undo', () => {
  const done = write(START, 'parts.w1.withSample', '32.17')
  const history = remember(NOTHING_DONE, { before: START, after: done, says: 'write 32.17' })

  it('takes a step back and does it again', () => {
    const back = undo(history, done)
    expect(back?.task).toEqual(START)
    expect(back && redo(back.history, back.task)?.task).toEqual(done)
  })

  it('leaves what others wrote meanwhile', () => {
    const theirs = write(done, 'parts.w1.withResidue', '27.14')
    expect(textAt(undo(history, theirs)?.task as Task, 'parts.w1.withResidue')).toBe('27.14')
    expect(textAt(undo(history, theirs)?.task as Task, 'parts.w1.withSample')).toBe('')
  })

  it('has nothing to do when nothing was done', () => {
    expect(undo(NOTHING_DONE, START)).toBeUndefined()
    expect(redo(history, done)).toBeUndefined()
  })
})

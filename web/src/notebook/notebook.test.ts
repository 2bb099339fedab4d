import { newTask, PathError, readPath, type Task, valueAt } from '@hop-lark/core/record'
import { produce } from 'immer'
import { describe, expect, it } from 'vitest'
import { NOTHING_DONE, redo, remember, undo } from './history.ts'
import { textAt, writeAt } from './paths.ts'

const AT = '2026-05-12T10:00:00.000Z'
const START = newTask('Monday', 'weigh-titrate', () => 0.5)
const write = (task: Task, path: string, text: string) => produce(task, (draft) => writeAt(draft, readPath(path), text, AT))
const textIn = (task: Task, path: string) => textAt(task, readPath(path))
const valueIn = (task: Task, path: string) => valueAt(task, readPath(path))

describe('writing where a path leads', () => {
  it('finds things by id and by position', () => {
    const task = write(START, 'parts.t1.runs.rough1.final', '21.30')
    expect(valueIn(task, 'parts.t1.runs.rough1.final')).toEqual({ value: '21.30', at: AT })
    expect(textIn(task, 'parts.t1.runs.rough1.final')).toBe('21.30')
    expect(textIn(task, 'materials.F1.label')).toBe('F1')
    expect(textIn(task, 'parts.t9.runs.rough1.final')).toBe('')
  })

  it('strikes a reading that changes, replaces other text, and takes out what is emptied', () => {
    const twice = write(write(START, 'parts.w1.withSample', '31.46'), 'parts.w1.withSample', '31.64')
    expect(valueIn(twice, 'parts.w1.withSample')).toMatchObject({ value: '31.64', was: [{ value: '31.46' }] })
    expect(valueIn(write(START, 'materials.F1.label', 'A'), 'materials.A.label')).toBeUndefined()
    expect(valueIn(write(START, 'materials.F1.label', 'A'), 'materials.F1.label')).toBe('A')
    expect(valueIn(write(twice, 'parts.w1.withSample', ''), 'parts.w1.withSample')).toBeUndefined()
  })

  it('throws where the path leads nowhere, so that nothing is taken for saved', () => {
    expect(() => write(START, 'parts.t9.runs.rough1.final', '1.00')).toThrow(PathError)
  })
})

describe('undo', () => {
  const done = write(START, 'parts.w1.withSample', '31.46')
  const history = remember(NOTHING_DONE, { before: START, after: done, says: 'write 31.46' })

  it('takes a step back and does it again', () => {
    const back = undo(history, done)
    expect(back?.task).toEqual(START)
    expect(back && redo(back.history, back.task)?.task).toEqual(done)
  })

  it('leaves what others wrote meanwhile', () => {
    const theirs = write(done, 'parts.w1.withResidue', '26.72')
    expect(textIn(undo(history, theirs)?.task as Task, 'parts.w1.withResidue')).toBe('26.72')
    expect(textIn(undo(history, theirs)?.task as Task, 'parts.w1.withSample')).toBe('')
  })

  it('has nothing to do when nothing was done', () => {
    expect(undo(NOTHING_DONE, START)).toBeUndefined()
    expect(redo(history, done)).toBeUndefined()
  })
})

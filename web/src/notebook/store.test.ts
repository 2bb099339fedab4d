import 'fake-indexeddb/auto'
import { newTask, readPath, type Task } from '@hop-lark/core/record'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { ApiError, api } from './api.ts'
import { useNotebook } from './store.ts'

const PLAIN = newTask('Vinegar', 'direct', () => 0.5)
const store = () => useNotebook.getState()
const open = () => {
  const { task } = store()
  if (!task) throw new Error('No task is open.')
  return task
}
const titleOf = ({ title }: Task) => title
const rename = (title: string) =>
  store().edit(`name it ${title}`, (draft) => {
    draft.title = title
  })

beforeEach(() => {
  const at = '2026-05-12T10:00:00.000Z'
  vi.spyOn(api, 'load').mockImplementation(async (id) => ({
    id,
    version: 1,
    document: PLAIN,
    created: at,
    updated: at,
    archived: null,
  }))
  vi.spyOn(api, 'editsSince').mockImplementation(async () => ({ version: 1, archived: null, edits: [] }))
  vi.spyOn(api, 'save').mockImplementation(async () => ({ kind: 'saved', version: 2, at }))
})
afterEach(() => {
  store().close()
  vi.restoreAllMocks()
})

describe('the open task', () => {
  it('is loaded, and gone when it is closed', async () => {
    await store().open(PLAIN.id)
    expect(store().opening).toEqual({ kind: 'open' })
    expect(open()).toEqual(PLAIN)
    store().close()
    expect(store().task).toBeUndefined()
    expect(store().opening).toEqual({ kind: 'closed' })
  })

  it('says why it cannot be opened', async () => {
    vi.spyOn(api, 'load').mockRejectedValue(new ApiError(404, 'task.unknown', 'There is no such task.', 'Look on the shelf.'))
    await store().open('nowhere')
    expect(store().opening).toMatchObject({ kind: 'failed', error: { status: 404, mend: 'Look on the shelf.' } })
  })

  it('a fault that is no answer of the server is told as one of the page', async () => {
    vi.spyOn(api, 'load').mockRejectedValue(new TypeError('x is not a function'))
    await store().open('nowhere')
    expect(store().opening).toMatchObject({ kind: 'failed', error: { code: 'page.fault' } })
  })

  it('a task that is left while it is loading does not come up over the next', async () => {
    const first = store().open('first')
    const second = store().open('second')
    await Promise.all([first, second])
    expect(store().opening).toEqual({ kind: 'open' })
    rename('only once')
    expect(titleOf(open())).toBe('only once')
  })
})

describe('what is done to it', () => {
  beforeEach(() => store().open(PLAIN.id))

  it('is taken back and done again, step by step', () => {
    rename('one')
    rename('two')
    store().undo()
    expect(titleOf(open())).toBe('one')
    store().undo()
    expect(titleOf(open())).toBe(PLAIN.title)
    store().undo()
    expect(titleOf(open())).toBe(PLAIN.title)
    store().redo()
    store().redo()
    store().redo()
    expect(titleOf(open())).toBe('two')
  })

  it('ends what could be done again when something else is done', () => {
    rename('one')
    store().undo()
    rename('three')
    store().redo()
    expect(titleOf(open())).toBe('three')
  })

  it('that changes nothing is no step', () => {
    rename(PLAIN.title)
    store().edit('look at it', () => {})
    rename('one')
    store().undo()
    expect(titleOf(open())).toBe(PLAIN.title)
  })

  it('writes a reading once: leaving the cell after Enter writes nothing more', () => {
    const at = readPath('parts.t1.runs.rough1.final')
    store().write(at, '21.70')
    const first = open()
    store().write(at, '21.70')
    expect(open()).toBe(first)
    store().write(at, '21.75')
    const run = open().parts.flatMap((part) => (part.kind === 'titration' ? part.runs : []))[0]
    expect(run?.final).toMatchObject({ value: '21.75', was: [{ value: '21.70' }] })
  })

  it('leaves the state before it as it was', () => {
    const before = open()
    const copy = structuredClone(before)
    store().write(readPath('parts.t1.runs.rough1.final'), '21.70')
    expect(before).toEqual(copy)
    expect(open()).not.toBe(before)
  })

  it('goes to the server, and the page says so', async () => {
    rename('one')
    await vi.waitFor(() => expect(api.save).toHaveBeenCalled())
    await vi.waitFor(() => expect(store().save.kind).toBe('saved'))
  })
})

it('nothing is done to a task that is not open', () => {
  rename('one')
  store().write(['title'], 'two')
  store().undo()
  store().redo()
  expect(store().task).toBeUndefined()
})

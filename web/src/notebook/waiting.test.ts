import 'fake-indexeddb/auto'
import { newTask, type Task } from '@hop-lark/core/record'
import { produce } from 'immer'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { ApiError, api } from './api.ts'
import { device, livingOutboxes } from './outboxes.ts'
import { seenInArchive, whatWaits } from './waiting.ts'

const AT = '2026-05-12T10:00:00.000Z'
let archived: string | null = null

/** Leaves work of a task on the device, as a window that was shut does. */
async function leave(id: string): Promise<Task> {
  const acknowledged = { ...newTask(`Task ${id}`, 'direct', () => 0.5), id }
  const local = produce(acknowledged, (draft) => {
    draft.minutes = 90
  })
  await device.keep({ taskId: id, page: `gone-${id}`, version: 1, serial: 0, acknowledged, local })
  return acknowledged
}

beforeEach(() => {
  archived = null
  const tasks = new Map<string, Task>()
  vi.spyOn(api, 'load').mockImplementation(async (id) => {
    const kept = (await device.all(id))[0]
    const document = tasks.get(id) ?? kept?.acknowledged ?? newTask('x', 'direct', () => 0.5)
    tasks.set(id, document)
    return { id, version: 1, document, created: AT, updated: AT, archived }
  })
  vi.spyOn(api, 'editsSince').mockImplementation(async () => ({ version: 1, archived, edits: [] }))
  vi.spyOn(api, 'save').mockImplementation(async (_, { base }) => ({ kind: 'saved', version: base + 1, at: AT }))
})
afterEach(() => vi.restoreAllMocks())

const stateOf = async (id: string) => (await whatWaits()).find(({ taskId }) => taskId === id)?.state

describe('what waits on this device', () => {
  it('is taken up and sent, of tasks that nobody opens, and then waits no more', async () => {
    await leave('orphan')
    await whatWaits()
    await vi.waitFor(() => expect(api.save).toHaveBeenCalledWith('orphan', expect.objectContaining({ base: 1 })))
    await vi.waitFor(async () => expect(await stateOf('orphan')).toBeUndefined())
    expect((await device.all('orphan')).filter(({ page }) => page === 'gone-orphan')).toEqual([])
  })

  it('is kept and shown while the server is away', async () => {
    const away = new ApiError(0, 'server.away', 'The server does not answer.', '')
    for (const name of ['load', 'save', 'editsSince'] as const) vi.spyOn(api, name).mockRejectedValue(away)
    await leave('kept')
    expect(await stateOf('kept')).toBe('kept')
  })

  it('of a task that is gone is shown as such', async () => {
    const gone = new ApiError(404, 'task.unknown', 'There is no such task here.', '')
    for (const name of ['load', 'save', 'editsSince'] as const) vi.spyOn(api, name).mockRejectedValue(gone)
    await leave('gone')
    expect(await stateOf('gone')).toBe('gone')
    expect(livingOutboxes().find(({ taskId }) => taskId === 'gone')?.task?.minutes).toBe(90)
  })

  it('is told of when it was sent into an archived task, until that has been seen', async () => {
    archived = AT
    let answer = () => {}
    vi.spyOn(api, 'save').mockImplementation(async (_, { base }) => {
      await new Promise<void>((resolve) => {
        answer = resolve
      })
      return { kind: 'saved', version: base + 1, at: AT }
    })
    await leave('off-the-shelf')
    await vi.waitFor(async () => expect(await stateOf('off-the-shelf')).toBe('saving'))
    await vi.waitFor(() => expect(api.save).toHaveBeenCalledWith('off-the-shelf', expect.anything()))
    answer()
    await vi.waitFor(async () => expect(await stateOf('off-the-shelf')).toBe('archived'))
    seenInArchive('off-the-shelf')
    expect(await stateOf('off-the-shelf')).toBeUndefined()
  })
})

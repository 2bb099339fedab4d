import 'fake-indexeddb/auto'
import { newTask } from '@hop-lark/core/record'
import { expect, it, vi } from 'vitest'
import { deviceStore, type Kept } from './deviceStore.ts'

const TASK = newTask('Vinegar', 'direct', () => 0.25)
const kept = (page: string, taskId = TASK.id): Kept => ({ taskId, page, version: 3, serial: 0, acknowledged: TASK, local: TASK })

it('keeps what each page knows of a task until it is forgotten, tasks apart', async () => {
  const device = deviceStore()
  expect(await device.all(TASK.id)).toEqual([])
  await device.keep(kept('a'))
  await device.keep(kept('b'))
  await device.keep(kept('a', 'other'))
  // A store opened anew, as after a reload, finds the same.
  const again = deviceStore()
  expect((await again.all(TASK.id)).map(({ page }) => page).toSorted()).toEqual(['a', 'b'])
  await again.forget(TASK.id, 'a')
  expect(await device.all(TASK.id)).toEqual([kept('b')])
  expect(await device.all('other')).toEqual([kept('a', 'other')])
})

it('keeps the newest of what a page knows', async () => {
  const device = deviceStore()
  await device.keep({ ...kept('c', 'newest'), version: 3 })
  await device.keep({ ...kept('c', 'newest'), version: 4 })
  expect((await device.all('newest')).map(({ version }) => version)).toEqual([4])
})

it('gives what a page left to one of two that claim it', async () => {
  const device = deviceStore()
  const left = kept('gone', 'claimed')
  await device.keep(left)
  const claims = await Promise.all([device.claim(left, 'x'), deviceStore().claim(left, 'y')])
  expect(claims.filter(Boolean)).toHaveLength(1)
  expect((await device.all('claimed')).map(({ page }) => page)).toEqual(['x+gone'])
})

it('leaves what a page left where it is, if there is no room to take it over', async () => {
  const device = deviceStore()
  const left = kept('gone', 'unmoved')
  await device.keep(left)
  const put = vi.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
    throw new DOMException('full', 'QuotaExceededError')
  })
  await expect(device.claim(left, 'x')).rejects.toThrow('no room left')
  put.mockRestore()
  expect(await device.all('unmoved')).toEqual([left])
})

it('knows the tasks that were open last, and no more than it has room for', async () => {
  const device = deviceStore()
  for (let day = 10; day < 75; day++)
    await device.know({ taskId: `t${day}`, version: day, document: TASK, at: `2026-05-12T10:00:${day}.000Z` })
  expect(await device.allKnown()).toHaveLength(60)
  expect(await device.known('t10')).toBeUndefined()
  expect((await device.known('t74'))?.version).toBe(74)
  await device.unknow('t74')
  expect(await device.known('t74')).toBeUndefined()
})

it('says that a device has no room, or lets nothing be kept', async () => {
  const broken = (name: string) =>
    vi.spyOn(indexedDB, 'open').mockImplementationOnce(() => {
      throw Object.assign(new Error(), { name })
    })
  broken('SecurityError')
  await expect(deviceStore().keep(kept('a'))).rejects.toThrow('lets Hop Lark keep nothing')
  broken('QuotaExceededError')
  await expect(deviceStore().keep(kept('a'))).rejects.toThrow('no room left')
})

import 'fake-indexeddb/auto'
import { newTask } from '@hop-lark/core/record'
import { expect, it } from 'vitest'
import { deviceStore, type Kept } from './deviceStore.ts'

const TASK = newTask('Vinegar', 'direct', () => 0.25)
const kept = (page: string, taskId = TASK.id): Kept => ({ taskId, page, version: 3, acknowledged: TASK, local: TASK })

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

it('where the browser has no locks, no page counts as open', async () => {
  const device = deviceStore()
  device.hold('a')
  expect((await device.openPages()).size).toBe(0)
})

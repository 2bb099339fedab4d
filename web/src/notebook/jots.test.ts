import { newTask } from '@hop-lark/core/record'
import { produce } from 'immer'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { deviceJots, jotOf, withJots } from './jots.ts'

afterEach(() => {
  vi.unstubAllGlobals()
  localStorage.clear()
})

const TASK = newTask('Vinegar', 'direct', () => 0.5)
const named = (title: string) =>
  produce(TASK, (draft) => {
    draft.title = title
  })

describe('what is jotted down', () => {
  it('is there at once, in order, for the page it was jotted down by, until it is struck', () => {
    const jots = deviceJots()
    for (let serial = 1; serial <= 12; serial++) jots.write('t', 'a', serial, jotOf(TASK, named(`${serial}`)))
    jots.write('t', 'b', 1, jotOf(TASK, named('other')))
    const after = deviceJots().since('t', 'a', 9)
    expect(after.map((jot) => jot[0]?.value)).toEqual(['10', '11', '12'])
    expect(withJots(TASK, after).title).toBe('12')
    jots.strike('t', 'a', 11)
    expect(jots.since('t', 'a', 0)).toHaveLength(1)
    expect(jots.since('t', 'b', 0)).toHaveLength(1)
  })

  it('is told not to be, where the device lets nothing be written', () => {
    vi.stubGlobal('localStorage', {
      setItem: () => {
        throw new DOMException('full', 'QuotaExceededError')
      },
    })
    expect(deviceJots().write('t', 'a', 1, [])).toBe(false)
    expect(deviceJots().since('t', 'a', 0)).toEqual([])
  })

  it('takes out what was taken out', () => {
    const before = produce(TASK, (draft) => {
      draft.minutes = 60
    })
    const [jot] = [JSON.parse(JSON.stringify(jotOf(before, TASK)))]
    expect(withJots(before, [jot])).toEqual(TASK)
  })
})

import { expect, it, vi } from 'vitest'
import { Memory } from './index.ts'

it('makes each value once, also where it is undefined', () => {
  const make = vi.fn((key: string) => (key === 'none' ? undefined : key.length))
  const memory = new Memory<string, number | undefined>(10)
  expect([memory.recall('four', make), memory.recall('four', make)]).toEqual([4, 4])
  expect([memory.recall('none', make), memory.recall('none', make)]).toEqual([undefined, undefined])
  expect(make).toHaveBeenCalledTimes(2)
})

it('never holds more than it may', () => {
  const memory = new Memory<number, number>(3)
  for (let key = 0; key < 100; key++) {
    memory.keep(key, key)
    const held = Array.from({ length: 100 }, (_, other) => memory.get(other)).filter((value) => value !== undefined)
    expect(held.length).toBeLessThanOrEqual(3)
    expect(held).toContain(key)
  }
})

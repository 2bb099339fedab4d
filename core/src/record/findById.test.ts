import { expect, it } from 'vitest'
import { findById } from './findById.ts'

it('finds the first thing with an id, and what was renamed, moved or put in since', () => {
  const list = [
    { id: 'a', at: 0 },
    { id: 'b', at: 1 },
    { id: 'a', at: 2 },
  ]
  expect(findById(list, 'a')?.at).toBe(0)
  expect(findById(list, 'z')).toBeUndefined()
  list.push({ id: 'z', at: 3 })
  expect(findById(list, 'z')?.at).toBe(3)
  list.reverse()
  expect(findById(list, 'b')?.at).toBe(1)
  ;(list[1] as { id: string }).id = 'renamed'
  expect(findById(list, 'renamed')?.at).toBe(2)
})

it('does not go through a long list for each of its things', () => {
  let looks = 0
  const list = Array.from({ length: 500 }, (_, index) => ({
    get id() {
      looks++
      return `t${index}`
    },
  }))
  for (let index = 0; index < 500; index++) expect(findById(list, `t${index}`)).toBe(list[index])
  expect(looks).toBeLessThan(4 * 500)
})

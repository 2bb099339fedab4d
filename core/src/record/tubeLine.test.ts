import { expect, it } from 'vitest'
import { tubeLine, tubesById } from './index.ts'

const tube = (id: string, from?: string) => ({ id, steps: [], ...(from === undefined ? {} : { from }) })
const lineOf = (id: string, tubes: readonly ReturnType<typeof tube>[]) => {
  const all = tubesById([{ tubes }])
  return tubeLine(all.get(id) ?? tube(id), all).map((one) => one.id)
}

it('goes back to the tube that was filled first', () => {
  expect(lineOf('c', [tube('a'), tube('b', 'a'), tube('c', 'b')])).toEqual(['a', 'b', 'c'])
  expect(lineOf('a', [tube('a')])).toEqual(['a'])
})

it('ends where a tube goes on from one that is not there, or from itself', () => {
  expect(lineOf('b', [tube('b', 'gone')])).toEqual(['b'])
  expect(lineOf('a', [tube('a', 'b'), tube('b', 'a')])).toEqual(['b', 'a'])
})

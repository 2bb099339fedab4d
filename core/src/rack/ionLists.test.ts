import { expect, it } from 'vitest'
import { CANDIDATES } from '../identify/index.ts'
import { ION_LISTS, readIons } from './index.ts'

it.each([
  ['aluminium, iron(II), NH4+, sulfate', ['Al3+', 'Fe2+', 'NH4+', 'SO4^2-']],
  ['copper(II) ions; chloride ions', ['Cu2+', 'Cl-']],
  ['Fe3+, SO4^2-, SO42-', ['Fe3+', 'SO4^2-']],
  ['', []],
])('reads %s', (text, ions) => {
  expect(readIons(text)).toEqual({ ions, unknown: [] })
})

it('takes a bare iron for either of two, and says what names no ion', () => {
  expect(readIons('iron, unobtainium')).toEqual({ ions: ['Fe2+', 'Fe3+'], unknown: ['unobtainium'] })
})

it('has ready lists of ions that can be weighed, each once', () => {
  const known = CANDIDATES.map(({ ion }) => ion)
  for (const { ions } of ION_LISTS) {
    expect(known).toEqual(expect.arrayContaining([...ions]))
    expect(new Set(ions).size).toBe(ions.length)
  }
})

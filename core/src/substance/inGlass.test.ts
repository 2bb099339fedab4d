import { expect, it } from 'vitest'
import { careOf, colourOfSolution } from './index.ts'

it('knows the colours of solutions in burettes and flasks (common practice)', () => {
  expect(colourOfSolution('KMnO4')).toEqual({ colour: 'deep purple', dark: true })
  expect(colourOfSolution('I2').dark).toBe(true)
  expect(colourOfSolution('CuSO4.5H2O').colour).toBe('blue')
  expect(colourOfSolution('(NH4)2Fe(SO4)2.6H2O').colour).toBe('pale green')
  expect(colourOfSolution('NaOH').colour).toBe('colourless')
  expect(colourOfSolution(undefined).colour).toBe('colourless')
})

it('knows what to take care of, by the ions of a solute or by itself (common practice)', () => {
  expect(careOf('KMnO4')).toMatch(/stains skin/)
  expect(careOf('K2Cr2O7')).toMatch(/cancer/)
  expect(careOf('BaCl2')).toMatch(/toxic/)
  expect(careOf('H2SO4')).toMatch(/acid goes into water/)
  expect(careOf('NH3')).toMatch(/chokes/)
  expect(careOf('NaCl')).toBeUndefined()
  expect(careOf('not a formula')).toBeUndefined()
  expect(careOf(undefined)).toBeUndefined()
})

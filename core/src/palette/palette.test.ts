import { expect, it } from 'vitest'
import { colourOfSolution } from './index.ts'

it('knows the colours of solutions in burettes and flasks (common practice)', () => {
  expect(colourOfSolution('KMnO4')).toEqual({ colour: 'deep purple', dark: true })
  expect(colourOfSolution('I2').dark).toBe(true)
  expect(colourOfSolution('CuSO4.5H2O').colour).toBe('blue')
  expect(colourOfSolution('(NH4)2Fe(SO4)2.6H2O').colour).toBe('pale green')
  expect(colourOfSolution('NaOH').colour).toBe('colourless')
  expect(colourOfSolution(undefined).colour).toBe('colourless')
})

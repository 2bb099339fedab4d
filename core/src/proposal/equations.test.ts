import { describe, expect, it } from 'vitest'
import { checkBalance, parseEquation } from '../substance/index.ts'
import { equationsWith, proposeEquation } from './index.ts'

const imbalanceOf = (equation = '') => checkBalance(parseEquation(equation))

describe('an equation that the sheet does not give', () => {
  const bases = ['NaOH', 'KOH', 'Na2CO3', 'NaHCO3', 'K2CO3', 'Ca(OH)2', 'Ba(OH)2', 'Mg(OH)2', 'NH3', 'CaCO3', 'MgO']
  const acids = ['HCl', 'HNO3', 'H2SO4', 'CH3COOH', 'H2C2O4']

  it.each(bases.flatMap((base) => acids.map((acid) => [acid, base] as const)))('of %s with %s is balanced', (acid, base) => {
    const equation = proposeEquation(acid, base)
    expect(equation).toBeDefined()
    expect(imbalanceOf(equation)).toEqual([])
    expect(proposeEquation(base, acid)).toBe(equation)
  })

  it.each([
    ['KMnO4', 'FeSO4'],
    ['KMnO4', 'H2C2O4'],
    ['KMnO4', 'H2O2'],
    ['K2Cr2O7', 'FeSO4'],
    ['Na2S2O3', 'I2'],
    ['NaOH', 'KHC8H4O4'],
    ['NaOH', 'C6H8O7'],
    ['AgNO3', 'NaCl'],
  ])('of %s with %s is balanced', (burette, flask) => {
    expect(imbalanceOf(proposeEquation(burette, flask))).toEqual([])
  })

  it('is none where nothing is usual', () => {
    expect(proposeEquation('NaOH', 'NaCl')).toBeUndefined()
    expect(proposeEquation(undefined, 'HCl')).toBeUndefined()
  })
})

describe('the equations that are usual with a burette', () => {
  it('are offered where nothing is known of the flask', () => {
    expect(equationsWith('KMnO4')).toContain('MnO4- + 8H+ + 5Fe2+ -> Mn2+ + 5Fe3+ + 4H2O')
    expect(equationsWith('KMnO4').flatMap(imbalanceOf)).toEqual([])
    expect(equationsWith('Na2S2O3')).toEqual(['I2 + 2S2O3^2- -> 2I- + S4O6^2-'])
  })

  it('are none of an acid, which may meet any base', () => {
    expect(equationsWith('HCl')).toEqual([])
  })
})

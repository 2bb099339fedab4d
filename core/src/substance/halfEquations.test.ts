import { describe, expect, it } from 'vitest'
import type { ChemistryError } from '../problem/index.ts'
import { checkBalance, completeHalf, formatEquation, joinHalves } from './index.ts'

describe('a half-equation is completed', () => {
  // Standard half-equations of any table of electrode potentials (common practice).
  it.each([
    ['MnO4- -> Mn2+', 'MnO4- + 8H+ + 5e- -> Mn2+ + 4H2O'],
    ['Cr2O7^2- -> Cr3+', 'Cr2O7^2- + 14H+ + 6e- -> 2Cr3+ + 7H2O'],
    ['S2O3^2- -> S4O6^2-', '2S2O3^2- -> S4O6^2- + 2e-'],
    ['I- -> I2', '2I- -> I2 + 2e-'],
    ['C2O4^2- -> CO2', 'C2O4^2- -> 2CO2 + 2e-'],
    ['H2O2 -> O2', 'H2O2 -> O2 + 2H+ + 2e-'],
    ['H2O2 -> H2O', 'H2O2 + 2H+ + 2e- -> 2H2O'],
    ['IO3- -> I2', '2IO3- + 12H+ + 10e- -> I2 + 6H2O'],
    ['NO3- -> NO', 'NO3- + 4H+ + 3e- -> NO + 2H2O'],
    ['SO3^2- -> SO4^2-', 'SO3^2- + H2O -> SO4^2- + 2H+ + 2e-'],
    ['Fe2+ -> Fe3+ + e-', 'Fe2+ -> Fe3+ + e-'],
  ])('%s in acid', (given, expected) => {
    expect(completeHalf(given).text).toBe(expected)
  })

  it.each([
    ['MnO4- -> MnO2', 'MnO4- + 2H2O + 3e- -> MnO2 + 4OH-'],
    ['NO3- -> NH3', 'NO3- + 6H2O + 8e- -> NH3 + 9OH-'],
    ['Cr(OH)3 -> CrO4^2-', 'Cr(OH)3 + 5OH- -> CrO4^2- + 4H2O + 3e-'],
  ])('%s in alkali', (given, expected) => {
    const half = completeHalf(given, 'alkali')
    expect(checkBalance(half)).toEqual([])
    expect(half.text).toBe(expected)
  })

  it.each([
    ['Fe2+ -> Fe2+', 'half.noElectrons'],
    ['MnO4- -> Fe2+', 'half.unbalanced'],
    ['MnO4-', 'equation.noArrow'],
  ])('%s is refused', (given, code) => {
    expect(() => completeHalf(given)).toThrow(expect.objectContaining({ code }) as ChemistryError)
  })
})

describe('two half-equations are joined', () => {
  it.each([
    ['MnO4- -> Mn2+', 'Fe2+ -> Fe3+', 'MnO4- + 8H+ + 5Fe2+ -> Mn2+ + 4H2O + 5Fe3+', [5, 1], [1, 5]],
    ['MnO4- -> Mn2+', 'C2O4^2- -> CO2', '2MnO4- + 16H+ + 5C2O4^2- -> 2Mn2+ + 8H2O + 10CO2', [5, 2], [2, 5]],
    ['Cr2O7^2- -> Cr3+', 'Fe2+ -> Fe3+', 'Cr2O7^2- + 14H+ + 6Fe2+ -> 2Cr3+ + 7H2O + 6Fe3+', [6, 1], [1, 6]],
    ['I2 -> I-', 'S2O3^2- -> S4O6^2-', 'I2 + 2S2O3^2- -> 2I- + S4O6^2-', [2, 1], [1, 2]],
    ['IO3- -> I2', 'I- -> I2', 'IO3- + 6H+ + 5I- -> 3I2 + 3H2O', [5, 1], [1, 5]],
    ['MnO4- -> Mn2+', 'H2O2 -> O2', '2MnO4- + 6H+ + 5H2O2 -> 2Mn2+ + 8H2O + 5O2', [5, 2], [2, 5]],
  ])('%s and %s', (first, second, equation, electrons, ratio) => {
    const joined = joinHalves(first, second)
    expect(checkBalance(joined.equation)).toEqual([])
    expect(formatEquation(joined.equation)).toBe(equation)
    expect([joined.electrons.oxidant, joined.electrons.reductant]).toEqual(electrons)
    expect([joined.ratio.oxidant, joined.ratio.reductant]).toEqual(ratio)
    // In either order.
    expect(joinHalves(second, first).ratio).toEqual(joined.ratio)
  })

  it('are refused where both go the same way', () => {
    expect(() => joinHalves('MnO4- -> Mn2+', 'I2 -> I-')).toThrow('Both half-equations take up electrons')
  })
})

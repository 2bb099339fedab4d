import { describe, expect, it } from 'vitest'
import { ChemistryError } from '../problem/index.ts'
import { type MassTable, molarMassOf, parseFormula, readSheetMasses } from './index.ts'

const mass = (formula: string, table: MassTable, sheet = '') =>
  molarMassOf(parseFormula(formula), table, readSheetMasses(sheet)).toFixed()

describe('masses as the sheet gives them', () => {
  it.each<[string, MassTable, string, string]>([
    ['H2O', 'whole', '', '18'],
    ['CuSO4', 'whole', '', '159.5'],
    ['NaCl', 'whole', '', '58.5'],
    ['Fe2O3', 'one-decimal', '', '159.6'],
    ['CuSO4.5H2O', 'whole', 'Cu 64', '250'],
    ['C6H8O7', 'one-decimal', 'C6H8O7 192', '192'],
    ['C6H8O7.H2O', 'one-decimal', 'C6H8O7 = 192; Cu: 63,5', '210'],
  ])('%s, %s, %s: %s', (formula, table, sheet, expected) => {
    expect(mass(formula, table, sheet)).toBe(expected)
  })

  it.each(['Cu', 'Cu sixty', '63.5', 'Xx 12', 'Cu 0'])('refuses %s', (text) => {
    expect(() => readSheetMasses(text)).toThrow(ChemistryError)
  })
})

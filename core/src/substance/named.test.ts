import { describe, expect, it } from 'vitest'
import { nameOf, parseFormula, sameSpecies, substancesIn } from './index.ts'

const formulae = (text: string, not: readonly string[] = []) => substancesIn(text, new Set(not)).map(({ formula }) => formula)

describe('substances that a text names', () => {
  // Names and formulae as in textbooks, from memory.
  it.each([
    ['potassium manganate(VII)', 'KMnO4'],
    ['Potassium permanganate', 'KMnO4'],
    ['iron(III) chloride', 'FeCl3'],
    ['aluminium sulphate', 'Al2(SO4)3'],
    ['sodium hydrogen carbonate', 'NaHCO3'],
    ['copper(II) sulfate pentahydrate', 'CuSO4.5H2O'],
    ['ammonium iron(II) sulfate hexahydrate', '(NH4)2Fe(SO4)2.6H2O'],
    ['manganese(IV) oxide', 'MnO2'],
    ['calcium ions', 'Ca2+'],
    ['sulfate ions', 'SO4^2-'],
    ['aqueous ammonia', 'NH3'],
    ['magnesium ribbon', 'Mg'],
  ])('%s', (text, formula) => {
    const [first] = formulae(text)
    expect(sameSpecies(parseFormula(first ?? 'He'), parseFormula(formula))).toBe(true)
  })

  it.each(['NaOH', 'CuSO4', 'FeCl3', 'K2Cr2O7', 'Ba(NO3)2', 'CaCO3', 'H2SO4', 'KIO3', 'Pb(NO3)2', 'CoCl2'])(
    '%s by the name it is given',
    (formula) => {
      expect(formulae(nameOf(parseFormula(formula)))).toEqual([formula])
    },
  )

  it('by formula, with water and charge, and not what is a label', () => {
    expect(formulae('crystals, MgSO4·xH2O, of MnO4- and (Na2H2Y·2H2O)')).toEqual(['MgSO4.xH2O', 'MnO4-', 'Na2H2Y.2H2O'])
    expect(formulae('N2 is nitrogen of FA 1', ['N2'])).toEqual([])
    expect(formulae('iron(II) and group II, the VII')).not.toContain('II')
  })
})

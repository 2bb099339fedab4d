import { describe, expect, it } from 'vitest'
import {
  balance,
  checkBalance,
  countIn,
  dissociate,
  formatEquation,
  formulaPieces,
  hasMolarMass,
  molarMassOf,
  nameOf,
  parseEquation,
  parseFormula,
  readSheetMasses,
  sameSpecies,
  standInsOf,
  waterOf,
} from './index.ts'

const formula = parseFormula
const ions = (text: string) => dissociate(formula(text))?.map(({ ion, count }) => `${count} ${ion.text}`)

describe('a letter that stands for something not said', () => {
  it.each([
    ['HX', ['1 H+', '1 X-']],
    ['H2X', ['2 H+', '1 X^2-']],
    ['NaHA', ['1 Na+', '1 H+', '1 A^2-']],
    ['Na2X', ['2 Na+', '1 X^2-']],
    ['XOH', ['1 X+', '1 OH-']],
    ['X(OH)2', ['1 X^2+', '2 OH-']],
    ['M2CO3', ['2 M+', '1 CO3^2-']],
    ['MCl2', ['1 M^2+', '2 Cl-']],
    ['M2CO3.xH2O', ['2 M+', '1 CO3^2-']],
  ])('%s gives %j in water', (text, expected) => {
    expect(ions(text)?.toSorted()).toEqual([...expected].toSorted())
  })

  it('is one letter in two places, and none that an element has but yttrium', () => {
    expect(ions('MX')).toBeUndefined()
    expect(standInsOf(formula('MX2'))).toEqual(['M', 'X'])
    expect(standInsOf(formula('RCOOH'))).toEqual(['R'])
    expect(() => formula('KMnQ4')).toThrow(/'Q' at character 4 is not an element/)
  })

  it.each([
    ['NAOH', /'NA' at character 1 looks like Na/],
    ['HCL', /'CL' at character 2 looks like Cl/],
    ['KMNO4', /'MN' at character 2 looks like Mn/],
    ['K2CR2O7', /'CR' at character 3 looks like Cr/],
    ['LIOH', /'LI' at character 1 looks like Li/],
    ['ZNSO4', /'ZN' at character 1 looks like Zn/],
    ['BACL2', /'BA' at character 1 looks like Ba/],
  ])('is not what a name in capitals is made of: %s', (text, says) => {
    expect(() => formula(text)).toThrow(says)
  })

  it.each(['MO', 'MOH', 'RNH2', 'HA', 'NaA', 'MX2', 'MCl2', 'ROH', 'RCOOH', 'H2L'])('is what it says in %s', (text) => {
    expect(standInsOf(formula(text)).length).toBeGreaterThan(0)
  })

  it('balances like an element', () => {
    expect(checkBalance(parseEquation('H2X + 2NaOH -> Na2X + 2H2O'))).toEqual([])
    expect(formatEquation(balance(parseEquation('M2CO3 + HCl -> MCl + H2O + CO2')))).toBe('M2CO3 + 2HCl -> 2MCl + H2O + CO2')
  })

  it('has no molar mass, and no name, unless the sheet gives one', () => {
    expect(() => molarMassOf(formula('HX'), 'one-decimal')).toThrow(/HX has no molar mass while nobody says what X is/)
    expect(hasMolarMass(formula('HX'))).toBe(false)
    expect(molarMassOf(formula('HX'), 'one-decimal', readSheetMasses('X 80')).toNumber()).toBe(81)
    expect(molarMassOf(formula('HX'), 'one-decimal', readSheetMasses('HX 122')).toNumber()).toBe(122)
    expect(nameOf(formula('M2+'))).toBe('M2+')
    expect(nameOf(formula('H2X'))).toBe('H2X')
  })
})

describe('water of which it is not said how much', () => {
  const soda = formula('Na2CO3.xH2O')

  it('is kept apart from none, and the salt is found in it', () => {
    expect(sameSpecies(soda, formula('Na2CO3'))).toBe(false)
    expect(sameSpecies(soda, formula('Na2CO3·nH2O'))).toBe(true)
    expect(countIn(formula('Na2CO3'), soda)).toBe(1)
    expect(countIn(formula('CO3^2-'), soda)).toBe(1)
    expect(countIn(formula('Na'), soda)).toBe(2)
    expect(waterOf(soda).salt.text).toBe('Na2CO3')
  })

  it('leaves mass, oxygen and water uncounted', () => {
    expect(() => molarMassOf(soda, 'one-decimal')).toThrow(/while nobody says how much water it holds/)
    expect(countIn(formula('O'), soda)).toBe(0)
    expect(countIn(formula('H2O'), soda)).toBe(0)
    expect(nameOf(soda)).toBe('Na2CO3.xH2O')
  })

  it('is set with its dot raised', () => {
    expect(
      formulaPieces('M2CO3.xH2O')
        .map(({ text }) => text)
        .join(''),
    ).toBe('M2CO3·xH2O')
  })
})

describe('short names', () => {
  it.each([
    // Disodium edetate dihydrate, 372.24 g/mol: as on every bottle of it (common practice).
    ['Na2H2EDTA.2H2O', 372.2],
    ['Na2EDTA.2H2O', 372.2],
    // The acid itself, 292.24 g/mol.
    ['EDTA', 292.2],
    // Potassium hydrogenphthalate, 204.22 g/mol.
    ['KHP', 204.2],
  ])('%s weighs %d', (text, mass) => {
    expect(molarMassOf(formula(text), 'standard').toNumber()).toBeCloseTo(mass, 0)
  })

  it.each(['H2EDTA^2-', 'H2EDTA2-', 'H2EDTA 2-'])('%s has its charge', (text) => {
    expect(formula(text).charge).toBe(-2)
    expect(countIn(formula(text), formula('Na2H2EDTA.2H2O'))).toBe(1)
  })

  it('are the same species as in full', () => {
    expect(sameSpecies(formula('KHP'), formula('KHC8H4O4'))).toBe(true)
    expect(sameSpecies(formula('EDTA^4-'), formula('C10H12N2O8^4-'))).toBe(true)
    expect(checkBalance(parseEquation('Ca2+ + H2EDTA^2- -> CaEDTA^2- + 2H+'))).toEqual([])
  })
})

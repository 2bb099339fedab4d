import { describe, expect, it } from 'vitest'
import { SCHOOLS } from './testing/knownTruth.ts'
import { answerOfTitration } from './testing/titrated.ts'
import { answersOf, type Worked } from './testing/worked.ts'

/* Published numbers, recalled from memory; the masses are those of the abridged table, so the last figure may differ. */

const STANDARD = { atomicMasses: 'standard', figures: 4 }
const value = (worked: Worked) => answersOf([worked], STANDARD)[0]?.unrounded ?? Number.NaN

describe('gravimetric factors: handbook tables (CRC; Vogel, Textbook of Quantitative Chemical Analysis)', () => {
  it.each([
    ['BaSO4', 'SO4^2-', 0.4116],
    ['BaSO4', 'S', 0.1374],
    ['BaSO4', 'Ba', 0.5884],
    ['AgCl', 'Cl', 0.2474],
    ['AgCl', 'Ag', 0.7526],
    ['AgBr', 'Br', 0.4255],
    ['AgI', 'I', 0.5405],
    ['Fe2O3', 'Fe', 0.6994],
    ['Al2O3', 'Al', 0.5293],
    ['Mg2P2O7', 'Mg', 0.2184],
    ['Mg2P2O7', 'P', 0.2783],
    ['CaC2O4.H2O', 'Ca', 0.2743],
    ['CaO', 'Ca', 0.7147],
    ['PbCrO4', 'Pb', 0.6411],
    ['PbSO4', 'Pb', 0.6833],
    ['ZnO', 'Zn', 0.8034],
  ])('%s to %s: %d', (precipitate, of, factor) => {
    const percent = value({ sum: 'gravimetric', texts: { precipitate, of }, with: { m: '1.0000', sample: '1.0000' } })
    expect(percent / 100).toBeCloseTo(factor, 3)
  })
})

describe('what 1 cm³ of a standard solution is worth: Vogel, Textbook of Quantitative Chemical Analysis', () => {
  it.each([
    ['0.1 M HCl, NaOH', 'HCl', '0.1', 'HCl + NaOH -> NaCl + H2O', 'NaOH', 4.0],
    ['0.1 M NaOH, ethanoic acid', 'NaOH', '0.1', 'CH3COOH + OH- -> CH3COO- + H2O', 'CH3COOH', 6.005],
    ['0.1 M HCl, ammonia', 'HCl', '0.1', 'NH3 + H+ -> NH4+', 'NH3', 1.703],
    ['0.1 M AgNO3, chloride', 'AgNO3', '0.1', 'Ag+ + Cl- -> AgCl', 'Cl-', 3.545],
    ['0.1 M AgNO3, bromide', 'AgNO3', '0.1', 'Ag+ + Br- -> AgBr', 'Br-', 7.99],
    ['0.01 M EDTA, calcium', 'Na2H2Y', '0.01', 'Ca2+ + H2Y^2- -> CaY^2- + 2H+', 'Ca', 0.4008],
    ['0.01 M EDTA, magnesium', 'Na2H2Y', '0.01', 'Mg2+ + H2Y^2- -> MgY^2- + 2H+', 'Mg', 0.2431],
    ['0.01 M EDTA, zinc', 'Na2H2Y', '0.01', 'Zn2+ + H2Y^2- -> ZnY^2- + 2H+', 'Zn', 0.6538],
    ['M/60 dichromate, iron', 'K2Cr2O7', '0.0166666667', 'Cr2O7^2- + 14H+ + 6Fe2+ -> 2Cr3+ + 6Fe3+ + 7H2O', 'Fe', 5.585],
    ['0.02 M manganate(VII), hydrogen peroxide', 'KMnO4', '0.02', '2MnO4- + 5H2O2 + 6H+ -> 2Mn2+ + 5O2 + 8H2O', 'H2O2', 1.701],
  ])('%s: %# %s', (_, burette, strength, equation, of, milligrams) => {
    // The mass in the 25.0 cm³ of F that take 1.00 cm³.
    for (const working of SCHOOLS) {
      const found = answerOfTitration({
        burette,
        strength,
        equation,
        titre: '1.00',
        conventions: { ...STANDARD, working },
        find: { quantity: 'mass', of, in: 't/flask' },
      })
      expect((found.unrounded ?? Number.NaN) * 1000, working).toBeCloseTo(milligrams, 2)
    }
  })

  it.each<readonly [string, Worked, number]>([
    ['0.01 M EDTA: 1.001 mg CaCO3', { sum: 'hardness', with: { c: '0.01', V: '1', Vs: '1000' }, unit: 'mg/dm3' }, 1.001],
    [
      '0.1 M thiosulfate: 3.545 mg available chlorine',
      { sum: 'availableChlorine', with: { c: '0.1', V: '1', Vs: '1000' }, unit: 'mg/dm3' },
      3.545,
    ],
    ['0.1 M acid: 1.401 mg nitrogen', { sum: 'protein', with: { c: '0.1', V: '1', V0: '0', m: '0.1', factor: '1' } }, 1.401],
  ])('%s', (_, worked, expected) => {
    expect(value(worked)).toBeCloseTo(expected, 2)
  })

  it('0.025 M thiosulfate: 0.2 mg of dissolved oxygen (Standard Methods for the Examination of Water)', () => {
    expect(value({ sum: 'dissolvedOxygen', with: { c: '0.025', V: '1', Vs: '1000' }, unit: 'mg/dm3' })).toBeCloseTo(0.2, 3)
  })
})

describe('gases, acids and rates', () => {
  it.each<readonly [string, Worked, number, number]>([
    [
      'IUPAC: a mole of ideal gas at 0 °C and 101.325 kPa takes 22.414 dm³',
      { sum: 'idealGas', with: { p: '101.325', V: '22.414', T: { value: '0', unit: '°C' } } },
      1,
      3,
    ],
    ['IUPAC: at 0 °C and 100 kPa, 22.711 dm³', { sum: 'idealGas', with: { p: '100', V: '22.711', T: '273.15' } }, 1, 3],
    [
      'handbooks: at 25 °C and 1 atm, 24.465 dm³',
      { sum: 'idealGas', with: { p: { value: '1', unit: 'atm' }, V: '24.465', T: '298.15' } },
      1,
      3,
    ],
    [
      'Brown and LeMay: 0.10 mol/dm³ ethanoic acid has pH 2.87 (Ka 1.8e-5)',
      { sum: 'pHOfWeakAcid', with: { Ka: '0.000018', c: '0.10' } },
      2.87,
      2,
    ],
    [
      'textbooks: a rate that doubles from 298 to 308 K has about 53 kJ/mol',
      { sum: 'arrheniusTwo', with: { k1: '1', T1: '298', k2: '2', T2: '308' } },
      52.9,
      1,
    ],
    [
      'textbooks: strong acid and alkali, 57.1 kJ for a mole from a rise of 6.83 K',
      { sum: 'enthalpyFromRise', with: { m: '100.0', dT: '6.83', n: '0.0500' } },
      -57.1,
      1,
    ],
  ])('%s', (_, worked, expected, places) => {
    expect(value(worked)).toBeCloseTo(expected, places)
  })
})

import fc from 'fast-check'
import { MF } from 'mf-parser'
import { describe, expect, it } from 'vitest'
import { ChemistryError } from '../problem/index.ts'
import {
  ATOMIC_WEIGHTS,
  atomicWeight,
  balance,
  checkBalance,
  compositionOf,
  countIn,
  dissociate,
  type ElementSymbol,
  formatEquation,
  formulaPieces,
  molarMassOf,
  nameOf,
  parseEquation,
  parseFormula,
} from './index.ts'

const chargeOf = (text: string) => parseFormula(text).charge
const atomsOf = (text: string) => Object.fromEntries(compositionOf(parseFormula(text)))

describe('reading a formula', () => {
  it.each([
    ['(NH4)2Fe(SO4)2.6H2O', { N: 2, H: 20, Fe: 1, S: 2, O: 14 }],
    ['CuSO4·5H2O', { Cu: 1, S: 1, O: 9, H: 10 }],
    ['K4[Fe(CN)6]', { K: 4, Fe: 1, C: 6, N: 6 }],
    ['Cu2(OH)2CO3', { Cu: 2, O: 5, H: 2, C: 1 }],
  ])('counts the atoms of %s', (text, atoms) => {
    expect(atomsOf(text)).toEqual(atoms)
  })

  it.each([
    ['Fe2+', 2],
    ['Na+', 1],
    ['MnO4-', -1],
    ['SO4^2-', -2],
    ['SO4 2-', -2],
    ['SO42-', -2],
    ['Cr2O7^2-', -2],
    ['NH4+', 1],
    ['[Fe(CN)6]4-', -4],
    ['Cl-', -1],
    ['I3-', -1],
    ['S^{2-}', -2],
    ['KMnO4', 0],
    ['e-', -1],
    ['Hg2^2+', 2],
  ])('reads the charge of %s', (text, charge) => {
    expect(chargeOf(text)).toBe(charge)
  })

  it.each([
    ['KMnQ4', 3, /'Q' at character 4 is not an element/],
    ['Na2SO4)', 6, /cannot stand in a formula/],
    ['Ca(OH2', 2, /is never closed/],
    ['kMnO4', 0, /begin with a capital/],
    ['H0', 1, /no sensible count/],
  ])('points at the character where %s goes wrong', (text, position, says) => {
    expect(() => parseFormula(text)).toThrow(says)
    try {
      parseFormula(text)
    } catch (error) {
      expect((error as ChemistryError).facts.position).toBe(position)
    }
  })

  it('throws nothing but its own error, whatever is typed', () => {
    fc.assert(
      fc.property(fc.string({ unit: fc.constantFrom(...'ABCFeNaOH0123456789()[]+-^.· '), maxLength: 14 }), (text) => {
        try {
          parseFormula(text)
        } catch (error) {
          if (!(error instanceof ChemistryError)) throw error
        }
      }),
      { numRuns: 2000 },
    )
  })
})

describe('molar mass', () => {
  // IUPAC abridged standard atomic weights 2021, from memory; the sums are by hand from that table.
  it.each([
    ['KHC8H4O4', '204.222'],
    ['KMnO4', '158.032'],
    ['Na2CO3', '105.988'],
    ['CuSO4.5H2O', '249.677'],
    ['NaOH', '39.997'],
    ['CH3COOH', '60.052'],
  ])('of %s is %s g/mol by the abridged standard table', (text, mass) => {
    expect(molarMassOf(parseFormula(text), 'standard').toFixed(3)).toBe(mass)
  })

  // School data sheets print one decimal (common practice).
  it.each([
    ['KMnO4', '158.0'],
    ['(NH4)2Fe(SO4)2.6H2O', '392.0'],
    ['FeSO4.7H2O', '277.9'],
    ['AgCl', '143.4'],
  ])('of %s is %s g/mol with masses to one decimal', (text, mass) => {
    expect(molarMassOf(parseFormula(text), 'one-decimal').toFixed(1)).toBe(mass)
  })

  // mf-parser is an independent package; on plain formulae it is right to the isotopic masses it uses (lead differs).
  it('agrees with an independent package for every element it and we list', () => {
    const away = (Object.keys(ATOMIC_WEIGHTS) as ElementSymbol[]).flatMap((symbol) => {
      const theirs = new MF(symbol).getInfo().mass
      const ours = atomicWeight(symbol, 'standard').toNumber()
      return Math.abs(theirs - ours) / ours > 4e-4 ? [symbol] : []
    })
    expect(away.filter((symbol) => symbol !== 'Pb' && symbol !== 'Li')).toEqual([])
  })

  it.each(['C8H5KO4', 'KMnO4', 'Na2S2O3', 'K2Cr2O7', 'C2H4O2', 'H2SO4', 'CaCO3'])(
    'agrees with an independent package on %s',
    (text) => {
      expect(molarMassOf(parseFormula(text), 'standard').toNumber()).toBeCloseTo(new MF(text).getInfo().mass, 1)
    },
  )
})

describe('ions', () => {
  const ionsOf = (text: string) => dissociate(parseFormula(text))?.map(({ ion, count }) => `${count} ${ion.text}`)

  it.each([
    ['(NH4)2Fe(SO4)2.6H2O', ['2 NH4+', '1 Fe^2+', '2 SO4^2-']],
    ['KMnO4', ['1 K+', '1 MnO4-']],
    ['Fe2(SO4)3', ['2 Fe^3+', '3 SO4^2-']],
    ['KHC8H4O4', ['1 K+', '1 H+', '1 C8H4O4^2-']],
    ['CH3COOH', ['1 H+', '1 CH3COO-']],
    ['NaOH', ['1 Na+', '1 OH-']],
    ['Na2S2O3.5H2O', ['2 Na+', '1 S2O3^2-']],
    ['Cu2(OH)2CO3', ['2 Cu^2+', '1 CO3^2-', '2 OH-']],
  ])('of %s', (text, ions) => {
    expect(ionsOf(text)?.toSorted()).toEqual(ions.toSorted())
  })

  it('has none for what is not made of ions', () => {
    expect(ionsOf('C2H5OH')).toBeUndefined()
    expect(ionsOf('I2')).toBeUndefined()
  })

  it('counts a species in what holds it', () => {
    const count = (species: string, whole: string) => countIn(parseFormula(species), parseFormula(whole))
    expect(count('MnO4-', 'KMnO4')).toBe(1)
    expect(count('Fe', 'Fe2O3')).toBe(2)
    expect(count('H2O', 'CuSO4.5H2O')).toBe(5)
    expect(count('CuSO4', 'CuSO4.5H2O')).toBe(1)
    expect(count('OH-', 'Ba(OH)2')).toBe(2)
    expect(count('Fe2+', 'KMnO4')).toBe(0)
  })

  it('counts an anion that no table lists, where nothing but known cations is left', () => {
    const count = (species: string, substance: string) => countIn(parseFormula(species), parseFormula(substance))
    expect(count('H2Y^2-', 'Na2H2Y.2H2O')).toBe(1)
    expect(count('HCO3-', 'Ca(HCO3)2')).toBe(2)
    expect(count('HC4H4O6-', 'KHC4H4O6')).toBe(1)
    expect(count('HCO3-', 'CaCO3')).toBe(0)
    expect(count('H3O+', 'H2SO4')).toBe(2)
    expect(count('NO3-', 'KNO2')).toBe(0)
  })

  it('names substances as they are called in schools', () => {
    expect(['MnO4-', 'Fe2+', 'KMnO4', 'NaOH', 'Al3+', 'FeSO4', 'C6H12'].map((text) => nameOf(parseFormula(text)))).toEqual([
      'manganate(VII)',
      'iron(II)',
      'potassium manganate(VII)',
      'sodium hydroxide',
      'aluminium',
      'iron(II) sulfate',
      'C6H12',
    ])
  })
})

describe('equations', () => {
  it.each([
    ['MnO4- + H+ + Fe2+ -> Mn2+ + Fe3+ + H2O', 'MnO4- + 8H+ + 5Fe2+ -> Mn2+ + 5Fe3+ + 4H2O'],
    ['Cr2O7^2- + H+ + Fe2+ -> Cr3+ + Fe3+ + H2O', 'Cr2O7^2- + 14H+ + 6Fe2+ -> 2Cr3+ + 6Fe3+ + 7H2O'],
    ['S2O3^2- + I2 → S4O6^2- + I-', '2S2O3^2- + I2 -> S4O6^2- + 2I-'],
    ['MnO4- + C2O4^2- + H+ = Mn2+ + CO2 + H2O', '2MnO4- + 5C2O4^2- + 16H+ -> 2Mn2+ + 10CO2 + 8H2O'],
    ['MnO4- + H+ + e- -> Mn2+ + H2O', 'MnO4- + 8H+ + 5e- -> Mn2+ + 4H2O'],
    ['Cu + HNO3 -> Cu(NO3)2 + NO + H2O', '3Cu + 8HNO3 -> 3Cu(NO3)2 + 2NO + 4H2O'],
    ['KHC8H4O4+NaOH->KNaC8H4O4+H2O', 'KHC8H4O4 + NaOH -> KNaC8H4O4 + H2O'],
  ])('balances %s', (text, balanced) => {
    expect(formatEquation(balance(parseEquation(text)))).toBe(balanced)
    expect(checkBalance(parseEquation(balanced))).toEqual([])
  })

  it('keeps state symbols and the pluses of charges apart', () => {
    expect(formatEquation(parseEquation('Ag+(aq) + Cl-(aq) -> AgCl(s)'))).toBe('Ag+(aq) + Cl-(aq) -> AgCl(s)')
    expect(formatEquation(parseEquation('MnO4-+8H++5Fe2+->Mn2++5Fe3++4H2O'))).toBe('MnO4- + 8H+ + 5Fe2+ -> Mn2+ + 5Fe3+ + 4H2O')
  })

  it('says which element or charge does not come out', () => {
    expect(checkBalance(parseEquation('Fe2+ -> Fe3+'))).toEqual([{ what: 'charge', left: 2, right: 3 }])
    expect(checkBalance(parseEquation('H2 + O2 -> H2O'))).toEqual([{ what: 'O', left: 2, right: 1 }])
  })

  it.each([
    ['Fe2+ -> Fe3+', 'equation.cannotBalance'],
    ['C + O2 -> CO + CO2', 'equation.ambiguous'],
    ['NaOH + HCl', 'equation.noArrow'],
    ['NaOH + -> H2O', 'equation.missingTerm'],
  ])('refuses %s', (text, code) => {
    const attempt = () => balance(parseEquation(text))
    expect(attempt).toThrow(ChemistryError)
    try {
      attempt()
    } catch (error) {
      expect((error as ChemistryError).code).toBe(code)
    }
  })

  it('balances whatever it balances: atoms and charge come out for salts put together at random', () => {
    const cation = fc.constantFrom(['Na+', 'Na'], ['Ca2+', 'Ca'], ['Al3+', 'Al'], ['NH4+', 'NH4'], ['Fe3+', 'Fe'], ['Ag+', 'Ag'])
    const anion = fc.constantFrom(
      ['Cl-', 'Cl'],
      ['SO4^2-', 'SO4'],
      ['PO4^3-', 'PO4'],
      ['OH-', 'OH'],
      ['CO3^2-', 'CO3'],
      ['MnO4-', 'MnO4'],
    )
    fc.assert(
      fc.property(cation, anion, ([positive = '', plus = ''], [negative = '', minus = '']) => {
        const salt = `(${plus})${-chargeOf(negative)}(${minus})${chargeOf(positive)}`
        return checkBalance(balance(parseEquation(`${positive} + ${negative} -> ${salt}`))).length === 0
      }),
    )
  })
})

describe('setting a formula', () => {
  const set = (text: string) =>
    formulaPieces(text)
      .map(({ text: piece, place }) => (place === 'line' ? piece : place === 'sub' ? `_${piece}` : `^${piece}`))
      .join('')

  it.each([
    ['SO4^2-', 'SO_4^2−'],
    ['Fe2+', 'Fe^2+'],
    ['MnO4-', 'MnO_4^−'],
    ['(NH4)2Fe(SO4)2.6H2O', '(NH_4)_2Fe(SO_4)_2·6H_2O'],
    ['KMnO4', 'KMnO_4'],
    ['H+', 'H^+'],
    ['SO42-', 'SO_4^2−'],
  ])('%s', (text, pieces) => {
    expect(set(text)).toBe(pieces)
  })
})

describe('formulae with raised charges and lowered figures', () => {
  it.each([
    ['SO₄²⁻', 'SO4^2-', -2],
    ['CaY²⁻', 'CaY^2-', -2],
    ['Fe³⁺', 'Fe3+', 3],
    ['MnO₄⁻', 'MnO4-', -1],
    ['[Fe(CN)₆]⁴⁻', '[Fe(CN)6]^4-', -4],
    ['CuSO₄·5H₂O', 'CuSO4·5H2O', 0],
  ])('%s is %s', (typed, text, charge) => {
    const formula = parseFormula(typed)
    expect(formula.text).toBe(text)
    expect(formula.charge).toBe(charge)
  })
})

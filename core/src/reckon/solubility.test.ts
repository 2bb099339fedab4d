import { describe, expect, it } from 'vitest'
import { parseFormula, saltIons } from '../substance/index.ts'
import { answerOfTitration } from './testing/titrated.ts'

const ions = (salt: string) => saltIons(parseFormula(salt))?.map(({ ion, count }) => `${count} ${ion.text}`)

describe('the ions a salt dissolves into', () => {
  it.each([
    ['KHC4H4O6', ['1 K+', '1 HC4H4O6-']],
    ['NaHCO3', ['1 Na+', '1 HCO3-']],
    ['Ca(HCO3)2', ['1 Ca^2+', '2 HCO3-']],
    ['Ca(IO3)2', ['1 Ca^2+', '2 IO3-']],
    ['Ag2CrO4', ['2 Ag+', '1 CrO4^2-']],
  ])('%s', (salt, found) => {
    expect(ions(salt)).toEqual(found)
  })

  it.each(['HCl', 'C6H12O6', 'H2SO4'])('%s is no salt', (formula) => {
    expect(ions(formula)).toBeUndefined()
  })
})

describe('solubility by titrating the saturated solution', () => {
  const tartrate = { burette: 'NaOH', strength: '0.0500', titre: '17.00', equation: 'HC4H4O6- + OH- -> C4H4O6^2- + H2O' }

  it('of an acid salt, in water', () => {
    const s = answerOfTitration({ ...tartrate, find: { quantity: 'solubility', of: 'KHC4H4O6' } })
    expect(s.unrounded).toBeCloseTo((0.05 * 17) / 25, 12)
    const product = answerOfTitration({ ...tartrate, find: { quantity: 'solubilityProduct', of: 'KHC4H4O6' } })
    expect(product.unrounded).toBeCloseTo(0.034 ** 2, 12)
    expect(product.unit).toBe('(mol/dm3)^2')
  })

  it('of an acid salt beside a common ion', () => {
    const added = { species: 'K+', concentration: { value: '0.100', unit: 'mol/dm3' } }
    const product = answerOfTitration({ ...tartrate, find: { quantity: 'solubilityProduct', of: 'KHC4H4O6', added } })
    expect(product.unrounded).toBeCloseTo(0.034 * (0.034 + 0.1), 12)
  })

  it('of a salt of two of one ion', () => {
    const { unrounded } = answerOfTitration({
      burette: 'Na2S2O3',
      strength: '0.0500',
      titre: '18.60',
      before: ['IO3- + 5I- + 6H+ -> 3I2 + 3H2O'],
      equation: 'I2 + 2S2O3^2- -> 2I- + S4O6^2-',
      inExcess: ['I-', 'H+'],
      find: { quantity: 'solubilityProduct', of: 'Ca(IO3)2' },
    })
    const iodate = (0.05 * 18.6) / 6 / 25
    expect(unrounded).toBeCloseTo((iodate / 2) * iodate ** 2, 12)
  })

  it('of an acid that hardly dissolves, as it is; it has no solubility product', () => {
    const benzoic = { burette: 'NaOH', strength: '0.0200', titre: '17.40', equation: 'C6H5COOH + OH- -> C6H5COO- + H2O' }
    expect(answerOfTitration({ ...benzoic, find: { quantity: 'solubility', of: 'C6H5COOH' } }).unrounded).toBeCloseTo(0.01392, 12)
    expect(answerOfTitration({ ...benzoic, find: { quantity: 'solubilityProduct', of: 'C6H5COOH' } }).missing).toMatch(
      /a salt instead/,
    )
  })
})

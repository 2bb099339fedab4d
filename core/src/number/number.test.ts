import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  chemistsNumber,
  Exact,
  fitToStep,
  formatFigures,
  formatPlaces,
  isAlike,
  isOnStep,
  parseReading,
  parseUnit,
  readStrength,
  significantFigures,
  stepPlaces,
  timesBetween,
} from './index.ts'

describe('a reading as written', () => {
  it('keeps the nought that says how finely it was read', () => {
    expect(parseReading('24.50')).toMatchObject({ text: '24.50', places: 2 })
    expect(parseReading('24.5').places).toBe(1)
  })

  it.each(['24,50', '24.50 cm3', '2.4e1', '', '.5', '24.'])('refuses %j with a word on how to write it', (text) => {
    expect(() => parseReading(text)).toThrow(/decimal point, without the unit/)
  })
})

describe('figures', () => {
  it.each([
    ['0.0004585', 3, '4.59e-4'],
    ['0.011444', 3, '0.0114'],
    ['12.1763', 3, '12.2'],
    ['20.675', 4, '20.68'],
    ['0.0996', 2, '0.10'],
    ['999.9', 3, '1000'],
    ['250', 4, '250.0'],
    ['0', 3, '0.00'],
    ['123456', 3, '1.23e5'],
  ])('writes %s to %i figures as %s', (value, figures, written) => {
    expect(formatFigures(new Exact(value), figures)).toBe(written)
  })

  it('rounds halves up where binary fractions would fall short', () => {
    expect(formatPlaces(new Exact('1.005'), 2)).toBe('1.01')
    expect(formatPlaces(new Exact('22.925'), 2)).toBe('22.93')
  })

  it('never strays from the value by more than half a unit of the last figure', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 10 ** 9 }),
        fc.integer({ min: -9, max: 3 }),
        fc.integer({ min: 1, max: 8 }),
        (digits, power, figures) => {
          const value = new Exact(digits).mul(new Exact(10).pow(power))
          const written = new Exact(formatFigures(value, figures))
          const lastFigure = new Exact(10).pow(value.e - figures + 1)
          return written.sub(value).abs().lte(lastFigure.div(2))
        },
      ),
    )
  })

  it('counts the figures that were written', () => {
    expect(['0.0200', '24.50', '4.74', '0.0005'].map(significantFigures)).toEqual([3, 4, 3, 1])
  })

  it('takes machine text apart for setting', () => {
    expect(chemistsNumber('4.59e-4')).toEqual({ digits: '4.59', exponent: -4 })
    expect(chemistsNumber('12.2')).toEqual({ digits: '12.2' })
  })
})

describe('the step a scale is read to', () => {
  it('asks for as many decimals as the step has', () => {
    expect(['0.1', '0.05', '0.02', '0.01'].map(stepPlaces)).toEqual([1, 2, 2, 2])
  })

  it('turns 24.5 into 24.50, and a reading between steps into the nearest', () => {
    expect(fitToStep('24.5', '0.05')).toBe('24.50')
    expect(fitToStep('24.53', '0.05')).toBe('24.55')
    expect(fitToStep('24.54', '0.1')).toBe('24.5')
  })

  it('knows every half division of a burette, and nothing between', () => {
    for (let hundredth = 0; hundredth <= 5000; hundredth++) {
      expect(isOnStep((hundredth / 100).toFixed(2), '0.05')).toBe(hundredth % 5 === 0)
    }
  })
})

describe('units', () => {
  it('reads the ways people write them', () => {
    expect(['cm³', 'mol dm-3', 'M', 'g/L', '%'].map(parseUnit)).toEqual(['cm3', 'mol/dm3', 'mol/dm3', 'g/dm3', '%'])
  })

  // By definition: SI Brochure, 9th edition (2019).
  it.each([
    ['cm3', 'dm3', '0.001'],
    ['cm3/s', 'cm³/min', '60'],
    ['cm3/s', 'dm3 h-1', '3.6'],
    ['J/mol', 'kJ mol⁻¹', '0.001'],
    ['g/dm3', '% w/v', '0.1'],
    ['g/dm3', 'ppm', '1000'],
    ['mol/dm3/s', 'mol dm-3 min-1', '60'],
    ['J/(g K)', 'kJ kg-1 °C-1', '1'],
    ['kPa dm3', 'J', '1'],
    ['atm', 'Pa', '101325'],
    ['(mol/dm3)^2', 'mol2 dm-6', '1'],
    ['1/s', 'min-1', '60'],
    ['mL', 'cm3', '1'],
    ['atm', 'kPa', '101.325'],
    ['g/h', 'mg/min', '16.6666666666666666666666666667'],
    ['1/min', '1/h', '60'],
  ])('one %s is so many %s: %s', (from, to, times) => {
    expect(timesBetween(from, to)?.toFixed()).toBe(times)
  })

  it.each([
    ['g', 'cm3'],
    ['°C', 'kJ'],
    ['%', ''],
    ['cm3/s', 'cm3'],
    ['drops', 'cm3'],
    ['mol/dm3', 'g/dm3'],
  ])('does not turn %s into %s', (from, to) => {
    expect(timesBetween(from, to)).toBeUndefined()
    expect(isAlike(from, to)).toBe(false)
  })

  it('lets a unit of one’s own be itself', () => {
    expect(timesBetween('drops', ' drops')?.toFixed()).toBe('1')
  })
})

describe('a strength as it is written or spoken of', () => {
  // Common practice.
  it.each([
    ['0.05', '0.05', 'mol/dm3'],
    ['0.05 mol/dm3', '0.05', 'mol/dm3'],
    ['0.100 M', '0.100', 'mol/dm3'],
    ['M/20', '0.0500', 'mol/dm3'],
    ['1/20 M', '0.0500', 'mol/dm3'],
    ['a twentieth molar', '0.0500', 'mol/dm3'],
    ['one tenth molar', '0.100', 'mol/dm3'],
    ['a twenty-fifth molar', '0.0400', 'mol/dm3'],
    ['decimolar', '0.100', 'mol/dm3'],
    ['molar', '1.00', 'mol/dm3'],
    ['4.90 g/dm3', '4.90', 'g/dm3'],
    ['5 % w/v', '50', 'g/dm3'],
    ['250 ppm', '0.250', 'g/dm3'],
    ['20 mmol/dm3', '0.020', 'mol/dm3'],
  ])('%s', (text, value, unit) => {
    expect(readStrength(text)).toEqual({ value, unit })
  })

  it.each(['', 'strong', '5 g', 'a splash molar', 'M/0'])("'%s' is none", (text) => {
    expect(readStrength(text)).toBeUndefined()
  })
})

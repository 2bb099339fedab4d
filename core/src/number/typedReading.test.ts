import { describe, expect, it } from 'vitest'
import { readTypedReading } from './index.ts'

describe('what is typed for a reading', () => {
  it.each([
    ['24.50', '24.50'],
    ['24,50', '24.50'],
    ['24·50', '24.50'],
    [' 24.50 ', '24.50'],
    ['.5', '0.5'],
    ['24.', '24'],
    ['24.50 cm3', '24.50'],
    ['24.50cm³', '24.50'],
    ['24,50 ml', '24.50'],
    ['24.50 mL', '24.50'],
    ['−1.5', '-1.5'],
    ['-.5', '-0.5'],
    ['+3', '3'],
  ])('%j is read as %s', (typed, text) => expect(readTypedReading(typed, 'cm3')).toEqual({ text }))

  it.each([
    ['21.5 °C', '°C'],
    ['31.46 g', 'g'],
    ['90 s', 's'],
  ])('%j is understood in a cell in %s', (typed, unit) => expect(readTypedReading(typed, unit)).toHaveProperty('text'))

  it.each([
    ['24..5', '24..5 has 2 decimal points: which is it?'],
    ['2.4.5', '2.4.5 has 2 decimal points: which is it?'],
    ['24 50', 'There is a gap in 24 50: one number or two?'],
    ['about 24', '“about 24” is no number. Write what the scale shows, in digits.'],
    ['-', '“-” is no number. Write what the scale shows, in digits.'],
    ['2O.50', '2O.50 has the letter O in it: a 0?'],
    ['24.l5', '24.l5 has the letter l in it: a 1?'],
    ['2.45e1', '2.45e1: write the number out, not as a power.'],
    ['24.5 g', '24.5 g: this cell is in cm³, not in g.'],
    ['0.0245 dm3', '0.0245 dm3: this cell is in cm³, not in dm3.'],
    ['24.5?', '24.5?: write 24.5 alone, without “?”.'],
  ])('%j is told what is wrong with it', (typed, wrong) => expect(readTypedReading(typed, 'cm3')).toEqual({ wrong }))

  it('takes no unit where the cell has none', () => {
    expect(readTypedReading('5 cm')).toEqual({ wrong: '5 cm: write 5 alone, without “cm”.' })
  })
})

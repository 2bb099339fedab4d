import { describe, expect, it } from 'vitest'
import { readBottleLabel } from './index.ts'

describe('the label of a bottle', () => {
  it.each([
    ['0.0200 mol/dm3 KMnO4', 'KMnO4', '0.0200', 'mol/dm3'],
    ['NaOH 0.1 mol/dm3', 'NaOH', '0.1', 'mol/dm3'],
    ['0.100 M NaOH', 'NaOH', '0.100', 'mol/dm3'],
    ['M/20 hydrochloric acid', 'HCl', '0.0500', 'mol/dm3'],
    ['a tenth molar solution of sodium hydroxide', undefined, '', ''],
    ['0.0500 mol/dm3 of sodium thiosulfate', 'Na2S2O3', '0.0500', 'mol/dm3'],
    ['5.30 g/dm3 Na2CO3', 'Na2CO3', '5.30', 'g/dm3'],
  ])('%s', (text, solute, value, unit) => {
    expect(readBottleLabel(text)).toEqual(solute && { solute, strength: { value, unit } })
  })

  it.each([
    ['KMnO4', 'KMnO4'],
    ['sodium hydroxide', 'NaOH'],
    ['copper(II) sulfate', 'CuSO4'],
  ])('%s alone', (text, solute) => {
    expect(readBottleLabel(text)).toEqual({ solute })
  })

  it.each(['', 'lawn sand', '2 HCl', '0.1', 'sodium hydroxide and potassium hydroxide', 'bottle 3'])(
    'makes nothing of “%s”',
    (text) => {
      expect(readBottleLabel(text)).toBeUndefined()
    },
  )
})

import { expect, it } from 'vitest'
import { STARTING_SHEETS, sheetNamed } from './index.ts'

it.each([
  ['Titration of cellar vinegar', 'direct'],
  ['Back titration of oyster shell', 'back'],
  ['Make up and titrate the wash', 'weigh-titrate'],
  ['Heating blue salt', 'heating'],
  ['Heat the crystals to constant mass', 'heating'],
  ['Thermometric run, kiln wash', 'temperature'],
  ['Ions in two jars', 'unknowns'],
  ['Two unknowns', 'unknowns'],
  ['Dyes of lichen inks', 'chromatogram'],
  ['Heat of orchard acid', 'enthalpy'],
  ['pH curve of cider', 'ph-curve'],
  ['Colorimetry of roof water', 'calibration'],
  ['Task 3', undefined],
  ['Moss killer', undefined],
  ['', undefined],
])('%j names %s', (title, sheet) => expect(sheetNamed(title)).toBe(sheet))

it('a name of a starting sheet names that sheet, or none', () => {
  for (const [id, { name }] of Object.entries(STARTING_SHEETS)) expect([id, undefined], name).toContain(sheetNamed(name))
})

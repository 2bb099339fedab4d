import { describe, expect, it } from 'vitest'
import { freshTube, playSteps, residueOf, runScheme, runSteps } from './index.ts'
import { add, IONS } from './testing/rows.ts'

/** Mixtures of three cations, and the groups their precipitates fall in (Svehla's edition of Vogel, from memory). */
const MIXTURES: readonly (readonly [ions: readonly string[], groups: Readonly<Record<string, string>>])[] = [
  [['Ag+', 'Fe3+', 'Ca2+'], { I: 'AgCl', III: 'Fe(OH)3', V: 'CaCO3' }],
  [['Cu2+', 'Al3+', 'Ba2+'], { II: 'CuS', III: 'Al(OH)3', V: 'BaCO3' }],
  [['Pb2+', 'Zn2+', 'Mg2+'], { I: 'PbCl2', II: 'PbS', IV: 'ZnS' }],
  [['Cu2+', 'Ni2+', 'Sr2+'], { II: 'CuS', IV: 'NiS', V: 'SrCO3' }],
  [['Fe2+', 'Mn2+', 'K+'], { III: 'Fe(OH)3', IV: 'MnS' }],
]

describe('the systematic scheme on mixtures of three cations', () => {
  it.each(MIXTURES)('%j', (ions, groups) => {
    const contains = { ...Object.fromEntries(ions.map((ion) => [ion, 0.1])), 'NO3-': 0.7 }
    const found = runScheme(contains)
    for (const { group, residue } of found) {
      const expected = groups[group]
      if (expected === undefined) expect(residue, `group ${group} is absent`).toEqual({})
      else expect(Object.keys(residue)[0], `group ${group}`).toBe(expected)
    }
  })
})

it('ammonium is found before the groups bring it in, and only then', () => {
  const [first] = runScheme({ 'NH4+': 0.1, 'Cl-': 0.1 })
  expect(first?.group).toBe('0')
  expect(first?.shown.at(-1)?.facts.some((fact) => fact.kind === 'gas' && fact.gas === 'NH3')).toBe(true)
  const [without] = runScheme({ 'Na+': 0.1, 'Cl-': 0.1 })
  expect(without?.shown.at(-1)?.facts.map(({ kind }) => kind)).toEqual(['noChange'])
})

/** Tables read backwards: the sample dropped into the reagent (common practice). */
describe('reverse additions', () => {
  it.each<[string, string, RegExp]>([
    ['Zn', 'NaOH(aq)', /white precipitate where the drop fell, gone on shaking/],
    ['Al', 'NaOH(aq)', /white precipitate where the drop fell, gone on shaking/],
    ['Cr', 'NaOH(aq)', /grey-green precipitate where the drop fell, gone on shaking/],
    ['Cu', 'NH3(aq)', /pale blue precipitate where the drop fell, gone on shaking|solution turned deep blue/],
    ['Mg', 'NaOH(aq)', /^white precipitate$/],
    ['Fe3', 'NaOH(aq)', /^red-brown precipitate$/],
  ])('%s dropped into much %s', (ion, reagent, says) => {
    const [shown] = runSteps(IONS[ion] ?? {}, 1, [{ ...add(reagent), order: 'sample into reagent' }])
    expect(shown?.saw.join('; ')).toMatch(says)
  })

  it('chromium(III) in excess, into little alkali, keeps its precipitate', () => {
    const steps = [
      { ...add('NaOH(aq)'), order: 'sample into reagent' },
      { ...add('NaOH(aq)', '80 cm3'), order: 'sample into reagent' },
    ]
    const shown = runSteps(IONS.Cr ?? {}, 1, steps)
    expect(shown.at(-1)?.saw.join('; ')).toMatch(/grey-green precipitate/)
  })
})

describe('filtering', () => {
  it('leaves the solid in the paper, which goes on as a tube of its own', () => {
    const filtered = playSteps(freshTube(IONS.carbonate ?? {}, 1), [add('BaCl2(aq)', '1 cm3'), { do: 'filter' }]).tube
    const residue = residueOf(filtered)
    expect(residue?.view.solids.map(({ formula }) => formula)).toEqual(['BaCO3'])
    const acid = residue && playSteps(residue, [add('HCl(aq)', '1 cm3')]).shown[0]?.saw.join('; ')
    expect(acid).toMatch(/dissolved.*effervescence/)
  })
})

import { describe, expect, it } from 'vitest'
import { readTask } from '../record/index.ts'
import { checkTask } from './index.ts'

interface SetUp {
  readonly burette: string
  readonly flask: readonly { readonly solute?: string; readonly strength?: string }[]
  readonly equation: string
  readonly indicator?: string
  readonly volume?: string
}

/** What is said of a titration that is set up and has no run yet. */
function said({ burette, flask, equation, indicator, volume = '25.0' }: SetUp) {
  const task = readTask({
    format: 'hop-lark/task',
    version: 2,
    id: 'x',
    title: 'x',
    materials: [
      { id: 'B', label: 'B', form: 'solution', solute: burette, strength: { value: '0.100', unit: 'mol/dm3' } },
      ...flask.map(({ solute, strength }, index) => ({
        id: `F${index}`,
        label: `F${index}`,
        form: 'solution',
        ...(solute ? { solute } : {}),
        ...(strength ? { strength: { value: strength, unit: 'mol/dm3' } } : {}),
      })),
    ],
    parts: [
      {
        id: 't',
        kind: 'titration',
        burette: 'B',
        flask: flask.map((_, index) => ({ material: `F${index}`, volume })),
        reactions: [{ equation, role: 'titration' }],
        ...(indicator ? { indicator } : {}),
        runs: [],
      },
    ],
  })
  return checkTask(task).map(({ code }) => code)
}

const F = [{}]
const ETHANOIC = { burette: 'NaOH', flask: F, equation: 'CH3COOH + OH- -> CH3COO- + H2O' }
const STRONG = { burette: 'HCl', flask: F, equation: 'H+ + OH- -> H2O' }
const AMMONIA = { burette: 'HCl', flask: F, equation: 'NH3 + H+ -> NH4+' }
const CARBONATE = { burette: 'HCl', flask: F, equation: 'CO3^2- + 2H+ -> H2O + CO2' }
const HALF_CARBONATE = { burette: 'HCl', flask: F, equation: 'CO3^2- + H+ -> HCO3-' }

/* Which indicator suits which titration: handbook tables of indicators and common practice. */
describe('the indicator changes where the titration ends', () => {
  it.each([
    ['a strong acid into a strong base, methyl orange', STRONG, 'methyl orange'],
    ['the same, phenolphthalein', STRONG, 'phenolphthalein'],
    ['the same, bromothymol blue', STRONG, 'bromothymol blue'],
    ['ethanoic acid, phenolphthalein', ETHANOIC, 'phenolphthalein'],
    ['ammonia, methyl red', AMMONIA, 'methyl red'],
    ['carbonate all the way, methyl orange', CARBONATE, 'methyl orange'],
    ['carbonate half-way, phenolphthalein', HALF_CARBONATE, 'phenolphthalein'],
  ])('%s', (_, setUp, indicator) => {
    expect(said({ ...setUp, indicator })).toEqual([])
  })

  it.each([
    ['ethanoic acid, methyl orange', ETHANOIC, 'methyl orange'],
    ['ethanoic acid, methyl red', ETHANOIC, 'methyl red'],
    ['ammonia, phenolphthalein', AMMONIA, 'phenolphthalein'],
    ['carbonate all the way, phenolphthalein', CARBONATE, 'phenolphthalein'],
  ])('not: %s', (_, setUp, indicator) => {
    expect(said({ ...setUp, indicator })).toEqual(['indicator.off'])
  })

  it('universal indicator has no end', () => {
    expect(said({ ...STRONG, indicator: 'Universal indicator' })).toEqual(['indicator.noEnd'])
  })

  it('says nothing of what the model does not know, or of an indicator that it does not know', () => {
    expect(said({ burette: 'NaOH', flask: F, equation: 'C6H8O6 + OH- -> C6H7O6- + H2O', indicator: 'methyl orange' })).toEqual([])
    expect(said({ ...STRONG, indicator: 'litmus of the lichen' })).toEqual([])
  })
})

describe('manganate wants sulfuric acid', () => {
  const IRON = { burette: 'KMnO4', equation: 'MnO4- + 8H+ + 5Fe2+ -> Mn2+ + 5Fe3+ + 4H2O' }

  it.each([
    ['hydrochloric acid', [{}, { solute: 'HCl' }], ['manganate.chloride']],
    ['no acid at all', [{ solute: 'FeSO4' }], ['manganate.noAcid']],
    ['sulfuric acid', [{ solute: 'FeSO4' }, { solute: 'H2SO4' }], []],
    ['a sample that may hold acid', [{}], []],
  ])('%s', (_, flask, codes) => {
    expect(said({ ...IRON, flask })).toEqual(codes)
  })
})

describe('a titre that will not do is foretold from the labels', () => {
  it.each([
    ['0.500', ['titre.willNotFit']],
    ['0.100', []],
    ['0.0100', ['titre.tooSmall']],
  ])('25.0 cm³ of %s mol/dm³ alkali', (strength, codes) => {
    expect(said({ ...STRONG, flask: [{ solute: 'NaOH', strength }] })).toEqual(codes)
  })
})

describe('what falls out in the flask', () => {
  // Sparingly soluble sulfates, hydroxides and halides: handbook tables of solubility products.
  it.each([
    ['barium in sulfuric acid', [{ solute: 'BaCl2', strength: '0.100' }, { solute: 'H2SO4' }], ['flask.precipitate']],
    ['iron(II) in alkali', [{ solute: 'FeSO4' }, { solute: 'NaOH', strength: '0.100' }], ['flask.precipitate']],
    [
      'lead in chloride',
      [
        { solute: 'Pb(NO3)2', strength: '0.100' },
        { solute: 'HCl', strength: '2.00' },
      ],
      ['flask.precipitate'],
    ],
    [
      'magnesium in ammonia buffer',
      [
        { solute: 'MgSO4', strength: '0.0100' },
        { solute: 'NH4Cl', strength: '1.00' },
      ],
      [],
    ],
    ['one portion, whatever it holds', [{ solute: 'BaCl2' }], []],
    ['solutions that nobody labelled', [{}, { solute: 'H2SO4' }], []],
  ])('%s', (_, flask, codes) => {
    expect(said({ burette: 'NaCl', flask, equation: 'I2 + 2S2O3^2- -> 2I- + S4O6^2-' })).toEqual(codes)
  })

  it('is meant where the equation speaks of it', () => {
    const flask = [
      { solute: 'BaCl2', strength: '0.100' },
      { solute: 'H2SO4', strength: '0.100' },
    ]
    expect(said({ burette: 'NaOH', flask, equation: 'BaSO4 + H+ -> Ba2+ + HSO4-' })).not.toContain('flask.precipitate')
  })
})

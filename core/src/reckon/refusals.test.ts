import { describe, expect, it } from 'vitest'
import { answerOfTitration, type Titrated } from './testing/titrated.ts'

const MANGANATE: Pick<Titrated, 'burette' | 'equation'> = {
  burette: 'KMnO4',
  equation: 'MnO4- + 8H+ + 5Fe2+ -> Mn2+ + 5Fe3+ + 4H2O',
}
const ACID = { burette: 'HCl', equation: '2H+ + CO3^2- -> H2O + CO2' }
const ALKALI = { burette: 'HCl', equation: 'H+ + OH- -> H2O' }
const SILVER = { burette: 'AgNO3', equation: 'Ag+ + Cl- -> AgCl' }
const THIOSULFATE = { burette: 'Na2S2O3', equation: 'I2 + 2S2O3^2- -> 2I- + S4O6^2-' }
const BLEACH = { burette: 'Na2S2O3', equation: 'ClO- + 2S2O3^2- + 2H+ -> Cl- + S4O6^2- + H2O' }

describe('what was not measured is not answered', () => {
  it.each([
    ['iron(III) chloride, where iron(II) was titrated', MANGANATE, 'FeCl3', 'Fe'],
    ['iron(III) oxide, where iron(II) was titrated', MANGANATE, 'Fe2O3', 'Fe'],
    ['iron(III), where iron(II) was titrated', MANGANATE, 'Fe3+', 'Fe'],
    ['manganese dioxide, where iron(II) was titrated', MANGANATE, 'MnO2', undefined],
    ['methane, where carbonate was titrated', ACID, 'CH4', 'C'],
    ['ethanoate, where carbonate was titrated', ACID, 'CH3COO-', 'C'],
    ['hydrogencarbonate, where carbonate took two hydrogen ions', ACID, 'NaHCO3', 'C'],
    ['hydroxide, where carbonate was titrated', ACID, 'NaOH', undefined],
    [
      'nitrate, where nitrite was titrated',
      { burette: 'KMnO4', equation: '2MnO4- + 5NO2- + 6H+ -> 2Mn2+ + 5NO3- + 3H2O' },
      'NO3-',
      'N',
    ],
    ['iodate, where iodine was titrated', THIOSULFATE, 'IO3-', 'I'],
    ['potassium iodide, where iodine was titrated', THIOSULFATE, 'KI', 'I'],
    ['sodium chloride, where hydroxide was titrated', { ...ALKALI, solute: 'NaOH' }, 'NaCl', 'Na'],
    [
      'sodium chloride, where NaOH stands in the equation',
      { burette: 'HCl', equation: 'HCl + NaOH -> NaCl + H2O' },
      'NaCl',
      'Na',
    ],
    ['sodium chloride in a bottle labelled KCl', { ...SILVER, solute: 'KCl' }, 'NaCl', 'Cl'],
    ['chlorate(V), where chloride was titrated', SILVER, 'KClO3', 'Cl'],
    ['tetrachloromethane, where chloride was titrated', SILVER, 'CCl4', 'Cl'],
    ['chlorine, where chlorate(I) was titrated', BLEACH, 'Cl2', 'Cl'],
    ['chloride, where chlorate(I) was titrated', BLEACH, 'NaCl', 'Cl'],
    [
      'sulfate, where sulfite was titrated',
      { burette: 'I2', equation: 'I2 + SO3^2- + H2O -> 2I- + SO4^2- + 2H+' },
      'Na2SO4',
      'S',
    ],
    ['ammonia, where ammonium was titrated', { burette: 'NaOH', equation: 'NH4+ + OH- -> NH3 + H2O' }, 'NH3', 'N'],
    [
      'chromate, where chromium(III) was titrated',
      { burette: 'Na2H2Y', equation: 'Cr3+ + H2Y^2- -> CrY- + 2H+' },
      'K2CrO4',
      'Cr',
    ],
  ] satisfies [string, Omit<Titrated, 'find'>, string, string | undefined][])('%s', (_, sheet, of, element) => {
    const { value, missing, couldCountBy } = answerOfTitration({ ...sheet, find: { of } })
    expect(value).toBeNull()
    expect(missing).toMatch(
      /^what was measured there is .+, (not|which says nothing of) .+: write the reaction that links .+ with/,
    )
    expect(couldCountBy).toBe(element)
  })

  it('asks how a label gives what reacts, and does not take one for the other', () => {
    // 2 H3O+ to one H2SO4; bromate gives three bromine molecules, by a reaction that is not in the record.
    const acid = { burette: 'H2SO4', equation: 'H3O+ + OH- -> 2H2O' }
    expect(answerOfTitration({ ...acid, find: { of: 'OH-' } }).unrounded).toBeCloseTo(0.16, 12)
    const bromate = answerOfTitration({
      burette: 'KBrO3',
      equation: 'Br2 + C6H5OH -> C6H5BrO + HBr',
      solute: 'C6H5OH',
      find: { quantity: 'amount', of: 'Br2', in: 't/titre' },
    })
    expect(bromate.value).toBeNull()
    expect(bromate.missing).toMatch(/strength of F/)
  })
})

describe('what the student says is assumed is written out', () => {
  it.each([
    ['FeCl3', 'Fe', 0.4, 'all of the iron is there as FeCl3'],
    ['Fe2O3', 'Fe', 0.2, 'all of the iron is there as Fe2O3'],
    ['Fe3O4', 'Fe', 0.4 / 3, 'all of the iron is there as Fe3O4'],
  ])('%s counted by %s', (of, countedBy, concentration, assumption) => {
    const { unrounded, assumes } = answerOfTitration({ ...MANGANATE, find: { of, countedBy } })
    expect(unrounded).toBeCloseTo(concentration, 12)
    expect(assumes).toEqual(['all of the iron took part as Fe2+', assumption])
  })

  it.each([
    ['a salt of the ion titrated', MANGANATE, 'FeSO4.7H2O', 'all of the iron(II) is there as FeSO4.7H2O'],
    ['an element of it', MANGANATE, 'Fe', 'all of the iron took part as Fe2+'],
    ['chloride as common salt', SILVER, 'NaCl', 'all of the chloride is there as NaCl'],
  ])('%s', (_, sheet, of, assumption) => {
    expect(answerOfTitration({ ...sheet, find: { of } }).assumes).toEqual([assumption])
  })

  it('says nothing of what a label or an equation says already', () => {
    expect(answerOfTitration({ ...ALKALI, solute: 'NaOH', find: { of: 'NaOH' } }).assumes).toEqual([])
    expect(answerOfTitration({ ...ACID, solute: 'Na2CO3', find: { of: 'Na' } }).assumes).toEqual([])
  })

  it('does not count by what the species does not hold', () => {
    expect(answerOfTitration({ ...MANGANATE, find: { of: 'FeCl3', countedBy: 'Cu' } }).value).toBeNull()
  })
})

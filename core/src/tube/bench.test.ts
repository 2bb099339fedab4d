import { describe, expect, it } from 'vitest'
import { REAGENTS, runSteps } from './index.ts'
import { add, IONS } from './testing/rows.ts'

describe('the bench', () => {
  it('has some 45 reagents, each with what it is for', () => {
    expect(Object.keys(REAGENTS).length).toBeGreaterThanOrEqual(45)
    for (const { purpose } of Object.values(REAGENTS)) expect(purpose).not.toBe('')
  })

  it('warns of what can hurt', () => {
    for (const name of [
      'NaOH(aq)',
      'HNO3(conc)',
      'BaCl2(aq)',
      'AgNO3(aq)',
      'Pb(NO3)2(aq)',
      'K2CrO4(aq)',
      'H2S(g)',
      'K4Fe(CN)6(aq)',
      'Al(s)',
    ])
      expect(REAGENTS[name]?.care).toBeTruthy()
  })

  it('plays order: ammonium boiled off first leaves nothing to smell, and what is filtered off stays behind', () => {
    const both = { 'NH4+': 0.1, 'NO3-': 0.1 }
    const notBoiled = runSteps(both, 1, [add('NaOH(aq)', 'excess'), { do: 'warm' }]).at(-1)
    expect(notBoiled?.gases).toContain('NH3')
    const boiled = runSteps({ 'NH4+': 0.1, 'Cl-': 0.1 }, 1, [
      add('NaOH(aq)', 'excess'),
      { do: 'boil' },
      add('Al(s)'),
      { do: 'warm' },
    ])
    expect(boiled[1]?.gases).toContain('NH3')
    expect(boiled.at(-1)?.gases).not.toContain('NH3')
    const filtered = runSteps(IONS.sulfate ?? {}, 1, [add('BaCl2(aq)', '1 cm3'), { do: 'filter' }, add('BaCl2(aq)')])
    expect(filtered[1]?.solids).toEqual({})
    expect(filtered[2]?.saw).toEqual(['no visible change'])
  })
})

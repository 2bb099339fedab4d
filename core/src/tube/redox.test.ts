import { describe, expect, it } from 'vitest'
import { checkBalance, parseEquation } from '../substance/index.ts'
import { HEATED_SOLIDS, runSteps } from './index.ts'
import { REDOX } from './redoxTable.ts'
import { add, compare, drops, IONS, type Row } from './testing/rows.ts'

const REDOX_ROWS: readonly Row[] = [
  ['Fe2', [add('H2SO4(aq)'), add('KMnO4(aq)')], /purple colour of the reagent disappeared/],
  ['sulfite', [add('H2SO4(aq)', '1 cm3'), add('KMnO4(aq)')], /purple colour of the reagent disappeared/],
  ['iodide', [add('H2SO4(aq)'), add('KMnO4(aq)')], /brown/],
  ['nitrite', [add('H2SO4(aq)'), add('KMnO4(aq)')], /purple colour of the reagent disappeared/],
  ['Fe2', [add('H2SO4(aq)'), add('K2Cr2O7(aq)')], /orange colour of the reagent disappeared/],
  ['sulfite', [add('H2SO4(aq)', '1 cm3'), add('K2Cr2O7(aq)')], /green|orange colour of the reagent disappeared/],
  ['iodide', drops('Cl2(aq)'), /brown/],
  ['bromide', [add('Cl2(aq)', '1 cm3')], /orange/],
  ['iodide', drops('Br2(aq)'), /brown/],
  ['iodide', drops('FeCl3(aq)'), /brown/],
  ['Cu', [add('KI(aq)', '1 cm3')], /precipitate/],
  ['sulfite', drops('I2(aq)'), /brown colour of the reagent disappeared/],
  ['thiosulfate', drops('I2(aq)'), /brown colour of the reagent disappeared/],
  ['iodide', [add('H2SO4(aq)'), add('H2O2(aq)')], /brown/],
  ['Fe2', [add('H2SO4(aq)'), add('H2O2(aq)')], /yellow/],
  ['Cr', [add('NaOH(aq)', 'excess'), add('H2O2(aq)', 'excess')], /to yellow/],
  ['Fe3', drops('K4Fe(CN)6(aq)'), /^deep blue precipitate$/],
  ['Cu', drops('K4Fe(CN)6(aq)'), /^red-brown precipitate$/],
  ['Fe2', drops('K3Fe(CN)6(aq)'), /^deep blue precipitate$/],
  ['Fe3', drops('KSCN(aq)'), /blood red/],
]

compare('oxidation, reduction and complexes', REDOX_ROWS)

describe('equations', () => {
  it.each(REDOX.map(({ equation }) => equation))('%s balances', (equation) => {
    expect(checkBalance(parseEquation(equation))).toEqual([])
  })

  it.each(Object.values(HEATED_SOLIDS).map(({ equation }) => equation))('%s balances', (equation) => {
    expect(checkBalance(parseEquation(equation))).toEqual([])
  })

  it('of every reagent with every sample balance, and name states', () => {
    for (const contains of Object.values(IONS)) {
      for (const reagent of ['NaOH(aq)', 'NH3(aq)', 'HCl(aq)', 'AgNO3(aq)', 'BaCl2(aq)', 'Pb(NO3)2(aq)', 'KI(aq)', 'H2S(g)']) {
        for (const { equations } of runSteps(contains, 1, [add(reagent), add(reagent, 'excess'), { do: 'boil' }])) {
          for (const equation of equations) {
            expect(checkBalance(parseEquation(equation)), equation).toEqual([])
            expect(equation).toMatch(/\((s|l|g|aq)\)/)
          }
        }
      }
    }
  })
})

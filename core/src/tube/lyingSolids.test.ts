import { describe, expect, it } from 'vitest'
import { checkBalance, parseEquation } from '../substance/index.ts'
import { ALLOYS } from './alloyTable.ts'
import { residueOf } from './filtering.ts'
import { dryTube, playSteps, type TubeStep } from './index.ts'

const add = (reagent: string, amount = 'equal'): TubeStep => ({ do: 'add', reagent, amount })
const WARM: TubeStep = { do: 'warm' }
const sawOf = (solid: string, steps: readonly TubeStep[]) =>
  playSteps(dryTube({ [solid]: 5e-4 }), steps).shown.map(({ saw }) => saw.join('; '))

/* Metals, alloys and oxides of the jar in acids, alkali and salts (common practice). */
describe('a metal or an oxide that is the sample', () => {
  it.each([
    ['Zn', [add('H2O(l)')], /^no visible change$/],
    ['Zn', [add('HCl(aq)')], /pop at a lighted splint/],
    ['Fe', [add('H2SO4(aq)', 'excess')], /pale green solution/],
    ['Cu', [add('HCl(aq)', 'excess')], /insoluble/],
    ['Cu', [add('HNO3(conc)', 'excess')], /blue solution.*brown gas/],
    ['Zn', [add('HNO3(aq)', 'excess')], /^not known to the model$/],
    ['Zn', [add('CuSO4(aq)')], /red-brown/],
    ['Cu', [add('AgNO3(aq)', 'excess')], /grey.*blue/],
    ['brass', [add('HCl(aq)', 'excess')], /insoluble/],
    ['brass', [add('HNO3(aq)', 'excess'), WARM], /^precipitate dissolved giving a blue solution.*brown gas/],
    ['brass', [add('H2O(l)'), add('AgNO3(aq)', 'drops')], /^not known to the model$/],
    ['brass', [add('NaOH(aq)', 'excess'), add('Al(s)', 'piece'), WARM], /pop at a lighted splint/],
    ['bronze', [add('HNO3(conc)', 'excess')], /turned white.*solution blue.*brown gas/],
    ['solder', [add('HNO3(aq)', 'excess'), WARM, { do: 'filter' }, add('H2SO4(aq)')], /^white precipitate$/],
    ['solder', [add('HCl(aq)', 'excess'), WARM], /^not known to the model$/],
    ['CuO', [add('H2SO4(aq)')], /^no visible change$/],
    ['CuO', [add('H2SO4(aq)'), WARM], /dissolved giving a blue solution/],
    ['ZnO', [add('HCl(aq)')], /dissolved giving a colourless solution/],
    ['MnO2', [add('HCl(aq)')], /^no visible change$/],
    ['MnO2', [add('H2O2(aq)')], /relit a glowing splint/],
    ['CuCO3', [add('H2O(l)', 'excess')], /^precipitate insoluble in excess$/],
    ['CuCO3', [add('HCl(aq)')], /blue solution; effervescence; gas turned limewater milky/],
  ] as const)('%s %j', (solid, steps, seen) => {
    expect(sawOf(solid, steps).at(-1)).toMatch(seen)
  })

  it('is told by what alkali does to what acid made of it', () => {
    const then = (solid: string) => sawOf(solid, [add('HCl(aq)'), add('NaOH(aq)'), add('NaOH(aq)', 'excess')]).slice(1)
    expect(then('Zn')).toEqual(['white precipitate', 'precipitate dissolved giving a colourless solution'])
    expect(then('Mg')).toEqual(['white precipitate', 'precipitate insoluble in excess'])
    expect(then('Fe')).toEqual(['green precipitate', 'precipitate insoluble in excess'])
  })

  it('stays in the filter paper', () => {
    const { tube } = playSteps(dryTube({ MnO2: 5e-4 }), [add('H2O(l)', 'excess'), { do: 'filter' }])
    expect(tube.view.solids).toEqual([])
    expect(residueOf(tube)?.view.solids.map(({ formula }) => formula)).toEqual(['MnO2'])
  })

  it('says metals in nitric acid by balanced equations, dilute and concentrated', () => {
    const concentrated = [add('HNO3(conc)', 'excess')]
    const hot = [add('HNO3(aq)', 'excess'), WARM]
    const equations = (solid: string, steps: readonly TubeStep[]) =>
      playSteps(dryTube({ [solid]: 5e-4 }), steps).shown.at(-1)?.equations ?? []
    expect(equations('Cu', concentrated)).toEqual(['Cu(s) + 4H+(aq) + 2NO3-(aq) -> Cu2+(aq) + 2NO2(g) + 2H2O(l)'])
    expect(equations('Cu', hot)).toEqual(['3Cu(s) + 8H+(aq) + 2NO3-(aq) -> 3Cu2+(aq) + 2NO(g) + 4H2O(l)'])
    const ofAlloys = Object.keys(ALLOYS).flatMap((alloy) => [...equations(alloy, concentrated), ...equations(alloy, hot)])
    expect(ofAlloys).toHaveLength(12)
    expect(ofAlloys.flatMap((equation) => checkBalance(parseEquation(equation)))).toEqual([])
  })

  it('leaves what acid is too little for', () => {
    const { tube } = playSteps(dryTube({ brass: 0.005 }), [add('HNO3(conc)', 'drops')])
    expect(tube.view.solids.map(({ formula }) => formula)).toEqual(['brass'])
    expect(tube.view.equilibrium.pH).toBeLessThan(7)
  })
})

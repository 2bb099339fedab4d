import { describe, expect, it } from 'vitest'
import { residueOf } from './filtering.ts'
import { dryTube, playSteps, type TubeStep } from './index.ts'

const add = (reagent: string, amount = 'equal'): TubeStep => ({ do: 'add', reagent, amount })
const WARM: TubeStep = { do: 'warm' }
const sawOf = (solid: string, steps: readonly TubeStep[]) =>
  playSteps(dryTube({ [solid]: 5e-4 }), steps).shown.map(({ saw }) => saw.join('; '))

/* Metals and oxides of the jar in acids, alkali and salts (common practice). */
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

  it('says copper in nitric acid by balanced equations, dilute and concentrated', () => {
    const equations = (steps: readonly TubeStep[]) => playSteps(dryTube({ Cu: 5e-4 }), steps).shown.at(-1)?.equations
    expect(equations([add('HNO3(conc)')])).toContain('Cu(s) + 4H+(aq) + 2NO3-(aq) -> Cu2+(aq) + 2NO2(g) + 2H2O(l)')
    expect(equations([add('HNO3(aq)', 'excess'), WARM])).toContain('3Cu(s) + 8H+(aq) + 2NO3-(aq) -> 3Cu2+(aq) + 2NO(g) + 4H2O(l)')
  })
})

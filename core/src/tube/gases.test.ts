import { describe, expect, it } from 'vitest'
import { GAS_TESTS, GASES, type GasTestName, resultOf } from '../gas/index.ts'
import { dryTube, freshTube, playSteps, type Tube, type TubeStep } from './index.ts'
import { add, compare, IONS, NOTHING, type Row } from './testing/rows.ts'

const solution = (name: string) => freshTube(IONS[name] ?? {}, 1)
const solid = (formula: string) => dryTube({ [formula]: 0.005 })
const said = (tube: Tube, steps: readonly TubeStep[]) => playSteps(tube, steps).shown.at(-1)?.saw.join('; ') ?? ''

/** How each gas is prepared at the bench, and what it does in its test (common practice; school data booklets). */
const MADE: readonly (readonly [gas: string, tube: Tube, steps: readonly TubeStep[], test: GasTestName, says: RegExp])[] = [
  ['CO2', solution('carbonate'), [add('HCl(aq)', 'excess')], 'limewater', /turned milky/],
  ['NH3', solution('NH4'), [add('NaOH(aq)', 'excess'), { do: 'warm' }], 'damp red litmus paper', /turned blue/],
  ['SO2', solution('sulfite'), [add('HCl(aq)', 'excess'), { do: 'warm' }], 'acidified manganate(VII) paper', /colourless/],
  ['H2S', solution('sulfide'), [add('HCl(aq)', 'excess')], 'lead(II) ethanoate paper', /turned black/],
  ['H2', solution('nitrate'), [add('HCl(aq)', 'excess'), add('Mg(s)')], 'lighted splint', /pop/],
  ['O2', freshTube({}, 1), [add('H2O2(aq)', 'excess'), add('MnO2(s)')], 'glowing splint', /relit/],
  ['Cl2', freshTube({}, 1), [add('HCl(conc)', 'excess'), add('KMnO4(aq)', '1 cm3')], 'damp blue litmus paper', /bleached/],
  ['NO2', solid('Pb(NO3)2'), [{ do: 'heat' }], 'damp blue litmus paper', /turned red/],
  ['HCl', solid('NaCl'), [add('H2SO4(conc)', '1 cm3')], 'glass rod with aqueous ammonia', /white smoke/],
  ['H2O', solid('CuSO4.5H2O'), [{ do: 'heat' }], 'cobalt(II) chloride paper', /blue to pink/],
]

describe('gases', () => {
  it.each(MADE)('%s is made and known by its test', (gas, tube, steps, test, says) => {
    const made = playSteps(tube, steps)
    expect(made.shown.at(-1)?.gases).toContain(gas)
    expect(said(made.tube, [{ do: 'gas', reagent: test }])).toMatch(says)
  })

  it.each(GASES.flatMap(({ gas, usual, made }) => (made ? [[gas, made, usual] as const] : [])))(
    '%s comes off by its recipe',
    (gas, { from, steps }, test) => {
      const made = playSteps(from.solid ? dryTube({ [from.solid]: 0.005 }) : freshTube(from.solution ?? {}, 2), steps)
      expect(made.shown.at(-1)?.gases).toContain(gas)
      expect(said(made.tube, [{ do: 'gas', reagent: test }])).not.toMatch(NOTHING)
    },
  )

  it('do nothing in tests that are not theirs', () => {
    const carbonDioxide = playSteps(solution('carbonate'), [add('HCl(aq)', 'excess')]).tube
    for (const { test } of GAS_TESTS) {
      if (resultOf(test, 'CO2')) continue
      expect(said(carbonDioxide, [{ do: 'gas', reagent: test }])).toMatch(NOTHING)
    }
  })

  it('carbon dioxide turns limewater milky, and much of it clears most again (saturated limewater)', () => {
    const limewater = freshTube({ 'Ca2+': 0.01, 'OH-': 0.02 }, 2)
    const little = playSteps(limewater, [add('CO2(g)', 'drops')])
    expect(Object.keys(little.shown[0]?.solids ?? {})).toContain('CaCO3')
    const much = playSteps(little.tube, [add('CO2(g)', 'excess')])
    expect(much.shown[0]?.saw.join()).toMatch(/dissolved/)
  })
})

/** Flames (common practice). */
const FLAMES: readonly Row[] = [
  ['Li', [{ do: 'flame' }], /^red flame$/],
  ['Na', [{ do: 'flame' }], /^yellow flame$/],
  ['K', [{ do: 'flame' }], /^lilac flame$/],
  ['Ca', [{ do: 'flame' }], /^brick-red flame$/],
  ['Sr', [{ do: 'flame' }], /^red flame$/],
  ['Ba', [{ do: 'flame' }], /^pale green flame$/],
  ['Cu', [{ do: 'flame' }], /^blue-green flame$/],
  ['Mg', [{ do: 'flame' }], NOTHING],
]
compare('flames', FLAMES)

it('sodium covers potassium, which shows through blue glass', () => {
  expect(said(freshTube({ 'Na+': 0.1, 'K+': 0.1, 'Cl-': 0.2 }, 1), [{ do: 'flame' }])).toBe(
    'yellow flame, lilac through blue glass',
  )
})

compare('papers, boiling and standing', [
  ['carbonate', [add('red litmus')], /red litmus paper blue/],
  ['Al', [add('blue litmus')], /blue litmus paper red/],
  ['chloride', [add('blue litmus')], NOTHING],
  ['Cu', [add('NaOH(aq)', 'excess'), { do: 'boil' }], /pale blue precipitate turned black/],
  ['Fe2', [add('NaOH(aq)', 'excess'), { do: 'stand' }], /green precipitate turned red-brown/],
  ['Mn', [add('NaOH(aq)', 'excess'), { do: 'stand' }], /off-white precipitate turned brown/],
  ['Co', [add('NaOH(aq)', 'excess'), { do: 'stand' }], /blue precipitate turned brown/],
  ['chloride', [add('AgNO3(aq)'), { do: 'stand' }], /white precipitate turned grey/],
  ['Pb', [add('KI(aq)'), { do: 'warm' }], /dissolved/],
  ['nitrate', [add('FeSO4(aq)', '1 cm3'), add('H2SO4(conc)', '1 cm3')], /brown ring/],
])

/** Dry solids over a burner (common practice; data booklets). */
describe('solids heated', () => {
  it.each<[string, readonly RegExp[]]>([
    ['ZnCO3', [/white to yellow while hot/, /limewater milky/]],
    ['CuCO3', [/blue-green to black/, /limewater milky/]],
    ['CuSO4.5H2O', [/blue to white/, /droplets/]],
    ['KNO3', [/melted/, /relit a glowing splint/]],
    ['Pb(NO3)2', [/crackled/, /brown gas/, /relit/]],
    ['NH4Cl', [/white solid appeared on the cooler part/]],
    ['NaHCO3', [/limewater milky/, /droplets/]],
    ['NaCl', [NOTHING]],
  ])('%s', (formula, says) => {
    const shown = said(solid(formula), [{ do: 'heat' }])
    for (const one of says) expect(shown).toMatch(one)
  })

  it('zinc oxide is white again when it is cold', () => {
    expect(said(solid('ZnCO3'), [{ do: 'heat' }, { do: 'cool' }])).toBe('solid turned from yellow to white on cooling')
  })

  it('a solid carbonate fizzes in acid and is gone', () => {
    expect(said(solid('ZnCO3'), [add('HCl(aq)', 'excess')])).toMatch(/limewater milky/)
    expect(said(solid('ZnCO3'), [{ do: 'look' }])).toBe('white solid')
    expect(said(solid('NiCl2.6H2O'), [{ do: 'dissolve' }, { do: 'look' }])).toBe('green solution')
  })
})

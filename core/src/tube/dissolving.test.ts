import { describe, expect, it } from 'vitest'
import { colourOfDry, heatingOf } from './drySolids.ts'
import { dryTube, freshTube, playSteps, runSteps, sayFact, type TubeStep } from './index.ts'
import { add, IONS } from './testing/rows.ts'

const saw = (shown: { readonly facts: readonly Parameters<typeof sayFact>[0][] } | undefined) => shown?.facts.map(sayFact)

describe('a dry solid that meets a liquid', () => {
  const equationsOf = (dry: string, bottle: string) =>
    playSteps(dryTube({ [dry]: 5e-4 }), [add(bottle, 'excess')]).shown.flatMap(({ equations }) => equations)

  // Equations of school inorganic chemistry (common practice).
  it.each([
    ['ZnO', 'HCl(aq)', 'ZnO(s) + 2H+(aq) -> Zn2+(aq) + H2O(l)'],
    ['ZnO', 'NaOH(aq)', 'ZnO(s) + 2OH-(aq) + H2O(l) -> Zn(OH)4^2-(aq)'],
    ['MgO', 'HCl(aq)', 'MgO(s) + 2H+(aq) -> Mg2+(aq) + H2O(l)'],
    ['PbO', 'HNO3(aq)', 'PbO(s) + 2H+(aq) -> Pb2+(aq) + H2O(l)'],
    ['CaO', 'H2O(l)', 'CaO(s) + H2O(l) -> Ca(OH)2(s)'],
    ['CaCO3', 'HCl(aq)', 'CaCO3(s) + 2H+(aq) -> Ca2+(aq) + CO2(g) + H2O(l)'],
  ])('%s in %s: %s', (dry, bottle, equation) => {
    expect(equationsOf(dry, bottle)[0]).toBe(equation)
  })

  it('that stays as it is has none, and a salt that dissolves comes down as what it comes down as', () => {
    expect(equationsOf('CaCO3', 'H2O(l)')).toEqual([])
    expect(equationsOf('CuSO4', 'NaOH(aq)')).toEqual(['Cu2+(aq) + 2OH-(aq) -> Cu(OH)2(s)'])
  })
})

describe('a precipitate that dissolves', () => {
  // Ionic equations of qualitative analysis (Svehla's edition of Vogel's textbook; from memory).
  it.each([
    ['Al', 'NaOH(aq)', 'NaOH(aq)', 'Al(OH)3(s) + OH-(aq) -> Al(OH)4-(aq)'],
    ['Zn', 'NaOH(aq)', 'NaOH(aq)', 'Zn(OH)2(s) + 2OH-(aq) -> Zn(OH)4^2-(aq)'],
    ['Cr', 'NaOH(aq)', 'NaOH(aq)', 'Cr(OH)3(s) + OH-(aq) -> Cr(OH)4-(aq)'],
    ['Zn', 'NH3(aq)', 'NH3(aq)', 'Zn(OH)2(s) + 4NH3(aq) -> Zn(NH3)4^2+(aq) + 2OH-(aq)'],
    ['Cu', 'NH3(aq)', 'NH3(aq)', 'Cu(OH)2(s) + 4NH3(aq) -> Cu(NH3)4^2+(aq) + 2OH-(aq)'],
    ['Ni', 'NH3(aq)', 'NH3(aq)', 'Ni(OH)2(s) + 6NH3(aq) -> Ni(NH3)6^2+(aq) + 2OH-(aq)'],
    ['chloride', 'AgNO3(aq)', 'NH3(aq)', 'AgCl(s) + 2NH3(aq) -> Ag(NH3)2+(aq) + Cl-(aq)'],
    ['bromide', 'AgNO3(aq)', 'Na2S2O3(aq)', 'AgBr(s) + 2S2O3^2-(aq) -> Ag(S2O3)2^3-(aq) + Br-(aq)'],
    ['ethanedioate', 'AgNO3(aq)', 'NH3(aq)', 'Ag2C2O4(s) + 4NH3(aq) -> 2Ag(NH3)2+(aq) + C2O4^2-(aq)'],
    ['Ca', 'Na2CO3(aq)', 'HCl(aq)', 'CaCO3(s) + 2H+(aq) -> Ca2+(aq) + CO2(g) + H2O(l)'],
    ['Fe2', 'NaOH(aq)', 'HCl(aq)', 'Fe(OH)2(s) + 2H+(aq) -> Fe2+(aq) + 2H2O(l)'],
    ['Mn', 'Na2S(aq)', 'HCl(aq)', 'MnS(s) + 2H+(aq) -> Mn2+(aq) + H2S(g)'],
    ['Al', 'Na2CO3(aq)', 'HCl(aq)', 'Al(OH)3(s) + 3H+(aq) -> Al3+(aq) + 3H2O(l)'],
  ])('of %s with %s, then %s: %s', (ion, first, then, equation) => {
    const [, second] = runSteps(IONS[ion] ?? {}, 1, [add(first), add(then, 'excess')])
    expect(second?.equations).toContain(equation)
  })

  it('is said with the right article', () => {
    expect(sayFact({ kind: 'dissolves', how: 'completely', giving: 'orange' })).toBe(
      'precipitate dissolved giving an orange solution',
    )
    expect(sayFact({ kind: 'dissolves', how: 'completely', giving: 'colourless' })).toBe(
      'precipitate dissolved giving a colourless solution',
    )
  })
})

describe('a dry solid over a burner', () => {
  it.each([
    ['CuSO4.5H2O', 'CuSO4.5H2O(s) -> CuSO4(s) + 5H2O(g)', { H2O: 5 }, { CuSO4: 1 }],
    ['Na2CO3.H2O', 'Na2CO3.H2O(s) -> Na2CO3(s) + H2O(g)', { H2O: 1 }, { Na2CO3: 1 }],
    ['CoCl2·6H2O', 'CoCl2.6H2O(s) -> CoCl2(s) + 6H2O(g)', { H2O: 6 }, { CoCl2: 1 }],
    ['Na2CO3.10H2O', 'Na2CO3.10H2O(s) -> Na2CO3(s) + 10H2O(g)', { H2O: 10 }, { Na2CO3: 1 }],
    [
      'Cu(NO3)2.3H2O',
      'Cu(NO3)2.3H2O(s) -> Cu(NO3)2(s) + 3H2O(g); 2Cu(NO3)2(s) -> 2CuO(s) + 4NO2(g) + O2(g)',
      { H2O: 3, NO2: 2, O2: 0.5 },
      { CuO: 1 },
    ],
  ])('%s loses its water first: %s', (formula, equation, gases, leaves) => {
    expect(heatingOf(formula)).toEqual({ equation, gases, leaves })
  })

  it('of which nothing is known does nothing', () => {
    expect(heatingOf('NaCl')).toBeUndefined()
  })

  it('leaves as much as its equation says, and the amounts of what it gives off', () => {
    const { tube } = playSteps(dryTube({ 'Pb(NO3)2': 0.005 }), [{ do: 'heat' }])
    expect(tube.contents.dry).toEqual({ PbO: expect.closeTo(0.005, 12) })
    expect(tube.peak).toBeCloseTo(0.005, 12)
    expect(tube.above.map(({ gas, amount }) => [gas, amount])).toEqual([
      ['NO2', expect.closeTo(0.01, 12)],
      ['O2', expect.closeTo(0.0025, 12)],
    ])
  })

  it('has the colour of its ions, or its own; zinc oxide another while it is hot', () => {
    expect(['CuSO4.5H2O', 'KMnO4', 'NaCl', 'MnCl2'].map((formula) => colourOfDry(formula, false))).toEqual([
      'blue',
      'black',
      'white',
      'pale pink',
    ])
    expect([colourOfDry('ZnO', true), colourOfDry('ZnO', false)]).toEqual(['yellow', 'white'])
  })

  it('of two solids is seen as the one there is more of', () => {
    const { shown } = playSteps(dryTube({ CuCO3: 0.005, NaCl: 0.0001 }), [{ do: 'heat' }])
    expect(saw(shown[0])).toContain('solid turned from blue-green to black while hot')
  })
})

describe('a gas', () => {
  const steps = (contains: Readonly<Record<string, number>>, ...all: TubeStep[]) => runSteps(contains, 1, all)

  it('of peroxide with manganese(IV) oxide is oxygen; without either there is none', () => {
    const [given] = steps({ H2O2: 0.9 }, add('MnO2(s)'))
    expect(given?.equations).toEqual(['2H2O2(aq) -> 2H2O(l) + O2(g)'])
    expect(saw(given)).toContain('effervescence; gas relit a glowing splint')
    expect(steps({ H2O2: 0.9 }, add('NaOH(aq)'))[0]?.equations).toEqual([])
    expect(steps({ NaCl: 0.1 }, add('MnO2(s)'))[0]?.equations).toEqual([])
  })

  it('of carbonate with acid is carbon dioxide, and no more of it than there was', () => {
    const [acid, again] = steps(IONS.carbonate ?? {}, add('HCl(aq)', 'excess'), add('HCl(aq)', 'excess'))
    expect(acid?.equations).toContain('CO3^2-(aq) + 2H+(aq) -> CO2(g) + H2O(l)')
    expect(again?.equations).toEqual([])
  })
})

describe('an upper layer', () => {
  it('takes the halogen out of the water, and its colour with it', () => {
    const [freed, shaken] = runSteps(IONS.iodide ?? {}, 1, [add('Cl2(aq)'), add('C6H12(l)', '1 cm3')])
    expect(freed?.equations).toEqual(['Cl2(aq) + 2I-(aq) -> 2Cl-(aq) + I2(aq)'])
    expect(saw(shaken)).toEqual(['purple upper layer', 'solution turned from brown to colourless'])
    expect(shaken?.equations).toEqual([])
  })
})

describe('standing in air', () => {
  it('turns iron(II) hydroxide red-brown, and nothing else', () => {
    const [, stood] = runSteps(IONS.Fe2 ?? {}, 1, [add('NaOH(aq)'), { do: 'stand' }])
    expect(saw(stood)).toEqual(['green precipitate turned red-brown'])
    expect(stood?.equations[0]).toBe('4Fe(OH)2(s) + O2(g) + 2H2O(l) -> 4Fe(OH)3(s)')
    const [, idle] = runSteps(IONS.Mg ?? {}, 1, [add('NaOH(aq)'), { do: 'stand' }])
    expect(idle?.equations).toEqual([])
  })

  it('changes part of the solid in the tube, as much as there is', () => {
    const played = (cm3: number) => playSteps(freshTube(IONS.Fe2 ?? {}, cm3), [add('NaOH(aq)', '5 cm3'), { do: 'stand' }]).tube
    const [one, two] = [played(1), played(2)]
    expect((two.contents.amounts.Fe3 ?? 0) / (one.contents.amounts.Fe3 ?? 1)).toBeCloseTo(2, 1)
    expect(one.contents.amounts.Fe3).toBeCloseTo(0.6e-4, 6)
  })
})

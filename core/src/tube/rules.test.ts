import { describe, expect, it } from 'vitest'
import { dryTube, runStep, runSteps, type TubeStep } from './index.ts'

const add = (reagent: string, amount = 'drops'): TubeStep => ({ do: 'add', reagent, amount })
const piece = (reagent: string) => add(reagent, 'piece')
const says = (contains: Readonly<Record<string, number>>, ...steps: readonly TubeStep[]) =>
  runSteps(contains, 1, steps).at(-1)?.saw.join('; ')
const heated = (formula: string) => runStep(dryTube({ [formula]: 5e-4 }), { do: 'heat' }).shown

/* Tubes of the reactivity series and of complexes (common practice; from memory of Vogel’s textbook). */
describe('metals in solutions', () => {
  it.each([
    ['zinc puts out copper', { 'Cu2+': 0.2, 'SO4^2-': 0.2 }, 'Zn(s)', /^red-brown/],
    ['iron puts out copper', { 'Cu2+': 0.2, 'SO4^2-': 0.2 }, 'Fe(s)', /^red-brown/],
    ['copper puts out silver', { 'Ag+': 0.1, 'NO3-': 0.1 }, 'Cu(s)', /^grey/],
    ['zinc puts out lead', { 'Pb2+': 0.1, 'NO3-': 0.2 }, 'Zn(s)', /^grey/],
    ['iron frees hydrogen from acid', { 'H+': 0.5, 'Cl-': 0.5 }, 'Fe(s)', /pop at a lighted splint/],
    ['copper leaves dilute acid', { 'H+': 0.5, 'Cl-': 0.5 }, 'Cu(s)', /^no visible change$/],
    ['copper leaves zinc', { 'Zn2+': 0.1, 'SO4^2-': 0.1 }, 'Cu(s)', /^no visible change$/],
  ])('%s', (_, contains, metal, seen) => {
    expect(says(contains as Readonly<Record<string, number>>, piece(metal))).toMatch(seen)
  })

  it('say what they do by a balanced equation', () => {
    const [step] = runSteps({ 'Ag+': 0.1, 'NO3-': 0.1 }, 1, [piece('Cu(s)')])
    expect(step?.equations).toEqual(['Cu(s) + 2Ag+(aq) -> Cu2+(aq) + 2Ag(s)'])
  })

  it('are not known to do nothing where no rule speaks: zinc in nickel, aluminium in copper', () => {
    expect(says({ 'Ni2+': 0.1, 'SO4^2-': 0.1 }, piece('Zn(s)'))).toBe('not known to the model')
    expect(says({ 'Cu2+': 0.1, 'SO4^2-': 0.1 }, piece('Al(s)'))).toBe('not known to the model')
    expect(says({ 'Na+': 0.1, 'Cl-': 0.1 }, piece('Zn(s)'))).toBe('no visible change')
  })
})

/* Decompositions (common practice; from memory of Vogel’s textbook). */
describe('dry salts over a burner', () => {
  it.each([
    ['KNO3', /melted; gas relit/],
    ['LiNO3', /brown gas.*relit/],
    ['Cu(NO3)2.3H2O', /black while hot; colourless droplets.*brown gas.*relit/],
    ['Al(NO3)3', /brown gas/],
    ['ZnCO3', /yellow while hot; gas turned limewater milky/],
    ['Na2CO3', /^no visible change$/],
    ['CaCO3', /^no visible change$/],
    ['NaHCO3', /limewater milky; colourless droplets/],
    ['CuSO4.5H2O', /from blue to white while hot; colourless droplets/],
    ['NH4Cl', /appeared on the cooler part/],
    ['NH4I', /appeared on the cooler part/],
    ['KClO3', /melted; gas relit/],
    ['NH4NO3', /melted; colourless droplets/],
    ['Mg(OH)2', /^colourless droplets/],
    ['Fe(OH)3', /colourless droplets/],
    ['HgO', /relit/],
    ['Pb3O4', /relit/],
    ['(NH4)2Cr2O7', /from orange to green/],
    ['NaCl', /^no visible change$/],
  ])('%s', (formula, seen) => {
    expect(heated(formula).saw.join('; ')).toMatch(seen)
  })

  it('are not said to stay as they are where no rule speaks', () => {
    for (const formula of ['Na2S2O3.5H2O', 'CH3COONa', 'KSCN', 'Al2(SO4)3'])
      expect(heated(formula).saw, formula).toEqual(['not known to the model'])
  })
})

describe('complexes, gases and colours that come and go', () => {
  it.each([
    [
      'carbon dioxide in plenty clears limewater',
      // Limewater with as much water again.
      { 'Ca2+': 0.01, 'OH-': 0.02 },
      [add('CO2(g)'), add('CO2(g)', 'excess')],
      /^precipitate dissolved/,
    ],
    [
      'solid carbonate fizzes in acid',
      { 'H+': 1, 'Cl-': 1 },
      [add('Na2CO3(s)', 'solid')],
      /^effervescence; gas turned limewater milky/,
    ],
    [
      'copper(II) in concentrated hydrochloric acid',
      { 'Cu2+': 0.2, 'SO4^2-': 0.2 },
      [add('HCl(conc)', 'excess')],
      /yellow-green/,
    ],
    ['cobalt(II) in concentrated hydrochloric acid', { 'Co2+': 0.2, 'Cl-': 0.4 }, [add('HCl(conc)', 'excess')], /to blue/],
    ['copper(I) iodide with its iodine', { 'Cu2+': 0.1, 'SO4^2-': 0.1 }, [add('KI(aq)')], /off-white precipitate; .*brown/],
    ['iron(III) and thiosulfate', { 'Fe3+': 0.1, 'Cl-': 0.3 }, [add('Na2S2O3(aq)')], /turned purple, then the colour faded/],
    ['iron(III) and ethanoate', { 'Fe3+': 0.1, 'Cl-': 0.3 }, [add('NaCH3COO(aq)', 'equal')], /blood red/],
    ['the same boiled', { 'Fe3+': 0.1, 'Cl-': 0.3 }, [add('NaCH3COO(aq)', 'equal'), { do: 'boil' }], /red-brown precipitate/],
    [
      'dichromate and hydrogen peroxide',
      { 'K+': 0.2, 'CrO4^2-': 0.1 },
      [add('H2SO4(aq)', 'equal'), add('H2O2(aq)')],
      /turned deep blue, then the colour faded/,
    ],
    ['silver carbonate', { 'K+': 0.2, 'CO3^2-': 0.1 }, [add('AgNO3(aq)')], /^pale yellow precipitate$/],
    ['silver phosphate', { 'Na+': 0.3, 'PO4^3-': 0.1 }, [add('AgNO3(aq)')], /^yellow precipitate$/],
    [
      'cobalt(II) in excess ammonia',
      { 'Co2+': 0.1, 'Cl-': 0.2 },
      [add('NH3(aq)'), add('NH3(aq)', 'excess')],
      /dissolved giving a yellow-brown/,
    ],
    ['sulfite in acid', { 'Na+': 0.2, 'SO3^2-': 0.1 }, [add('HCl(aq)', 'excess')], /^choking gas/],
    [
      'nickel(II) with dimethylglyoxime',
      { 'Ni2+': 0.1, 'SO4^2-': 0.1 },
      [add('NH3(aq)', 'excess'), add('C4H8N2O2(aq)')],
      /^red precipitate/,
    ],
    [
      'phosphate with molybdate',
      { 'Na+': 0.3, 'PO4^3-': 0.1 },
      [add('HNO3(aq)', 'equal'), add('(NH4)2MoO4(aq)', 'equal')],
      /^yellow precipitate$/,
    ],
  ])('%s', (_, contains, steps, seen) => {
    expect(says(contains as Readonly<Record<string, number>>, ...(steps as readonly TubeStep[]))).toMatch(seen)
  })
})

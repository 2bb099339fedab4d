import type { GasTestName } from './gasTests.ts'
import type { TubeStep } from './step.ts'

/** How a gas is made at the bench for its own sake. */
export interface GasRecipe {
  readonly gas: string
  readonly name: string
  /** What goes into the tube first: a dry solid, or a solution by ions, mol/dm³. */
  readonly from: { readonly solid?: string; readonly solution?: Readonly<Record<string, number>> }
  readonly steps: readonly TubeStep[]
  readonly reactants: string
  readonly warming: string
  readonly collection: string
  readonly test: GasTestName
  readonly caution: string
}

const add = (reagent: string, amount = 'excess'): TubeStep => ({ do: 'add', reagent, amount })
const FUME = 'Fume cupboard only; waft, never inhale.'

/** Recipes (common practice); each is played by the model in the tests. */
export const GAS_RECIPES: readonly GasRecipe[] = [
  {
    gas: 'H2',
    name: 'hydrogen',
    from: { solution: {} },
    steps: [add('HCl(aq)'), add('Mg(s)', 'piece')],
    reactants: 'zinc or magnesium with dilute hydrochloric or sulfuric acid',
    warming: 'none',
    collection: 'over water, or upwards in an inverted tube: lighter than air',
    test: 'lighted splint',
    caution: 'No flame near but the splint at a small tube: hydrogen with air explodes.',
  },
  {
    gas: 'O2',
    name: 'oxygen',
    from: { solution: {} },
    steps: [add('H2O2(aq)'), add('MnO2(s)', 'solid')],
    reactants: 'hydrogen peroxide with a little manganese(IV) oxide',
    warming: 'none',
    collection: 'over water',
    test: 'glowing splint',
    caution: 'It foams and warms up: a small amount in a large tube.',
  },
  {
    gas: 'CO2',
    name: 'carbon dioxide',
    from: { solution: { 'CO3^2-': 0.5, 'Na+': 1 } },
    steps: [add('HCl(aq)')],
    reactants: 'a carbonate (marble) with dilute hydrochloric acid; sulfuric acid soon stops on marble',
    warming: 'none',
    collection: 'downwards, heavier than air; over water some is lost',
    test: 'limewater',
    caution: 'It fizzes over if the acid goes in at once.',
  },
  {
    gas: 'NH3',
    name: 'ammonia',
    from: { solution: { 'NH4+': 0.5, 'Cl-': 0.5 } },
    steps: [add('NaOH(aq)'), { do: 'warm' }],
    reactants: 'an ammonium salt with an alkali, as solids with calcium hydroxide or in solution',
    warming: 'gently',
    collection: 'upwards in a dry tube: lighter than air, and very soluble',
    test: 'damp red litmus paper',
    caution: FUME,
  },
  {
    gas: 'SO2',
    name: 'sulfur dioxide',
    from: { solution: { 'SO3^2-': 0.5, 'Na+': 1 } },
    steps: [add('HCl(aq)'), { do: 'warm' }],
    reactants: 'a sulfite with dilute hydrochloric acid',
    warming: 'gently',
    collection: 'downwards in a dry tube: heavier than air, soluble',
    test: 'acidified manganate(VII) paper',
    caution: `${FUME} Chokes; dangerous to those with asthma.`,
  },
  {
    gas: 'HCl',
    name: 'hydrogen chloride',
    from: { solid: 'NaCl' },
    steps: [add('H2SO4(conc)', '1 cm3')],
    reactants: 'sodium chloride with a few drops of concentrated sulfuric acid',
    warming: 'none',
    collection: 'downwards in a dry tube: heavier than air, very soluble',
    test: 'glass rod with aqueous ammonia',
    caution: `${FUME} Concentrated acid: the demonstrator’s hands.`,
  },
  {
    gas: 'Cl2',
    name: 'chlorine',
    from: { solution: {} },
    steps: [add('HCl(conc)'), add('KMnO4(aq)', '1 cm3')],
    reactants: 'concentrated hydrochloric acid with manganate(VII), or with manganese(IV) oxide and warming',
    warming: 'none with manganate(VII)',
    collection: 'downwards in a dry tube: heavier than air',
    test: 'damp blue litmus paper',
    caution: `${FUME} Toxic: a demonstration, never a student’s preparation without leave.`,
  },
  {
    gas: 'NO2',
    name: 'nitrogen dioxide',
    from: { solid: 'Pb(NO3)2' },
    steps: [{ do: 'heat' }],
    reactants: 'a nitrate of a heavy metal, heated strongly',
    warming: 'strongly',
    collection: 'downwards in a dry tube: heavier than air',
    test: 'damp blue litmus paper',
    caution: `${FUME} Toxic brown gas.`,
  },
  {
    gas: 'H2S',
    name: 'hydrogen sulfide',
    from: { solution: { 'S^2-': 0.3, 'Na+': 0.6 } },
    steps: [add('HCl(aq)')],
    reactants: 'a sulfide with dilute hydrochloric acid',
    warming: 'none',
    collection: 'downwards: heavier than air',
    test: 'lead(II) ethanoate paper',
    caution: `${FUME} Very toxic, and the nose soon stops smelling it.`,
  },
  {
    gas: 'H2O',
    name: 'water vapour',
    from: { solid: 'CuSO4.5H2O' },
    steps: [{ do: 'heat' }],
    reactants: 'a hydrated salt, heated',
    warming: 'gently',
    collection: 'as droplets on the cool part of the tube',
    test: 'cobalt(II) chloride paper',
    caution: 'Tilt the tube a little downwards: drops that run back crack hot glass.',
  },
]

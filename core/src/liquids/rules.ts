import type { Group } from './kinds.ts'
import type { Sign } from './signs.ts'

/** What bottles do together to a group, when all of them are in. */
export interface Rule {
  readonly bottles: readonly string[]
  /** Only when it is warmed. */
  readonly warm?: true
  readonly groups: readonly Group[]
  readonly shows: readonly Sign[]
  /** How often it shows; always where nothing is said (judgement: what is slow is missed). */
  readonly often?: number
}

const ALCOHOLS: readonly Group[] = ['alcohol 1°', 'alcohol 2°', 'alcohol 3°']
const CARBONATES = ['Na2CO3(aq)', 'Na2CO3(s)', 'NaHCO3(aq)', 'NaHCO3(s)'] as const
const OXIDISED: readonly Group[] = ['alcohol 1°', 'alcohol 2°', 'aldehyde', 'methanoate']
const REDUCING: readonly Group[] = ['aldehyde', 'methanoate', 'reducing sugar']

/**
 * Tests of functional groups, as textbooks of organic chemistry have them (F. G. Mann and B. C. Saunders, Practical Organic
 * Chemistry; B. S. Furniss and others, Vogel's Textbook of Practical Organic Chemistry, chapter 9: recalled from memory).
 */
export const RULES: readonly Rule[] = [
  { bottles: ['Br2(aq)'], groups: ['C=C'], shows: ['decolourised'] },
  { bottles: ['Br2(aq)'], groups: ['phenol'], shows: ['decolourised', 'precipitate white'] },
  { bottles: ['Br2(aq)'], groups: ['aldehyde', 'methanoate'], shows: ['decolourised'], often: 0.2 },
  { bottles: ['KMnO4(aq)', 'H2SO4(aq)'], groups: ['C=C', 'aldehyde', 'methanoate'], shows: ['decolourised'] },
  { bottles: ['KMnO4(aq)', 'H2SO4(aq)'], warm: true, groups: OXIDISED, shows: ['decolourised'] },
  { bottles: ['KMnO4(aq)'], groups: ['C=C'], shows: ['decolourised'], often: 0.9 },
  { bottles: ['KMnO4(aq)'], groups: ['C=C'], shows: ['precipitate brown'], often: 0.5 },
  { bottles: ['K2Cr2O7(aq)', 'H2SO4(aq)'], warm: true, groups: OXIDISED, shows: ['solution green'] },
  { bottles: ['K2Cr2O7(aq)', 'H2SO4(aq)'], warm: true, groups: ['reducing sugar'], shows: ['solution green'], often: 0.5 },
  { bottles: ['ammoniacal silver nitrate'], warm: true, groups: REDUCING, shows: ['mirror'] },
  {
    bottles: ['alkaline copper(II) tartrate'],
    warm: true,
    groups: ['aldehyde', 'reducing sugar'],
    shows: ['precipitate brick-red'],
  },
  {
    bottles: ['alkaline copper(II) citrate'],
    warm: true,
    groups: ['aldehyde', 'reducing sugar'],
    shows: ['precipitate brick-red'],
  },
  { bottles: ['2,4-DNPH'], groups: ['aldehyde', 'ketone'], shows: ['precipitate orange'] },
  { bottles: ['2,4-DNPH'], groups: ['reducing sugar'], shows: ['precipitate orange'], often: 0.2 },
  {
    bottles: ['I2(aq)', 'NaOH(aq)'],
    warm: true,
    groups: ['CH3CO-'],
    shows: ['precipitate pale yellow', 'smell antiseptic'],
  },
  { bottles: ['I2(aq)', 'NaOH(aq)'], groups: ['CH3CO-'], shows: ['precipitate pale yellow'], often: 0.5 },
  { bottles: ['Na(s)'], groups: [...ALCOHOLS, 'acid', 'phenol', 'water'], shows: ['fizzes'] },
  ...CARBONATES.map((bottle): Rule => ({ bottles: [bottle], groups: ['acid', 'strong acid'], shows: ['fizzes'] })),
  { bottles: ['Mg(s)'], groups: ['acid', 'strong acid'], shows: ['fizzes'] },
  { bottles: ['blue litmus'], groups: ['acid', 'strong acid'], shows: ['acid'] },
  { bottles: ['blue litmus'], groups: ['phenol'], shows: ['acid'], often: 0.3 },
  { bottles: ['universal indicator'], groups: ['acid', 'strong acid'], shows: ['acid'] },
  { bottles: ['red litmus'], groups: ['alkali'], shows: ['alkali'] },
  { bottles: ['universal indicator'], groups: ['alkali'], shows: ['alkali'] },
  { bottles: ['CH3COOH(l)', 'H2SO4(conc)'], warm: true, groups: ['alcohol 1°', 'alcohol 2°'], shows: ['smell fruity'] },
  { bottles: ['CH3COOH(l)', 'H2SO4(conc)'], warm: true, groups: ['alcohol 3°'], shows: ['smell fruity'], often: 0.3 },
  { bottles: ['C2H5OH(l)', 'H2SO4(conc)'], warm: true, groups: ['acid'], shows: ['smell fruity'] },
  { bottles: ['HCl(conc)'], groups: ['alcohol 3°'], shows: ['precipitate white'] },
  { bottles: ['NaOH(aq)'], warm: true, groups: ['ester'], shows: ['mixes'] },
  { bottles: ['FeCl3(aq)'], groups: ['phenol'], shows: ['solution purple'] },
  { bottles: ['AgNO3(aq)'], warm: true, groups: ['C-Cl'], shows: ['precipitate white'], often: 0.8 },
  { bottles: ['AgNO3(aq)'], warm: true, groups: ['C-Br'], shows: ['precipitate cream'] },
  { bottles: ['AgNO3(aq)'], warm: true, groups: ['C-I'], shows: ['precipitate pale yellow'] },
  { bottles: ['AgNO3(aq)'], groups: ['C-I'], shows: ['precipitate pale yellow'], often: 0.4 },
  { bottles: ['AgNO3(aq)'], groups: ['ions', 'strong acid'], shows: ['precipitate white'], often: 0.4 },
  { bottles: ['AgNO3(aq)'], groups: ['alkali'], shows: ['precipitate brown'] },
  { bottles: ['H2SO4(conc)'], groups: ['sugar'], shows: ['chars'] },
  { bottles: ['CuSO4(s)'], groups: ['water'], shows: ['solid blue'] },
]

/** Bottles that split a sugar of two into sugars that reduce, when they are boiled with it. */
export const SPLITS: readonly string[] = ['HCl(aq)', 'H2SO4(aq)']

/** Bottles whose tests are known for liquids, though not for solutions of ions. */
export const TESTS_LIQUIDS: ReadonlySet<string> = new Set([...RULES.flatMap(({ bottles }) => bottles), ...SPLITS])

/** Colour that a bottle brings, which is no sign of anything (common practice). */
export const BRINGS: Readonly<Record<string, string>> = {
  'Br2(aq)': 'orange',
  'KMnO4(aq)': 'purple',
  'K2Cr2O7(aq)': 'orange',
  'I2(aq)': 'brown',
  'alkaline copper(II) tartrate': 'blue',
  'alkaline copper(II) citrate': 'blue',
  'FeCl3(aq)': 'yellow',
  '2,4-DNPH': 'orange',
}

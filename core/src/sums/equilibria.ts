import type { Sum } from './sum.ts'

const HYDROGEN = { key: 'h', symbol: '[H⁺]', says: 'concentration of hydrogen ions', unit: 'mol/dm3' } as const
const ACIDITY = { key: 'Ka', symbol: 'Ka', says: 'acid dissociation constant', unit: 'mol/dm3' } as const
const ACID = { key: 'c', symbol: 'c', says: 'concentration of the acid', unit: 'mol/dm3' } as const
const PH = { key: 'pH', symbol: 'pH', says: 'pH', unit: '', signed: true } as const
const LITTLE_IONISED = 'only little of the acid is ionised: less than about 5 %'

const AS_LOGARITHM = [
  { gives: 'lg', symbol: 'log[H⁺]', says: 'logarithm of it', unit: '', formula: 'log[H⁺]', apply: 'log10', to: 'h' },
  {
    gives: 'pH',
    symbol: 'pH',
    says: 'pH',
    unit: '',
    places: 2,
    formula: '−log[H⁺]',
    over: ['lg'],
    factor: { over: -1, under: 1 },
  },
] as const
const FROM_PH = [
  {
    gives: 'less',
    symbol: '−pH',
    says: 'pH with its sign turned',
    unit: '',
    formula: '−pH',
    over: ['pH'],
    factor: { over: -1, under: 1 },
  },
  {
    gives: 'h',
    symbol: '[H⁺]',
    says: 'concentration of hydrogen ions',
    unit: 'mol/dm3',
    formula: '10^−pH',
    apply: 'power10',
    to: 'less',
  },
] as const

/** Equilibria of school: pH, weak acids, buffers, Kc, partition. Relations as in P. Atkins and others, Physical Chemistry. */
export const EQUILIBRIA: readonly Sum[] = [
  {
    id: 'pH',
    group: 'equilibria',
    says: 'pH from the concentration of hydrogen ions',
    takes: [HYDROGEN],
    lines: AS_LOGARITHM,
    signed: true,
    assumes: ['activities are taken as concentrations'],
    source: 'IUPAC Gold Book, pH',
  },
  {
    id: 'hydrogenFromPH',
    group: 'equilibria',
    says: 'concentration of hydrogen ions from pH',
    takes: [PH],
    lines: FROM_PH,
    assumes: ['activities are taken as concentrations'],
    source: 'IUPAC Gold Book, pH',
  },
  {
    id: 'pHOfBase',
    group: 'equilibria',
    says: 'pH of a strong base',
    takes: [
      { key: 'oh', symbol: '[OH⁻]', says: 'concentration of hydroxide', unit: 'mol/dm3' },
      { key: 'pKw', symbol: 'pKw', says: 'pKw of water', unit: '', usual: '14.00' },
    ],
    lines: [
      { gives: 'lg', symbol: 'log[OH⁻]', says: 'logarithm of it', unit: '', formula: 'log[OH⁻]', apply: 'log10', to: 'oh' },
      { gives: 'pH', symbol: 'pH', says: 'pH', unit: '', places: 2, formula: 'pKw + log[OH⁻]', plus: ['pKw', 'lg'] },
    ],
    signed: true,
    assumes: ['the base is wholly ionised, and the solution is at 25 °C'],
    source: 'IUPAC Gold Book, pH',
  },
  {
    id: 'pHOfWeakAcid',
    group: 'equilibria',
    says: 'pH of a weak acid',
    takes: [ACIDITY, ACID],
    lines: [
      { gives: 'square', symbol: 'Ka c', says: 'square of [H⁺]', unit: '(mol/dm3)^2', formula: 'Ka × c', over: ['Ka', 'c'] },
      {
        gives: 'h',
        symbol: '[H⁺]',
        says: 'concentration of hydrogen ions',
        unit: 'mol/dm3',
        formula: '√(Ka c)',
        apply: 'sqrt',
        to: 'square',
      },
      ...AS_LOGARITHM,
    ],
    signed: true,
    assumes: [LITTLE_IONISED, 'the hydrogen ions of water are left out'],
    source: 'Atkins, Physical Chemistry, weak acids; from memory',
  },
  {
    id: 'acidityFromPH',
    group: 'equilibria',
    says: 'Ka of a weak acid from its pH',
    takes: [PH, ACID],
    lines: [
      ...FROM_PH,
      {
        gives: 'Ka',
        symbol: 'Ka',
        says: 'acid dissociation constant',
        unit: 'mol/dm3',
        formula: '[H⁺]²/c',
        over: ['h', 'h'],
        under: ['c'],
      },
    ],
    assumes: [LITTLE_IONISED],
    source: 'Atkins, Physical Chemistry, weak acids; from memory',
  },
  {
    id: 'acidityAtHalf',
    group: 'equilibria',
    says: 'Ka from the pH at half the equivalence',
    takes: [PH],
    lines: [
      FROM_PH[0],
      {
        gives: 'Ka',
        symbol: 'Ka',
        says: 'acid dissociation constant',
        unit: 'mol/dm3',
        formula: '10^−pH',
        apply: 'power10',
        to: 'less',
      },
    ],
    assumes: ['half of the acid is there as its ion, so that [H⁺] = Ka'],
    source: 'Atkins, Physical Chemistry, acid-base titrations; from memory',
  },
  {
    id: 'buffer',
    group: 'equilibria',
    says: 'pH of a buffer',
    takes: [
      { key: 'pKa', symbol: 'pKa', says: 'pKa of the acid', unit: '', signed: true },
      { key: 'base', symbol: '[A⁻]', says: 'concentration of the ion', unit: 'mol/dm3' },
      { key: 'acid', symbol: '[HA]', says: 'concentration of the acid', unit: 'mol/dm3' },
    ],
    lines: [
      {
        gives: 'r',
        symbol: '[A⁻]/[HA]',
        says: 'ratio of ion to acid',
        unit: '',
        formula: '[A⁻]/[HA]',
        over: ['base'],
        under: ['acid'],
      },
      { gives: 'lg', symbol: 'log ratio', says: 'logarithm of it', unit: '', formula: 'log([A⁻]/[HA])', apply: 'log10', to: 'r' },
      { gives: 'pH', symbol: 'pH', says: 'pH', unit: '', places: 2, formula: 'pKa + log([A⁻]/[HA])', plus: ['pKa', 'lg'] },
    ],
    signed: true,
    assumes: ['neither changes noticeably by ionising or taking up hydrogen ions'],
    source: 'Atkins, Physical Chemistry, buffers; from memory',
  },
  {
    id: 'kcOfEster',
    group: 'equilibria',
    says: 'Kc of acid + alcohol ⇌ ester + water, from the acid left',
    takes: [
      { key: 'a0', symbol: 'n₀(acid)', says: 'amount of acid put in', unit: 'mol' },
      { key: 'b0', symbol: 'n₀(alcohol)', says: 'amount of alcohol put in', unit: 'mol' },
      { key: 'w0', symbol: 'n₀(water)', says: 'amount of water put in', unit: 'mol', usual: '0', signed: true },
      { key: 'a', symbol: 'n(acid)', says: 'amount of acid left', unit: 'mol' },
    ],
    lines: [
      {
        gives: 'x',
        symbol: 'n(ester)',
        says: 'amount of ester formed',
        unit: 'mol',
        formula: 'n₀(acid) − n(acid)',
        plus: ['a0'],
        minus: ['a'],
      },
      {
        gives: 'b',
        symbol: 'n(alcohol)',
        says: 'amount of alcohol left',
        unit: 'mol',
        formula: 'n₀(alcohol) − n(ester)',
        plus: ['b0'],
        minus: ['x'],
      },
      {
        gives: 'w',
        symbol: 'n(water)',
        says: 'amount of water there',
        unit: 'mol',
        formula: 'n₀(water) + n(ester)',
        plus: ['w0', 'x'],
      },
      {
        gives: 'Kc',
        symbol: 'Kc',
        says: 'equilibrium constant',
        unit: '',
        formula: 'n(ester) n(water)/(n(acid) n(alcohol))',
        over: ['x', 'w'],
        under: ['a', 'b'],
      },
    ],
    assumes: [
      'equilibrium had been reached and did not shift while titrating',
      'the volume cancels: as many molecules on either side',
    ],
    source: 'Atkins, Physical Chemistry, equilibrium constants; from memory',
  },
  {
    id: 'partition',
    group: 'equilibria',
    says: 'partition coefficient between two liquids',
    takes: [
      { key: 'c1', symbol: 'c(1)', says: 'concentration in the first liquid', unit: 'any' },
      { key: 'c2', symbol: 'c(2)', says: 'concentration in the second liquid', unit: 'any', like: 'c1' },
    ],
    lines: [
      { gives: 'K', symbol: 'K', says: 'partition coefficient', unit: '', formula: 'c(1)/c(2)', over: ['c1'], under: ['c2'] },
    ],
    assumes: ['the same species is in both, and they were shaken to equilibrium'],
    source: 'IUPAC Gold Book, partition ratio',
  },
]

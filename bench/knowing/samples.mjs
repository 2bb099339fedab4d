import { saltOf } from '@hop-lark/core/identify'

// Samples as a demonstrator might hand them out: judgement, made up, and not what identification takes for granted.

/** How often each ion is drawn. */
const CATIONS = {
  'Na+': 9, 'K+': 9, 'Li+': 2, 'NH4+': 8, 'Mg2+': 6, 'Ca2+': 6, 'Sr2+': 2, 'Ba2+': 5, 'Al3+': 6, 'Zn2+': 7, 'Pb2+': 4,
  'Ag+': 2, 'Cu2+': 8, 'Fe2+': 6, 'Fe3+': 6, 'Cr3+': 4, 'Mn2+': 4, 'Ni2+': 3, 'Co2+': 3,
} // biome-ignore format: a table
const ANIONS = {
  'Cl-': 10, 'Br-': 5, 'I-': 5, 'SO4^2-': 10, 'SO3^2-': 4, 'CO3^2-': 6, 'NO3-': 9, 'NO2-': 2, 'CrO4^2-': 2, 'S2O3^2-': 2,
  'CH3COO-': 3,
} // biome-ignore format: a table
/** Anions whose salts are to be had with alkali metals and ammonium only. */
const ALKALI_ONLY = new Set(['SO3^2-', 'CO3^2-', 'NO2-', 'CrO4^2-', 'S2O3^2-'])
const ALKALI = new Set(['Na+', 'K+', 'Li+', 'NH4+'])
const NO_SALT = new Set(['Cu2+ I-', 'Fe3+ I-', 'NH4+ NO2-', 'Ag+ Cl-', 'Ag+ Br-', 'Ag+ I-', 'Ag+ SO4^2-', 'Li+ CO3^2-'])
const HYDRATES = {
  'Cu2+ SO4^2-': 'CuSO4.5H2O',
  'Fe2+ SO4^2-': 'FeSO4.7H2O',
  'Mg2+ SO4^2-': 'MgSO4.7H2O',
  'Zn2+ SO4^2-': 'ZnSO4.7H2O',
  'Ni2+ SO4^2-': 'NiSO4.6H2O',
  'Co2+ Cl-': 'CoCl2.6H2O',
  'Ba2+ Cl-': 'BaCl2.2H2O',
  'Ca2+ Cl-': 'CaCl2.6H2O',
  'Na+ CO3^2-': 'Na2CO3.10H2O',
  'Na+ S2O3^2-': 'Na2S2O3.5H2O',
}
const INSOLUBLE = {
  CuCO3: ['Cu2+', 'CO3^2-'],
  ZnCO3: ['Zn2+', 'CO3^2-'],
  CaCO3: ['Ca2+', 'CO3^2-'],
  MgCO3: ['Mg2+', 'CO3^2-'],
}
/** What reacts as soon as it is mixed is no sample. */
const REACT = [
  [['Fe3+', 'Cu2+'], ['I-']],
  [
    ['Fe3+', 'Cu2+', 'Ag+', 'CrO4^2-'],
    ['S2O3^2-', 'SO3^2-'],
  ],
  [['H+'], ['CO3^2-', 'SO3^2-', 'S2O3^2-', 'NO2-', 'OH-', 'CH3COO-']],
  [
    ['NO2-', 'CrO4^2-'],
    ['I-', 'Fe2+', 'NH4+'],
  ],
  [['OH-'], ['NH4+']],
]

/** Whether ions stand beside one another without reacting. */
export const keeps = (ions) =>
  !REACT.some(([some, others]) => some.some((one) => ions.includes(one)) && others.some((one) => ions.includes(one)))

/** A spatula tip, mol, and how it varies. */
const TIP = 5e-4

const chargeOf = (ion) => Number(/\^?(?<![A-Za-z])(\d)[+-]$/.exec(ion.replace(/^(NO3|NO2|NH4|CH3COO)(?=[+-]$)/, ''))?.[1] ?? 1)

/** Draws samples with their truth: `{ kind, contains, solid?, ions? }`, concentrations in mol/dm³, solids in mol. */
export function drawer(random) {
  const pick = (some) => some[Math.floor(random() * some.length)]
  const weighted = (table) => {
    let at = random() * Object.values(table).reduce((a, b) => a + b, 0)
    for (const [key, weight] of Object.entries(table)) {
      at -= weight
      if (at < 0) return key
    }
    return Object.keys(table)[0]
  }
  /** 0.02 to 0.5 mol/dm³, evenly in its logarithm. */
  const strength = () => 0.02 * 25 ** random()
  const salt = () => {
    for (;;) {
      const pair = [weighted(CATIONS), weighted(ANIONS)]
      const odd = ALKALI_ONLY.has(pair[1]) && !ALKALI.has(pair[0])
      if (!odd && !NO_SALT.has(pair.join(' '))) return pair
    }
  }
  const shared = (cation, anion) => (ALKALI_ONLY.has(anion) && !ALKALI.has(cation) ? undefined : anion)

  return function draw() {
    const contains = {}
    const put = (ion, amount) => {
      contains[ion] = (contains[ion] ?? 0) + amount
    }
    const putSalt = ([cation, anion], concentration = strength()) => {
      put(cation, concentration)
      put(anion, (concentration * chargeOf(cation)) / chargeOf(anion))
    }
    const putAcid = () => {
      const concentration = strength() * 2
      const kind = pick(['Cl-', 'Cl-', 'SO4^2-', 'NO3-'])
      put('H+', concentration)
      put(kind, concentration / chargeOf(kind))
    }
    const turn = random()
    if (turn < 0.03) return { kind: 'water', contains }
    if (turn < 0.11) {
      putAcid()
      return { kind: 'acid', contains }
    }
    if (turn < 0.16) {
      putSalt([pick(['Na+', 'K+']), 'OH-'])
      return { kind: 'alkali', contains }
    }
    if (turn < 0.2) {
      putAcid()
      putSalt(salt())
      return { kind: 'salt and acid', contains }
    }
    if (turn < 0.32) {
      const pair = salt()
      const amount = TIP * (0.3 + 2 * random())
      const insoluble = random() < 0.25 ? pick(Object.keys(INSOLUBLE)) : undefined
      if (insoluble) return { kind: 'solid', solid: { [insoluble]: amount }, ions: INSOLUBLE[insoluble], contains }
      putSalt(pair)
      return { kind: 'solid', solid: { [HYDRATES[pair.join(' ')] ?? saltOf(...pair)]: amount }, contains }
    }
    const first = salt()
    putSalt(first)
    if (turn < 0.75) return { kind: 'one salt', contains }
    if (turn < 0.84) {
      let [cation] = salt()
      while (cation === first[0]) [cation] = salt()
      putSalt([cation, shared(cation, first[1]) ?? 'NO3-'])
      return { kind: 'two salts', contains }
    }
    if (turn < 0.92) {
      let [, anion] = salt()
      while (anion === first[1]) [, anion] = salt()
      putSalt([ALKALI_ONLY.has(anion) ? 'Na+' : first[0], anion])
      return { kind: 'two salts', contains }
    }
    putSalt(salt())
    if (turn > 0.965) putSalt(salt())
    return { kind: 'mixture', contains }
  }
}

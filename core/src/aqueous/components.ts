import { ION_TABLE, parseFormula, speciesKey } from '../substance/index.ts'
import type { Tint } from './data/tints.ts'

interface ComponentRow {
  readonly formula: string
  readonly charge: number
  /** What it colours a solution as. */
  readonly tint?: Tint
}

/**
 * What the tables of constants are counted in: name (its formula, short of the charge where nothing else is called so),
 * formula as written, charge.
 */
const COUNTED = {
  H: { formula: 'H+', charge: 1 },
  Na: { formula: 'Na+', charge: 1 },
  K: { formula: 'K+', charge: 1 },
  Li: { formula: 'Li+', charge: 1 },
  NH3: { formula: 'NH3', charge: 0 },
  Al: { formula: 'Al3+', charge: 3 },
  Ag: { formula: 'Ag+', charge: 1 },
  Ba: { formula: 'Ba2+', charge: 2 },
  Ca: { formula: 'Ca2+', charge: 2 },
  Co: { formula: 'Co2+', charge: 2, tint: 'cobalt(II)' },
  Cr: { formula: 'Cr3+', charge: 3, tint: 'chromium(III)' },
  Cu: { formula: 'Cu2+', charge: 2, tint: 'copper(II)' },
  Fe2: { formula: 'Fe2+', charge: 2, tint: 'iron(II)' },
  Fe3: { formula: 'Fe3+', charge: 3, tint: 'iron(III)' },
  Mg: { formula: 'Mg2+', charge: 2 },
  Mn: { formula: 'Mn2+', charge: 2 },
  Ni: { formula: 'Ni2+', charge: 2, tint: 'nickel(II)' },
  Pb: { formula: 'Pb2+', charge: 2 },
  Zn: { formula: 'Zn2+', charge: 2 },
  Sr: { formula: 'Sr2+', charge: 2 },
  Hg2: { formula: 'Hg2^2+', charge: 2 },
  Hg: { formula: 'Hg2+', charge: 2 },
  Sn2: { formula: 'Sn2+', charge: 2 },
  Sn4: { formula: 'Sn4+', charge: 4 },
  Cd: { formula: 'Cd2+', charge: 2 },
  Bi: { formula: 'Bi3+', charge: 3 },
  Cl: { formula: 'Cl-', charge: -1 },
  Br: { formula: 'Br-', charge: -1 },
  I: { formula: 'I-', charge: -1 },
  SO4: { formula: 'SO4^2-', charge: -2 },
  SO3: { formula: 'SO3^2-', charge: -2 },
  HS: { formula: 'HS-', charge: -1 },
  CO3: { formula: 'CO3^2-', charge: -2 },
  NO3: { formula: 'NO3-', charge: -1 },
  NO2: { formula: 'NO2-', charge: -1 },
  PO4: { formula: 'PO4^3-', charge: -3 },
  C2O4: { formula: 'C2O4^2-', charge: -2 },
  CrO4: { formula: 'CrO4^2-', charge: -2, tint: 'chromate' },
  CH3COO: { formula: 'CH3COO-', charge: -1 },
  SCN: { formula: 'SCN-', charge: -1 },
  'Fe(CN)6^4-': { formula: 'Fe(CN)6^4-', charge: -4, tint: 'hexacyanoferrate(II)' },
  'Fe(CN)6^3-': { formula: 'Fe(CN)6^3-', charge: -3, tint: 'hexacyanoferrate(III)' },
  C4H4O6: { formula: 'C4H4O6^2-', charge: -2 },
  C8H4O4: { formula: 'C8H4O4^2-', charge: -2 },
  'B(OH)3': { formula: 'B(OH)3', charge: 0 },
  S2O3: { formula: 'S2O3^2-', charge: -2 },
  MnO4: { formula: 'MnO4-', charge: -1, tint: 'permanganate' },
  'MnO4(VI)': { formula: 'MnO4^2-', charge: -2, tint: 'manganate(VI)' },
  H2O2: { formula: 'H2O2', charge: 0 },
  C4H8N2O2: { formula: 'C4H8N2O2', charge: 0 },
  MoO4: { formula: 'MoO4^2-', charge: -2 },
  Cl2: { formula: 'Cl2', charge: 0 },
  Br2: { formula: 'Br2', charge: 0, tint: 'bromine' },
  I2: { formula: 'I2', charge: 0, tint: 'iodine' },
} as const satisfies Record<string, ComponentRow>

export type Component = keyof typeof COUNTED

const counted = new Set(Object.values(COUNTED).map(({ formula }) => speciesKey(parseFormula(formula))))

/** Ions that the tables count in others: ammonium in ammonia and acid. */
const COUNTED_OTHERWISE = new Set(['NH4+', 'OH-', 'HCO3-', 'S^2-'])

/** Ions of samples that no constant speaks of take part as what they are: they stay dissolved, and colour flames. */
const spectators = ION_TABLE.flatMap(({ ion, sample }) => {
  const formula = parseFormula(ion)
  return sample && !COUNTED_OTHERWISE.has(ion) && !counted.has(speciesKey(formula))
    ? [[ion, { formula: ion, charge: formula.charge }] as const]
    : []
})

/** What everything in water is counted in. */
export const COMPONENTS = { ...COUNTED, ...Object.fromEntries(spectators) } as Readonly<Record<Component, ComponentRow>>

/** How many of each component something is made of. */
export type Stoichiometry = Readonly<Partial<Record<Component, number>>>

const isComponent = (name: string): name is Component => Object.hasOwn(COMPONENTS, name)

/** Reads `Ca CO3 H:2` of the tables. */
export function readMadeOf(text: string): Stoichiometry {
  return Object.fromEntries(
    text.split(' ').map((part) => {
      const [name = '', count = '1'] = part.split(':')
      if (!isComponent(name)) throw new Error(`The table of constants names a component ${name} that is not listed.`)
      return [name, Number(count)]
    }),
  )
}

/** Charge of what is made of components. */
export function chargeOf(madeOf: Stoichiometry): number {
  return Object.entries(madeOf).reduce((total, [name, count]) => total + count * COMPONENTS[name as Component].charge, 0)
}

import { Exact } from '../number/index.ts'

interface ElementRow {
  readonly name: string
  /** Relative atomic mass as printed: a ratio, so it has no unit. */
  readonly weight: string
  readonly source: 'iupac2021'
}

/**
 * Relative atomic masses, abridged to five figures.
 *
 * Source `iupac2021`: IUPAC, Standard atomic weights 2021, abridged table; from memory, and checked in the tests
 * against an independent package.
 */
export const ATOMIC_WEIGHTS = {
  H: { name: 'hydrogen', weight: '1.0080', source: 'iupac2021' },
  He: { name: 'helium', weight: '4.0026', source: 'iupac2021' },
  Li: { name: 'lithium', weight: '6.94', source: 'iupac2021' },
  Be: { name: 'beryllium', weight: '9.0122', source: 'iupac2021' },
  B: { name: 'boron', weight: '10.81', source: 'iupac2021' },
  C: { name: 'carbon', weight: '12.011', source: 'iupac2021' },
  N: { name: 'nitrogen', weight: '14.007', source: 'iupac2021' },
  O: { name: 'oxygen', weight: '15.999', source: 'iupac2021' },
  F: { name: 'fluorine', weight: '18.998', source: 'iupac2021' },
  Ne: { name: 'neon', weight: '20.180', source: 'iupac2021' },
  Na: { name: 'sodium', weight: '22.990', source: 'iupac2021' },
  Mg: { name: 'magnesium', weight: '24.305', source: 'iupac2021' },
  Al: { name: 'aluminium', weight: '26.982', source: 'iupac2021' },
  Si: { name: 'silicon', weight: '28.085', source: 'iupac2021' },
  P: { name: 'phosphorus', weight: '30.974', source: 'iupac2021' },
  S: { name: 'sulfur', weight: '32.06', source: 'iupac2021' },
  Cl: { name: 'chlorine', weight: '35.45', source: 'iupac2021' },
  Ar: { name: 'argon', weight: '39.95', source: 'iupac2021' },
  K: { name: 'potassium', weight: '39.098', source: 'iupac2021' },
  Ca: { name: 'calcium', weight: '40.078', source: 'iupac2021' },
  Sc: { name: 'scandium', weight: '44.956', source: 'iupac2021' },
  Ti: { name: 'titanium', weight: '47.867', source: 'iupac2021' },
  V: { name: 'vanadium', weight: '50.942', source: 'iupac2021' },
  Cr: { name: 'chromium', weight: '51.996', source: 'iupac2021' },
  Mn: { name: 'manganese', weight: '54.938', source: 'iupac2021' },
  Fe: { name: 'iron', weight: '55.845', source: 'iupac2021' },
  Co: { name: 'cobalt', weight: '58.933', source: 'iupac2021' },
  Ni: { name: 'nickel', weight: '58.693', source: 'iupac2021' },
  Cu: { name: 'copper', weight: '63.546', source: 'iupac2021' },
  Zn: { name: 'zinc', weight: '65.38', source: 'iupac2021' },
  Ga: { name: 'gallium', weight: '69.723', source: 'iupac2021' },
  Ge: { name: 'germanium', weight: '72.630', source: 'iupac2021' },
  As: { name: 'arsenic', weight: '74.922', source: 'iupac2021' },
  Se: { name: 'selenium', weight: '78.971', source: 'iupac2021' },
  Br: { name: 'bromine', weight: '79.904', source: 'iupac2021' },
  Kr: { name: 'krypton', weight: '83.798', source: 'iupac2021' },
  Rb: { name: 'rubidium', weight: '85.468', source: 'iupac2021' },
  Sr: { name: 'strontium', weight: '87.62', source: 'iupac2021' },
  Y: { name: 'yttrium', weight: '88.906', source: 'iupac2021' },
  Zr: { name: 'zirconium', weight: '91.224', source: 'iupac2021' },
  Nb: { name: 'niobium', weight: '92.906', source: 'iupac2021' },
  Mo: { name: 'molybdenum', weight: '95.95', source: 'iupac2021' },
  Ru: { name: 'ruthenium', weight: '101.07', source: 'iupac2021' },
  Rh: { name: 'rhodium', weight: '102.91', source: 'iupac2021' },
  Pd: { name: 'palladium', weight: '106.42', source: 'iupac2021' },
  Ag: { name: 'silver', weight: '107.87', source: 'iupac2021' },
  Cd: { name: 'cadmium', weight: '112.41', source: 'iupac2021' },
  In: { name: 'indium', weight: '114.82', source: 'iupac2021' },
  Sn: { name: 'tin', weight: '118.71', source: 'iupac2021' },
  Sb: { name: 'antimony', weight: '121.76', source: 'iupac2021' },
  Te: { name: 'tellurium', weight: '127.60', source: 'iupac2021' },
  I: { name: 'iodine', weight: '126.90', source: 'iupac2021' },
  Xe: { name: 'xenon', weight: '131.29', source: 'iupac2021' },
  Cs: { name: 'caesium', weight: '132.91', source: 'iupac2021' },
  Ba: { name: 'barium', weight: '137.33', source: 'iupac2021' },
  La: { name: 'lanthanum', weight: '138.91', source: 'iupac2021' },
  Ce: { name: 'cerium', weight: '140.12', source: 'iupac2021' },
  Pr: { name: 'praseodymium', weight: '140.91', source: 'iupac2021' },
  Nd: { name: 'neodymium', weight: '144.24', source: 'iupac2021' },
  Sm: { name: 'samarium', weight: '150.36', source: 'iupac2021' },
  Eu: { name: 'europium', weight: '151.96', source: 'iupac2021' },
  Gd: { name: 'gadolinium', weight: '157.25', source: 'iupac2021' },
  Tb: { name: 'terbium', weight: '158.93', source: 'iupac2021' },
  Dy: { name: 'dysprosium', weight: '162.50', source: 'iupac2021' },
  Ho: { name: 'holmium', weight: '164.93', source: 'iupac2021' },
  Er: { name: 'erbium', weight: '167.26', source: 'iupac2021' },
  Tm: { name: 'thulium', weight: '168.93', source: 'iupac2021' },
  Yb: { name: 'ytterbium', weight: '173.05', source: 'iupac2021' },
  Lu: { name: 'lutetium', weight: '174.97', source: 'iupac2021' },
  Hf: { name: 'hafnium', weight: '178.49', source: 'iupac2021' },
  Ta: { name: 'tantalum', weight: '180.95', source: 'iupac2021' },
  W: { name: 'tungsten', weight: '183.84', source: 'iupac2021' },
  Re: { name: 'rhenium', weight: '186.21', source: 'iupac2021' },
  Os: { name: 'osmium', weight: '190.23', source: 'iupac2021' },
  Ir: { name: 'iridium', weight: '192.22', source: 'iupac2021' },
  Pt: { name: 'platinum', weight: '195.08', source: 'iupac2021' },
  Au: { name: 'gold', weight: '196.97', source: 'iupac2021' },
  Hg: { name: 'mercury', weight: '200.59', source: 'iupac2021' },
  Tl: { name: 'thallium', weight: '204.38', source: 'iupac2021' },
  Pb: { name: 'lead', weight: '207.2', source: 'iupac2021' },
  Bi: { name: 'bismuth', weight: '208.98', source: 'iupac2021' },
  Th: { name: 'thorium', weight: '232.04', source: 'iupac2021' },
  U: { name: 'uranium', weight: '238.03', source: 'iupac2021' },
} as const satisfies Record<string, ElementRow>

export type ElementSymbol = keyof typeof ATOMIC_WEIGHTS

/** Which masses a task works with: whole numbers or one decimal as school data sheets print them, or the abridged table. */
export type MassTable = 'whole' | 'one-decimal' | 'standard'

/** Whether a symbol is that of an element in the table. */
export function isElement(symbol: string): symbol is ElementSymbol {
  return Object.hasOwn(ATOMIC_WEIGHTS, symbol)
}

const ROUNDED = { whole: new Map<ElementSymbol, Exact>(), 'one-decimal': new Map<ElementSymbol, Exact>() }
const DECIMALS = { whole: 0, 'one-decimal': 1 }
/** Half-way masses that sheets of whole numbers print with their half (common practice). */
const HALVES = new Set<ElementSymbol>(['Cl', 'Cu'])

/** Relative atomic mass of an element, exact as the table prints it. */
export function atomicWeight(symbol: ElementSymbol, table: MassTable): Exact {
  if (table === 'standard') return new Exact(ATOMIC_WEIGHTS[symbol].weight)
  const known = ROUNDED[table].get(symbol)
  if (known) return known
  const decimals = HALVES.has(symbol) ? 1 : DECIMALS[table]
  const rounded = new Exact(ATOMIC_WEIGHTS[symbol].weight).toDecimalPlaces(decimals, Exact.ROUND_HALF_UP)
  ROUNDED[table].set(symbol, rounded)
  return rounded
}

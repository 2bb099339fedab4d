import type { Component } from '../aqueous/index.ts'
import { type Contents, NONE, settle, withAmounts, withInert } from './contents.ts'
import type { GasOff } from './gases.ts'
import { dissolveInNitricAcid, nitricIn } from './nitricAcid.ts'
import { ACID, ALKALI } from './thresholds.ts'

/** A metal that may lie in a tube, the most reactive first: its ion, and how it meets acid. */
interface Metal {
  readonly name: 'Mg' | 'Al' | 'Zn' | 'Fe' | 'Cu'
  /** What a piece of it is called in a tube; copper that was put out of solution is another. */
  readonly piece?: 'Cu turnings'
  readonly component: Component
  readonly ion: string
  readonly charge: 2 | 3
  /** Whether acid dissolves it with hydrogen. */
  readonly inAcid: boolean
  /** Ions that it puts out of solution at once; aluminium is covered by its oxide and does so only slowly. */
  readonly displaces: readonly Displaced[]
}

/** What a metal puts out of solution. */
interface Displaced {
  readonly component: Component
  readonly ion: string
  readonly charge: 1 | 2
  /** The metal that is left. */
  readonly leaves: string
}

const MERCURY: Displaced = { component: 'Hg', ion: 'Hg2+', charge: 2, leaves: 'Hg' }
const SILVER: Displaced = { component: 'Ag', ion: 'Ag+', charge: 1, leaves: 'Ag' }
const COPPER: Displaced = { component: 'Cu', ion: 'Cu2+', charge: 2, leaves: 'Cu' }
const LEAD: Displaced = { component: 'Pb', ion: 'Pb2+', charge: 2, leaves: 'Pb' }

/** The reactivity series of the metals on a bench (common practice). */
const METALS: readonly Metal[] = [
  { name: 'Mg', component: 'Mg', ion: 'Mg2+', charge: 2, inAcid: true, displaces: [SILVER, MERCURY, COPPER, LEAD] },
  { name: 'Al', component: 'Al', ion: 'Al3+', charge: 3, inAcid: true, displaces: [] },
  { name: 'Zn', component: 'Zn', ion: 'Zn2+', charge: 2, inAcid: true, displaces: [SILVER, MERCURY, COPPER, LEAD] },
  { name: 'Fe', component: 'Fe2', ion: 'Fe2+', charge: 2, inAcid: true, displaces: [SILVER, MERCURY, COPPER] },
  { name: 'Cu', piece: 'Cu turnings', component: 'Cu', ion: 'Cu2+', charge: 2, inAcid: false, displaces: [SILVER, MERCURY] },
]

const pieceOf = ({ name, piece }: Pick<Metal, 'name' | 'piece'>) => piece ?? name

/** Part of a metal that reacts at once in an alkali that is still hot; warming lets the rest react. */
const AT_ONCE = 0.4

/** What metals did: gases, and equations of what gave none. */
export interface MetalsDid {
  readonly contents: Contents
  readonly off: readonly GasOff[]
  readonly equations: readonly string[]
  /** There are ions of which no rule says whether the metal puts them out of solution. */
  readonly unknown?: true
}

/** Ions of metals that are less reactive than zinc: some are put out of solution slowly, some not in the time of a test. */
export const LESS_REACTIVE: readonly Component[] = [
  'Fe2',
  'Fe3',
  'Ni',
  'Co',
  'Cd',
  'Pb',
  'Cu',
  'Ag',
  'Bi',
  'Hg2',
  'Hg',
  'Sn2',
  'Sn4',
  'Cr',
]
/** So much of them is worth telling, mol. */
const MUCH = 1e-5

/** Whether a metal lies among ions of which no rule says what it does to them. */
function isUnknown({ amounts }: Contents, { name, displaces }: Metal): boolean {
  const known = new Set<Component>(displaces.map(({ component }) => component))
  const among = LESS_REACTIVE.filter((component) => (amounts[component] ?? 0) > MUCH && !known.has(component))
  return (
    among.length > 0 && name !== 'Cu' && !(name === 'Fe' && among.every((component) => component !== 'Pb' && component !== 'Fe3'))
  )
}

/**
 * What a metal in the tube does: puts less reactive metals out of solution, frees hydrogen from acid or hot alkali,
 * ammonia from nitrate in hot alkali.
 */
export function reactMetals(contents: Contents, warming = false): MetalsDid {
  const sample = METALS.find(({ name }) => (contents.dry[name] ?? 0) > 0)
  if (!sample) return reactPieces(contents, warming)
  // A metal that is the sample lies there to be seen; it reacts as a piece that was put in.
  const { [sample.name]: amount = 0, ...dry } = contents.dry
  const piece = pieceOf(sample)
  const did = reactPieces(withInert({ ...contents, dry }, { [piece]: amount }), warming)
  const { [piece]: left = 0, ...inert } = did.contents.inert
  const lies = { ...did.contents.dry, ...(left > LEAST ? { [sample.name]: left } : {}) }
  return { ...did, contents: { ...did.contents, inert, dry: Object.keys(lies).length > 0 ? lies : NONE } }
}

function reactPieces(contents: Contents, warming: boolean): MetalsDid {
  const metal = METALS.find((one) => (contents.inert[pieceOf(one)] ?? 0) > 0)
  if (!metal) return { contents, off: [], equations: [] }
  const { contents: displaced, equations } = displace(contents, metal)
  const { pH } = settle(displaced)
  const amount = displaced.inert[pieceOf(metal)] ?? 0
  const oxidised = amount > LEAST ? inNitricAcid(displaced, metal, amount) : undefined
  if (oxidised) return { ...oxidised, equations }
  if (amount > 0 && pH < ACID && metal.inAcid) return { ...inAcid(displaced, metal, amount, pH), equations }
  const { name } = metal
  if (amount > 0 && pH > ALKALI && displaced.hot && (name === 'Al' || name === 'Zn'))
    return { ...inAlkali(displaced, name, amount, warming ? 1 : AT_ONCE), equations }
  const unknown = amount > 0 && equations.length === 0 && isUnknown(displaced, metal)
  return { contents: displaced, off: [], equations, ...(unknown ? { unknown } : {}) }
}

/** Least amount that is worth telling, mol. */
const LEAST = 1e-7

/** Puts less reactive metals out of solution as long as there is metal: what comes is seen on it as a coating. */
function displace(contents: Contents, metal: Metal): Omit<MetalsDid, 'off'> {
  const { name, component, ion, charge, displaces } = metal
  const piece = pieceOf(metal)
  const equations: string[] = []
  let now = contents
  for (const other of displaces) {
    const there = now.amounts[other.component] ?? 0
    const used = Math.min(now.inert[piece] ?? 0, (there * other.charge) / charge)
    if (used < LEAST) continue
    const came = (used * charge) / other.charge
    now = withInert(withAmounts(now, { [component]: used, [other.component]: -came }), { [piece]: -used, [other.leaves]: came })
    const count = charge === other.charge ? '' : String(charge / other.charge)
    equations.push(`${name}(s) + ${count}${other.ion}(aq) -> ${ion}(aq) + ${count}${other.leaves}(s)`)
  }
  return { contents: now, equations }
}

/** What nitric acid does: copper has a rule, of the others but magnesium it is not known (common practice). */
function inNitricAcid(contents: Contents, { name }: Metal, amount: number): Omit<MetalsDid, 'equations'> | undefined {
  const nitric = nitricIn(contents)
  if (nitric === undefined || name === 'Mg') return undefined
  if (name !== 'Cu') return { contents, off: [], unknown: true }
  if (nitric === 'slow') return { contents, off: [] }
  const { used, off, ...did } = dissolveInNitricAcid(contents, { Cu: 1 }, amount, nitric === 'concentrated')
  return { contents: withInert(did.contents, { 'Cu turnings': -used }), off }
}

function inAcid(contents: Contents, { name, component, ion, charge }: Metal, amount: number, pH: number) {
  const acid = (10 ** -pH * contents.volume) / 1000
  const used = Math.min(amount, acid / charge)
  const equation = charge === 3 ? `2${name}(s) + 6H+(aq) -> 2${ion}(aq) + 3H2(g)` : `${name}(s) + 2H+(aq) -> ${ion}(aq) + H2(g)`
  return {
    contents: withInert(withAmounts(contents, { [component]: used, H: -charge * used }), { [name]: -used }),
    off: used > 0 ? [{ gas: 'H2', amount: (used * charge) / 2, equation }] : [],
  }
}

const CHARGE = { Al: 3, Zn: 2 } as const

/** In hot alkali aluminium and zinc reduce nitrate and nitrite to ammonia; without them they give hydrogen. */
function inAlkali(contents: Contents, metal: 'Al' | 'Zn', most: number, part: number): Omit<MetalsDid, 'equations'> {
  const amount = most * part
  const nitrate = (contents.amounts.NO3 ?? 0) * part
  const nitrite = (contents.amounts.NO2 ?? 0) * part
  // 8 electrons to a nitrate, 6 to a nitrite; the foil is in plenty, so what it can give is what limits.
  const electrons = amount * CHARGE[metal]
  const reduced = Math.min(nitrate, electrons / 8)
  const alsoReduced = Math.min(nitrite, Math.max(0, electrons - 8 * reduced) / 6)
  const dissolved = metal === 'Al' ? { Al: amount, H: -amount } : { Zn: amount, H: -2 * amount }
  const now = withInert(withAmounts(contents, { ...dissolved }), { [metal]: -amount })
  const spare = electrons - 8 * reduced - 6 * alsoReduced
  const hydrogen: GasOff = {
    gas: 'H2',
    amount: spare / 2,
    equation:
      metal === 'Al'
        ? '2Al(s) + 2OH-(aq) + 6H2O(l) -> 2Al(OH)4-(aq) + 3H2(g)'
        : 'Zn(s) + 2OH-(aq) + 2H2O(l) -> Zn(OH)4^2-(aq) + H2(g)',
  }
  if (reduced + alsoReduced <= 1e-7) return { contents: now, off: [hydrogen] }
  const equation =
    metal === 'Al'
      ? '8Al(s) + 3NO3-(aq) + 5OH-(aq) + 18H2O(l) -> 8Al(OH)4-(aq) + 3NH3(g)'
      : '4Zn(s) + NO3-(aq) + 7OH-(aq) + 6H2O(l) -> 4Zn(OH)4^2-(aq) + NH3(g)'
  return {
    contents: withAmounts(now, { NO3: -reduced, NO2: -alsoReduced }),
    off: [{ gas: 'NH3', amount: reduced + alsoReduced, equation }, ...(spare > 0 ? [hydrogen] : [])],
  }
}

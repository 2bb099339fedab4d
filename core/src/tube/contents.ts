import { type Component, componentsOf, type Equilibrium, equilibrate, type Totals } from '../aqueous/index.ts'
import { LIES_AS_IT_CAME, WETTED_SOLIDS } from './wettedSolids.ts'

/** A liquid that floats on the water in a tube: its volume in cm³ and the halogens in it, mol. */
export interface Floating {
  readonly volume: number
  readonly amounts: Readonly<Partial<Record<Component, number>>>
}

/** What is in a tube, in mol, its volume, and whether it is hot. */
export interface Contents {
  /** cm³ */
  readonly volume: number
  /** mol of each component. */
  readonly amounts: Readonly<Partial<Record<Component, number>>>
  /** Solids that equilibrium does not know, mol by formula: sulfur, manganese(IV) oxide, copper(I) iodide, metals. */
  readonly inert: Readonly<Record<string, number>>
  /** Salts as they came from the jar, with no water yet: mol by formula. */
  readonly dry: Readonly<Record<string, number>>
  readonly hot: boolean
  /** A hydrocarbon on top of the water. */
  readonly floating?: Floating
  /** Starch is in it. */
  readonly starch?: true
  /** A state near by, to look from. */
  readonly near?: Equilibrium
}

/** No solid of a kind: the very same for every tube without one, so that it is told at a glance. */
export const NONE: Readonly<Record<string, number>> = {}
export const EMPTY: Contents = { volume: 0, amounts: {}, inert: NONE, dry: NONE, hot: false }

/** Least of a component that is no rounding, mol. */
const LEAST = 1e-15

/**
 * Adds amounts of components, mol. What is left of one that was used up to rounding is none.
 *
 * @param times - how many times as much as `more` says
 */
export function withAmounts(contents: Contents, more: Readonly<Partial<Record<Component, number>>>, times = 1): Contents {
  const amounts: Partial<Record<Component, number>> = { ...contents.amounts }
  for (const key in more) {
    const name = key as Component
    const sum = (amounts[name] ?? 0) + times * (more[name] ?? 0)
    amounts[name] = name !== 'H' && sum < LEAST ? 0 : sum
  }
  return { ...contents, amounts }
}

/** Adds inert solids, mol. */
export function withInert(contents: Contents, more: Readonly<Record<string, number>>): Contents {
  const inert = { ...contents.inert }
  for (const [formula, amount] of Object.entries(more)) inert[formula] = Math.max(0, (inert[formula] ?? 0) + amount)
  return { ...contents, inert }
}

/**
 * Adds a solution to a tube.
 *
 * @param putIn - concentration of each substance, mol/dm³
 * @param volume - cm³
 */
export function pour(contents: Contents, putIn: Readonly<Record<string, number>>, volume: number): Contents {
  const filled = wet({ ...contents, volume: contents.volume + volume })
  return Object.entries(putIn).reduce(
    (sum, [substance, concentration]) => addSubstance(sum, substance, (concentration * volume) / 1000),
    filled,
  )
}

/** No more of a solid than this is taken to have met the liquid, mol/dm³: what is left lies dry until more is added. */
const MOST_WETTED = 5

/** What lay dry is in the liquid now, as far as there is liquid for it. */
function wet(contents: Contents): Contents {
  if (contents.dry === NONE) return contents
  const salts = Object.entries(contents.dry).filter(([name]) => !LIES_AS_IT_CAME.has(name))
  const total = salts.reduce((sum, [, amount]) => sum + amount, 0)
  if (total === 0) return contents
  const part = Math.min(1, (MOST_WETTED * contents.volume) / 1000 / total)
  const left = Object.entries(contents.dry).flatMap(([name, amount]) => {
    const lies = LIES_AS_IT_CAME.has(name) ? 1 : 1 - part
    return lies > 0 ? [[name, amount * lies] as const] : []
  })
  return salts.reduce((sum, [formula, amount]) => addWetted(sum, formula, amount * part), {
    ...contents,
    dry: left.length > 0 ? Object.fromEntries(left) : NONE,
  })
}

function addWetted(contents: Contents, formula: string, amount: number): Contents {
  const wetted = WETTED_SOLIDS[formula]
  if (!wetted) return addSubstance(contents, formula, amount)
  const { dissolves, stays } = wetted
  const solid = withInert(contents, Object.fromEntries(Object.entries(stays).map(([name, count]) => [name, count * amount])))
  return Object.entries(dissolves).reduce((sum, [name, count]) => addSubstance(sum, name, count * amount), solid)
}

/** Puts dry solids in, mol by formula: as much as the liquid takes up is wetted at once, the rest lies dry. */
export function addDry(contents: Contents, solids: Readonly<Record<string, number>>): Contents {
  const dry = { ...contents.dry }
  for (const [formula, amount] of Object.entries(solids)) dry[formula] = (dry[formula] ?? 0) + amount
  return wet({ ...contents, dry })
}

/** Whether there is nothing but dry solid. */
export const isDry = ({ volume, dry }: Contents) => volume === 0 && Object.keys(dry).length > 0

/** Adds some mol of a substance. */
export function addSubstance(contents: Contents, substance: string, amount: number): Contents {
  return withAmounts(contents, componentsOf(substance), amount)
}

/** Totals of a tube, mol/dm³. */
function totalsIn({ amounts, volume }: Contents): Totals {
  const dm3 = volume / 1000
  if (dm3 === 0) return {}
  const totals: Partial<Record<Component, number>> = {}
  for (const key in amounts) totals[key as Component] = (amounts[key as Component] ?? 0) / dm3
  return totals
}

/** Solids that do not form in the time of a test, whatever equilibrium says; see docs/chemistry.md. */
const TOO_SLOW: readonly string[] = ['Mg5(CO3)4(OH)2']
/** Beside much ammonium magnesium carbonate is slow to come as well: it stays in solution in group V. */
const SLOW_BESIDE_AMMONIUM: readonly string[] = [...TOO_SLOW, 'MgCO3.3H2O']
const MUCH_AMMONIUM = 4

/** Beside carbonate or phosphate silver comes down as their salt, not as the oxide that strong alkali brings (common practice). */
const BESIDE_CARBONATE: readonly string[] = [...TOO_SLOW, 'Ag2O']

/**
 * In much ammonia cobalt(II) hydroxide stays dissolved: air, which equilibrium does not know, makes the far firmer ammine of
 * cobalt(III) of it (common practice).
 */
const IN_MUCH_AMMONIA: readonly string[] = [...TOO_SLOW, 'Co(OH)2']
const AMMONIA_FOR_COBALT = 12

function slowIn({ amounts }: Contents): readonly string[] {
  const cobalt = amounts.Co ?? 0
  if (cobalt > 0 && (amounts.NH3 ?? 0) > AMMONIA_FOR_COBALT * cobalt) return IN_MUCH_AMMONIA
  const silver = amounts.Ag ?? 0
  if (silver > 0 && 2 * ((amounts.CO3 ?? 0) + (amounts.PO4 ?? 0)) > silver) return BESIDE_CARBONATE
  const magnesium = amounts.Mg ?? 0
  return magnesium > 0 && (amounts.NH3 ?? 0) > MUCH_AMMONIUM * magnesium ? SLOW_BESIDE_AMMONIUM : TOO_SLOW
}

/** A tube that is warmed, °C: hot, not boiling. */
const HOT = 90

/** Contents are never changed in place, so what was found for them is remembered with them. */
const settled = new WeakMap<Contents, Equilibrium>()

/**
 * Hydroxides that ethanoate keeps in solution while it is cold, as its complexes; boiled, they come down (common practice:
 * iron(III) ethanoate is blood red, and brown and cloudy when boiled).
 */
const HELD_BY_ETHANOATE: readonly string[] = ['Cu(OH)2', 'Cu4(OH)6SO4', 'Fe(OH)3', 'Al(OH)3', 'Cr(OH)3', 'Zn(OH)2', 'Pb(OH)2']
/** Above this alkali outdoes the ethanoate, pH. */
const OUTDONE = 7

/** The equilibrium of a tube. */
export function settle(contents: Contents): Equilibrium {
  const known = settled.get(contents)
  if (known) return known
  const slow = slowIn(contents)
  const held =
    !contents.hot && (contents.amounts.CH3COO ?? 0) > 0 ? settleWithout(contents, [...slow, ...HELD_BY_ETHANOATE]) : undefined
  const found = held && held.pH < OUTDONE ? held : settleWithout(contents, slow)
  settled.set(contents, found)
  return found
}

const settleWithout = (contents: Contents, without: readonly string[]): Equilibrium =>
  equilibrate(totalsIn(contents), {
    without,
    ...(contents.hot ? { celsius: HOT } : {}),
    ...(contents.near ? { start: contents.near } : {}),
  })

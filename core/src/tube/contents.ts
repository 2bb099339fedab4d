import { type Component, componentsOf, type Equilibrium, equilibrate, type Totals } from '../aqueous/index.ts'

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
  /** Activities of a state near by, to look from. */
  readonly near?: Equilibrium['activities']
}

export const EMPTY: Contents = { volume: 0, amounts: {}, inert: {}, dry: {}, hot: false }

/** Adds amounts of components, mol. What is left of one that was used up to rounding is none. */
export function withAmounts(contents: Contents, more: Readonly<Partial<Record<Component, number>>>): Contents {
  const amounts: Partial<Record<Component, number>> = { ...contents.amounts }
  for (const [name, amount] of Object.entries(more) as [Component, number][]) {
    const sum = (amounts[name] ?? 0) + amount
    amounts[name] = name !== 'H' && sum < 1e-15 ? 0 : sum
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
  const total = Object.values(contents.dry).reduce((sum, amount) => sum + amount, 0)
  if (total === 0) return contents
  const part = Math.min(1, (MOST_WETTED * contents.volume) / 1000 / total)
  const left = Object.entries(contents.dry).flatMap(([name, amount]) => (part < 1 ? [[name, amount * (1 - part)] as const] : []))
  return Object.entries(contents.dry).reduce((sum, [substance, amount]) => addSubstance(sum, substance, amount * part), {
    ...contents,
    dry: Object.fromEntries(left),
  })
}

/** Whether there is nothing but dry solid. */
export const isDry = ({ volume, dry }: Contents) => volume === 0 && Object.keys(dry).length > 0

/** Adds some mol of a substance. */
export function addSubstance(contents: Contents, substance: string, amount: number): Contents {
  const madeOf = componentsOf(substance)
  return withAmounts(contents, Object.fromEntries(Object.entries(madeOf).map(([name, count]) => [name, count * amount])))
}

/** Totals of a tube, mol/dm³. */
function totalsIn({ amounts, volume }: Contents): Totals {
  const dm3 = volume / 1000
  if (dm3 === 0) return {}
  return Object.fromEntries(Object.entries(amounts).map(([name, amount]) => [name, amount / dm3]))
}

/** Solids that do not form in the time of a test, whatever equilibrium says; see docs/chemistry.md. */
const TOO_SLOW: readonly string[] = ['Mg5(CO3)4(OH)2']
/** Beside much ammonium magnesium carbonate is slow to come as well: it stays in solution in group V. */
const SLOW_BESIDE_AMMONIUM: readonly string[] = [...TOO_SLOW, 'MgCO3.3H2O']
const MUCH_AMMONIUM = 4

function slowIn({ amounts }: Contents): readonly string[] {
  const magnesium = amounts.Mg ?? 0
  return magnesium > 0 && (amounts.NH3 ?? 0) > MUCH_AMMONIUM * magnesium ? SLOW_BESIDE_AMMONIUM : TOO_SLOW
}

/** A tube that is warmed, °C: hot, not boiling. */
const HOT = 90

/** Contents are never changed in place, so what was found for them is remembered with them. */
const settled = new WeakMap<Contents, Equilibrium>()

/** The equilibrium of a tube. */
export function settle(contents: Contents): Equilibrium {
  const known = settled.get(contents)
  if (known) return known
  const found = equilibrate(totalsIn(contents), {
    without: slowIn(contents),
    ...(contents.hot ? { celsius: HOT } : {}),
    ...(contents.near ? { start: contents.near } : {}),
  })
  settled.set(contents, found)
  return found
}

import { Memory } from '../memory/index.ts'
import { type ComponentSet, eitherOf, isWithin, numberOfSet, setOf } from './componentMask.ts'
import { COMPONENTS, type Component, chargeOf, readMadeOf, type Stoichiometry } from './components.ts'
import { SOLIDS, SPECIES, type Tint } from './data/index.ts'

/** ln 10. */
export const LN10 = Math.LN10
/** J/(K mol) */
const GAS_CONSTANT = 8.314

/**
 * A reduced table: the components that are present, and the species and solids that can be made of them. Numbers are in
 * flat typed arrays, since string keys cost half the time of a solve.
 */
export interface System {
  /** Components whose concentrations must be found. */
  readonly components: readonly Component[]
  /** Ions that make nothing else here: they only feed the ionic strength. */
  readonly spectators: readonly Component[]
  /** Formulae, the components first. */
  readonly species: readonly string[]
  /** Where the parts of species i begin and end in `part` and `count`; most are made of two or three components. */
  readonly begin: Int32Array
  /** Component of each part, and its ν. */
  readonly part: Int32Array
  readonly count: Float64Array
  readonly lnBeta: Float64Array
  readonly charges: Float64Array
  /** Species that colour the solution, by place. */
  readonly tinted: readonly Tinted[]
  readonly solids: readonly string[]
  readonly solidNu: Float64Array
  readonly lnK: Float64Array
}

/** A species that has a colour in water. */
interface Tinted {
  readonly place: number
  readonly tint: Tint
}

/** A row of one of the tables, read once. */
interface Row {
  readonly formula: string
  readonly lnConstant: number
  readonly charge: number
  /** Enthalpy of dissolving over the gas constant, K; nought where it is not known. */
  readonly warming: number
  /** Its components and how many of each, in the order in which a system has its components. */
  readonly parts: readonly (readonly [component: Component, count: number])[]
  readonly set: ComponentSet
  readonly tint?: Tint | undefined
}

function rowOf(formula: string, madeOf: Stoichiometry, log = 0, enthalpy = 0): Row {
  const parts = (Object.entries(madeOf) as [Component, number][]).toSorted(([a], [b]) => (a < b ? -1 : 1))
  const set = setOf(parts.map(([component]) => component))
  return { formula, lnConstant: log * LN10, charge: chargeOf(madeOf), warming: enthalpy / GAS_CONSTANT, parts, set }
}

const DISSOLVED: readonly Row[] = SPECIES.map(({ formula, madeOf, logK, tint }) => ({
  ...rowOf(formula, readMadeOf(madeOf), logK),
  tint,
}))
const SOLID: readonly Row[] = SOLIDS.map(({ formula, madeOf, logK, enthalpy }) =>
  rowOf(formula, readMadeOf(madeOf), logK, enthalpy),
)

/** The components themselves as species. */
const OWN: ReadonlyMap<Component, Row> = new Map(
  (Object.keys(COMPONENTS) as Component[]).map((name) => [
    name,
    { ...rowOf(COMPONENTS[name].formula, { [name]: 1 }), tint: COMPONENTS[name].tint },
  ]),
)

/** Where the constants hold, °C. */
const STANDARD = 25
const KELVIN = 273.15

/** van 't Hoff: ln K(T) − ln K(25 °C) = ΔH/R (1/298.15 − 1/T), with ΔH taken as constant. */
const warmer = ({ warming }: Row, celsius: number) => warming * (1 / (STANDARD + KELVIN) - 1 / (celsius + KELVIN))

/** A table of ν, one row after another. */
function flat(rows: readonly Row[], places: ReadonlyMap<Component, number>): Float64Array {
  const table = new Float64Array(rows.length * places.size)
  rows.forEach(({ parts }, row) => {
    for (const [component, count] of parts) table[row * places.size + (places.get(component) as number)] = count
  })
  return table
}

/** The same with only what is not nought, one species after another. */
function sparse(rows: readonly Row[], places: ReadonlyMap<Component, number>) {
  const begin = new Int32Array(rows.length + 1)
  const size = rows.reduce((sum, { parts }) => sum + parts.length, 0)
  const [part, count] = [new Int32Array(size), new Float64Array(size)]
  let at = 0
  rows.forEach(({ parts }, row) => {
    for (const [component, number] of parts) {
      part[at] = places.get(component) as number
      count[at++] = number
    }
    begin[row + 1] = at
  })
  return { begin, part, count }
}

/** By how much log K of a row, by its formula (a solid's with `(s)`), is taken as larger than the table has it. */
export type Moves = Readonly<Record<string, number>>

/** Systems that were made before: by the list of what does not form, temperature, and the components as a number. */
const made = new WeakMap<readonly string[], Map<number, Memory<number, System>>>()
/** Systems kept for one list and temperature, at most. */
const MOST_SYSTEMS = 5000
const NOTHING: readonly string[] = []

function keptFor(without: readonly string[], celsius: number): Memory<number, System> {
  const temperatures = made.get(without) ?? new Map<number, Memory<number, System>>()
  made.set(without, temperatures)
  const systems = temperatures.get(celsius) ?? new Memory<number, System>(MOST_SYSTEMS)
  temperatures.set(celsius, systems)
  return systems
}

/**
 * The reduced table for a set of components, made once and kept. Hydrogen ion is always in it.
 *
 * @param present - components, each named once
 * @param without - solids left out: what does not form here for a reason that equilibrium does not know. What is made is
 *   remembered with this very list
 * @param celsius - moves the solubility of solids whose enthalpy is known, after van 't Hoff
 * @param moves - constants taken as other than the table has them; then nothing is kept
 */
export function systemOf(
  present: readonly Component[],
  without: readonly string[] = NOTHING,
  celsius = STANDARD,
  moves?: Moves,
): System {
  const make = () => makeSystem([...new Set<Component>(['H', ...present])].toSorted(), without, celsius, moves)
  if (moves) return make()
  const systems = keptFor(without, celsius)
  return systems.recall(numberOfSet(setOf(present)), make)
}

function makeSystem(names: readonly Component[], without: readonly string[], celsius: number, moves: Moves = {}): System {
  const moved = (name: string) => (moves[name] ?? 0) * LN10
  const all = setOf(names)
  const rows = DISSOLVED.filter(({ set }) => isWithin(set, all))
  const solids = SOLID.filter(({ formula, set }) => isWithin(set, all) && !without.includes(formula))
  const bound = [...rows, ...solids].reduce((sum, { set }) => eitherOf(sum, set), setOf([]))
  const components = names.filter((name) => name === 'H' || isWithin(setOf([name]), bound))
  const places = new Map(components.map((name, place) => [name, place]))
  const own = components.map((name) => OWN.get(name) as Row)
  const species = [...own, ...rows]
  return {
    components,
    spectators: names.filter((name) => !places.has(name)),
    species: species.map(({ formula }) => formula),
    ...sparse(species, places),
    lnBeta: Float64Array.from(species, (row) => row.lnConstant + moved(row.formula)),
    charges: Float64Array.from(species, ({ charge }) => charge),
    tinted: species.flatMap(({ tint }, place) => (tint ? [{ place, tint }] : [])),
    solids: solids.map(({ formula }) => formula),
    solidNu: flat(solids, places),
    lnK: Float64Array.from(solids, (row) => row.lnConstant + warmer(row, celsius) + moved(`${row.formula}(s)`)),
  }
}

import { Memory } from '../memory/index.ts'
import { type ComponentSet, eitherOf, isWithin, numberOfSet, setOf } from './componentMask.ts'
import { COMPONENTS, type Component, chargeOf, readMadeOf, type Stoichiometry } from './components.ts'
import { ENTHALPIES, GAS_CONSTANT, SOLIDS, STANDARD } from './solidsTable.ts'
import { formulaOfSpecies } from './speciesFormula.ts'
import { SPECIES } from './speciesTable.ts'

/** ln 10. */
export const LN10 = Math.LN10

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
  readonly solids: readonly string[]
  readonly solidNu: Float64Array
  readonly lnK: Float64Array
}

/** A row of one of the tables, read once. */
interface Row {
  readonly name: string
  readonly lnConstant: number
  readonly charge: number
  /** Its components and how many of each, in the order in which a system has its components. */
  readonly parts: readonly (readonly [component: Component, count: number])[]
  readonly set: ComponentSet
}

function rowOf(name: string, madeOf: Stoichiometry, log: number): Row {
  const parts = (Object.entries(madeOf) as [Component, number][]).toSorted(([a], [b]) => (a < b ? -1 : 1))
  return { name, lnConstant: log * LN10, charge: chargeOf(madeOf), parts, set: setOf(parts.map(([component]) => component)) }
}

const DISSOLVED: readonly Row[] = SPECIES.map(([name, text, log]) => {
  const madeOf = readMadeOf(text)
  return rowOf(formulaOfSpecies(name, madeOf), madeOf, log)
})
const SOLID: readonly Row[] = SOLIDS.map(([name, text, log]) => rowOf(name, readMadeOf(text), log))

/** The components themselves as species. */
const OWN: ReadonlyMap<Component, Row> = new Map(
  (Object.keys(COMPONENTS) as Component[]).map((name) => [name, rowOf(COMPONENTS[name].formula, { [name]: 1 }, 0)]),
)

const KELVIN = 273.15

/** van 't Hoff: ln K(T) − ln K(25 °C) = ΔH/R (1/298.15 − 1/T), with ΔH taken as constant. */
function warming(solid: string, celsius: number): number {
  const enthalpy = ENTHALPIES[solid]
  return enthalpy === undefined ? 0 : (enthalpy / GAS_CONSTANT) * (1 / (STANDARD + KELVIN) - 1 / (celsius + KELVIN))
}

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
 */
export function systemOf(present: readonly Component[], without: readonly string[] = NOTHING, celsius = STANDARD): System {
  const systems = keptFor(without, celsius)
  const make = () => makeSystem([...new Set<Component>(['H', ...present])].toSorted(), without, celsius)
  return systems.recall(numberOfSet(setOf(present)), make)
}

function makeSystem(names: readonly Component[], without: readonly string[], celsius: number): System {
  const all = setOf(names)
  const rows = DISSOLVED.filter(({ set }) => isWithin(set, all))
  const solids = SOLID.filter(({ name, set }) => isWithin(set, all) && !without.includes(name))
  const bound = [...rows, ...solids].reduce((sum, { set }) => eitherOf(sum, set), setOf([]))
  const components = names.filter((name) => name === 'H' || isWithin(setOf([name]), bound))
  const places = new Map(components.map((name, place) => [name, place]))
  const own = components.map((name) => OWN.get(name) as Row)
  const species = [...own, ...rows]
  return {
    components,
    spectators: names.filter((name) => !places.has(name)),
    species: species.map(({ name }) => name),
    ...sparse(species, places),
    lnBeta: Float64Array.from(species, ({ lnConstant }) => lnConstant),
    charges: Float64Array.from(species, ({ charge }) => charge),
    solids: solids.map(({ name }) => name),
    solidNu: flat(solids, places),
    lnK: Float64Array.from(solids, ({ name, lnConstant }) => lnConstant + warming(name, celsius)),
  }
}

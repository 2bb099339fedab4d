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

interface Row {
  readonly name: string
  readonly madeOf: Stoichiometry
  readonly log: number
}

const DISSOLVED: readonly Row[] = SPECIES.map(([name, text, log]) => {
  const madeOf = readMadeOf(text)
  return { name: formulaOfSpecies(name, madeOf), madeOf, log }
})
const SOLID: readonly Row[] = SOLIDS.map(([name, text, log]) => ({ name, madeOf: readMadeOf(text), log }))

const cache = new Map<string, System>()
/** The same by components in the order they were named, which saves sorting them for every solve. */
const cacheAsNamed = new Map<string, System>()

const KELVIN = 273.15

/** van 't Hoff: ln K(T) − ln K(25 °C) = ΔH/R (1/298.15 − 1/T), with ΔH taken as constant. */
function warming(solid: string, celsius: number): number {
  const enthalpy = ENTHALPIES[solid]
  return enthalpy === undefined ? 0 : (enthalpy / GAS_CONSTANT) * (1 / (STANDARD + KELVIN) - 1 / (celsius + KELVIN))
}

function within(madeOf: Stoichiometry, present: ReadonlySet<string>): boolean {
  return Object.keys(madeOf).every((name) => present.has(name))
}

function flat(rows: readonly Stoichiometry[], components: readonly Component[]): Float64Array {
  const table = new Float64Array(rows.length * components.length)
  rows.forEach((madeOf, row) => {
    components.forEach((component, column) => {
      table[row * components.length + column] = madeOf[component] ?? 0
    })
  })
  return table
}

/** The same with only what is not nought, one species after another. */
function sparse(rows: readonly Stoichiometry[], components: readonly Component[]) {
  const begin = new Int32Array(rows.length + 1)
  const part: number[] = []
  const count: number[] = []
  rows.forEach((madeOf, row) => {
    components.forEach((component, column) => {
      const number = madeOf[component]
      if (number) {
        part.push(column)
        count.push(number)
      }
    })
    begin[row + 1] = part.length
  })
  return { begin, part: Int32Array.from(part), count: Float64Array.from(count) }
}

/**
 * The reduced table for a set of components, made once and kept. Hydrogen ion is always in it.
 *
 * @param without - solids left out: what does not form here for a reason that equilibrium does not know
 * @param celsius - moves the solubility of solids whose enthalpy is known, after van 't Hoff
 */
export function systemOf(present: readonly Component[], without: readonly string[] = [], celsius = STANDARD): System {
  const asNamed = `${present.join(' ')}|${without.join(' ')}|${celsius}`
  const met = cacheAsNamed.get(asNamed)
  if (met) return met
  const made = sortedSystem(present, without, celsius)
  cacheAsNamed.set(asNamed, made)
  return made
}

function sortedSystem(present: readonly Component[], without: readonly string[], celsius: number): System {
  const names = [...new Set<Component>(['H', ...present])].toSorted()
  const key = `${names.join(' ')}|${without.toSorted().join(' ')}|${celsius}`
  const known = cache.get(key)
  if (known) return known
  const all = new Set<string>(names)
  const rows = DISSOLVED.filter(({ madeOf }) => within(madeOf, all))
  const solids = SOLID.filter(({ name, madeOf }) => within(madeOf, all) && !without.includes(name))
  const bound = new Set([...rows, ...solids].flatMap(({ madeOf }) => Object.keys(madeOf)))
  const components = names.filter((name) => name === 'H' || bound.has(name))
  const own = components.map((name): Row => ({ name: COMPONENTS[name].formula, madeOf: { [name]: 1 }, log: 0 }))
  const species = [...own, ...rows]
  const system: System = {
    components,
    spectators: names.filter((name) => !components.includes(name)),
    species: species.map(({ name }) => name),
    ...sparse(
      species.map(({ madeOf }) => madeOf),
      components,
    ),
    lnBeta: Float64Array.from(species, ({ log }) => log * LN10),
    charges: Float64Array.from(species, ({ madeOf }) => chargeOf(madeOf)),
    solids: solids.map(({ name }) => name),
    solidNu: flat(
      solids.map(({ madeOf }) => madeOf),
      components,
    ),
    lnK: Float64Array.from(solids, ({ name, log }) => log * LN10 + warming(name, celsius)),
  }
  cache.set(key, system)
  return system
}

import { Exact } from '../number/index.ts'
import {
  type Entry,
  entryText,
  findMaterial,
  makerOf,
  materialLabel,
  type PartOf,
  type Path,
  type Task,
  weighingOf,
} from '../record/index.ts'
import { type Formula, givenMass, hasMolarMass, molarMassOf, nameOf, readSheetMasses, speciesKey } from '../substance/index.ts'
import { Layered } from './Layered.ts'
import { Network } from './network.ts'
import { inMaterial, type Place, type PlaceKey } from './place.ts'
import type { Key } from './quantity.ts'
import { readFormula } from './species.ts'

/** What a sheet seldom says is asked for last. */
const STATED_SELDOM = 20

/**
 * The task seen as quantities at places. Relations are laid over it by the files in `relations/`; each asks here
 * for the key of a quantity, which is defined the first time with its words, symbol and unit.
 */
export class Bench {
  readonly network: Network
  readonly task: Task
  /** Whether what was laid out would be another with other readings, as where it says which reactant runs out first. */
  hangsOnValues = false
  private readonly placeWords: Layered<PlaceKey, string>
  private weighed: ReadonlyMap<string, readonly PartOf<'weighing'>[]> | undefined

  /** @param below - what to lay further relations over; it stays as it is */
  constructor(task: Task, below?: Bench) {
    this.task = task
    this.network = new Network(below?.network)
    this.placeWords = new Layered(below?.placeWords)
    this.weighed = below?.weighed
  }

  /** Says what a place is called in a line of working. */
  callPlace(place: Place, words: string): void {
    if (!this.placeWords.has(place.key)) this.placeWords.set(place.key, words)
  }

  words(place: Place): string {
    return this.placeWords.get(place.key) ?? place.id
  }

  label(material: string): string {
    return materialLabel(this.task, material)
  }

  amount(species: Formula, place: Place): Key {
    return this.network.defineOnce({ what: 'amount', species: speciesKey(species), place }, () => ({
      says: `amount of ${nameOf(species)} in ${this.words(place)}`,
      symbol: 'n',
      fullSymbol: `n(${species.text})`,
      unit: 'mol',
    }))
  }

  /** Mass of one species at a place; the mass of everything there is `totalMass`. */
  mass(species: Formula, place: Place): Key {
    return this.network.defineOnce({ what: 'mass', species: speciesKey(species), place }, () => ({
      says: `mass of ${nameOf(species)} in ${this.words(place)}`,
      symbol: 'm',
      fullSymbol: `m(${species.text})`,
      unit: 'g',
    }))
  }

  totalMass(place: Place): Key {
    return this.network.define({
      of: { what: 'mass', place },
      says: `mass of ${this.words(place)}`,
      symbol: 'm',
      fullSymbol: 'm',
      unit: 'g',
    })
  }

  /** @param detail - tells it from the volume that is worked with there */
  volume(place: Place, says?: string, detail?: string): Key {
    return this.network.define({
      of: { what: 'volume', place, ...(detail === undefined ? {} : { detail }) },
      says: says ?? `volume of ${this.words(place)}`,
      symbol: 'V',
      fullSymbol: 'V',
      unit: 'cm3',
    })
  }

  concentration(species: Formula, material: string): Key {
    return this.network.defineOnce({ what: 'concentration', species: speciesKey(species), place: inMaterial(material) }, () => ({
      says: `concentration of ${nameOf(species)} in ${this.label(material)}`,
      symbol: 'c',
      fullSymbol: `c(${species.text})`,
      unit: 'mol/dm3',
    }))
  }

  massConcentration(species: Formula, material: string): Key {
    return this.network.defineOnce(
      { what: 'mass concentration', species: speciesKey(species), place: inMaterial(material) },
      () => ({
        says: `mass concentration of ${nameOf(species)} in ${this.label(material)}`,
        symbol: 'ρ',
        fullSymbol: `ρ(${species.text})`,
        unit: 'g/dm3',
      }),
    )
  }

  molarMass(species: Formula): Key {
    const key = this.network.defineOnce({ what: 'molar mass', species: speciesKey(species) }, () => ({
      says: `molar mass of ${species.text}`,
      symbol: 'M',
      fullSymbol: `M(${species.text})`,
      unit: 'g/mol',
    }))
    if (!this.network.givens.has(key)) {
      const { atomicMasses, sheetMasses = '' } = this.task.conventions
      const sheet = readSheetMasses(sheetMasses)
      if (!hasMolarMass(species, sheet)) {
        this.network.ask(
          key,
          `the molar mass of ${species.text}, among the masses the sheet gives: not all of it is said`,
          STATED_SELDOM,
        )
        return key
      }
      const value = molarMassOf(species, atomicMasses, sheet)
      // Masses to one decimal are written with it, 18.0, also where it is nought.
      const written = atomicMasses === 'one-decimal' && value.decimalPlaces() <= 1 ? value.toFixed(1) : value.toFixed()
      this.network.give(key, { value, text: givenMass(sheet, species)?.text ?? written, reading: false })
    }
    return key
  }

  /** Gives a quantity the value of an entry of the record, or asks for it where the entry is not there yet. */
  read(key: Key, entry: Entry | undefined, at: Path, ask: string): void {
    this.network.ask(key, ask)
    if (entry === undefined) return
    const text = entryText(entry)
    // A volume or mass of nought cannot be; it is named at its place, and nothing is built on it.
    const { what } = this.network.quantities.get(key)?.of ?? {}
    if ((what === 'volume' || what === 'mass') && !new Exact(text).gt(0)) return
    this.network.give(key, { value: new Exact(text), text, at, reading: true })
  }

  /** The formula of what a material is or holds, or undefined when it is unknown or does not parse. */
  solute(material: string): Formula | undefined {
    const text = findMaterial(this.task, material)?.solute
    return text === undefined ? undefined : readFormula(text)
  }

  /** The solution part that made a material up, if one did. */
  madeBy(material: string) {
    return makerOf(this.task, material)
  }

  weighing(id: string) {
    return weighingOf(this.task, id)
  }

  /** Weighings of a material, in the order done. */
  weighingsOf(material: string) {
    this.weighed ??= weighingsByMaterial(this.task)
    return this.weighed.get(material) ?? []
  }
}

function weighingsByMaterial(task: Task): ReadonlyMap<string, readonly PartOf<'weighing'>[]> {
  const found = new Map<string, PartOf<'weighing'>[]>()
  for (const part of task.parts) {
    if (part.kind !== 'weighing') continue
    const same = found.get(part.of)
    if (same) same.push(part)
    else found.set(part.of, [part])
  }
  return found
}

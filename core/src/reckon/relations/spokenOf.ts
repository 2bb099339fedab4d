import { isCountable, type Question } from '../../record/index.ts'
import { type Formula, saltIons, sameSpecies } from '../../substance/index.ts'
import type { Bench } from '../Bench.ts'
import type { Place } from '../place.ts'
import { readFormula } from '../species.ts'
import { placeOf } from './placeOf.ts'
import { commonIonOf } from './solubility.ts'

/** The species a question speaks of, and the place it speaks of them at. */
export interface Spoken {
  readonly place: Place
  readonly species: readonly Formula[]
  /** By which of them the first is counted, where the question says so. */
  readonly countedBy?: Formula
}

/** What a question speaks of, so that the network knows of it there; nothing where it names no species of the record. */
export function spokenOf(bench: Bench, find: Question['find']): Spoken | undefined {
  if (!('of' in find) || find.quantity === 'molarMass' || find.quantity === 'massToWeigh') return undefined
  const formula = readFormula(find.of)
  const place = placeOf(bench, find.in)
  if (!formula || !place) return undefined
  const counted = isCountable(find) && find.countedBy !== undefined ? readFormula(find.countedBy) : undefined
  if (find.quantity !== 'solubility' && find.quantity !== 'solubilityProduct')
    return { place, ...(counted ? { species: [formula, counted], countedBy: counted } : { species: [formula] }) }
  // A common ion that was added is not in the ratio of the salt, so it is not counted from the other.
  const common = commonIonOf(bench, formula, find)
  const ions = (saltIons(formula) ?? []).map(({ ion }) => ion)
  return { place, species: [formula, ...ions.filter((ion) => !common || !sameSpecies(ion, common.ion))] }
}

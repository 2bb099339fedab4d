import type { Question } from '../../record/index.ts'
import { dissociate, type Formula, sameSpecies } from '../../substance/index.ts'
import type { Bench } from '../Bench.ts'
import type { Place } from '../place.ts'
import { readFormula } from '../species.ts'
import { placeOf } from './placeOf.ts'
import { commonIonOf } from './solubility.ts'

/** The species a question speaks of, with the place, so that the network knows of them there. */
export function spokenOf(bench: Bench, question: Question): readonly { readonly formula: Formula; readonly place: Place }[] {
  const { find } = question
  if (!('of' in find) || find.quantity === 'molarMass' || find.quantity === 'massToWeigh') return []
  const formula = readFormula(find.of)
  const place = placeOf(bench, find.in)
  if (!formula || !place) return []
  const ions = find.quantity.startsWith('solubility') ? (dissociate(formula)?.map(({ ion }) => ion) ?? []) : []
  // A common ion that was added is not in the ratio of the salt, so it is not counted from the other.
  const common =
    find.quantity === 'solubility' || find.quantity === 'solubilityProduct' ? commonIonOf(bench, formula, find) : undefined
  const fromSalt = ions.filter((ion) => !common || !sameSpecies(ion, common.ion))
  return [formula, ...fromSalt].map((one) => ({ formula: one, place }))
}

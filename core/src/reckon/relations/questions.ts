import { findById, type Question } from '../../record/index.ts'
import { dissociate, type Formula, nameOf, sameSpecies, speciesKey } from '../../substance/index.ts'
import type { Assessment } from '../../titration/index.ts'
import type { Bench } from '../Bench.ts'
import { heated, inMaterial, inTitration, type Place, weighed } from '../place.ts'
import { keyOf } from '../quantity.ts'
import { readFormula } from '../species.ts'
import { relatePercent } from './percent.ts'
import { relateError } from './percentError.ts'
import { relateCrossing, relateGradient, relateRise } from './series.ts'
import { commonIonOf, relateSolubility } from './solubility.ts'
import { relateMassToWeigh } from './statedQuantity.ts'
import type { Target } from './target.ts'
import { relateHydration, relateMolarMass } from './unknownSolid.ts'

/** The place a question names: a weighing, a titration's `flask`, `titre` or `before`, a heating, or a material. */
function placeOf(bench: Bench, name: string): Place | undefined {
  const part = findById(bench.task.parts, name)
  if (part?.kind === 'weighing') return weighed(name)
  if (part?.kind === 'heating') return heated(name)
  const [, titration, role] = /^([^/]+)\/(flask|titre|before)$/.exec(name) ?? []
  if (titration !== undefined && role !== undefined)
    return inTitration({ part: { id: titration } }, role === 'before' ? 'used' : (role as 'flask' | 'titre'))
  return bench.task.materials.some(({ id }) => id === name) ? inMaterial(name) : undefined
}

const speciesOf = (text: string): Formula | string => readFormula(text) ?? `a formula that can be read instead of '${text}'`

/** Adds the relations only a question needs and returns the quantity it asks for. */
export function relateQuestion(bench: Bench, question: Question, assessments: ReadonlyMap<string, Assessment>): Target {
  const { find } = question
  switch (find.quantity) {
    case 'meanTitre':
      return { key: keyOf({ what: 'volume', place: inTitration({ part: { id: find.in } }, 'titre') }) }
    case 'mass':
    case 'amount': {
      const [species, place] = [speciesOf(find.of), placeOf(bench, find.in)]
      if (typeof species === 'string') return { missing: species }
      if (!place) return { missing: `a place called '${find.in}' in the record` }
      return { key: find.quantity === 'mass' ? bench.mass(species, place) : bench.amount(species, place) }
    }
    case 'concentration':
    case 'massConcentration': {
      const species = speciesOf(find.of)
      if (typeof species === 'string') return { missing: species }
      return {
        key:
          find.quantity === 'concentration' ? bench.concentration(species, find.in) : bench.massConcentration(species, find.in),
      }
    }
    case 'massPercent':
      return onSpecies(find.of, (species) => relatePercent(bench, species, find.in, assessments))
    case 'molarMass':
      return relateMolarMass(bench, find.of)
    case 'hydration':
      return onSpecies(find.of, (salt) => relateHydration(bench, salt, find.in))
    case 'percentError':
      return relatePercentError(bench, question.id, find, assessments)
    case 'solubility':
    case 'solubilityProduct':
      return onSpecies(find.of, (salt) => relateSolubility(bench, salt, find))
    case 'massToWeigh':
      return onSpecies(find.of, (species) => relateMassToWeigh(bench, question.id, species, find.concentration, find.volume))
    case 'perItem':
      return onSpecies(find.of, (species) => relatePerItem(bench, species, find.in, find.items))
    case 'crossing':
      return relateCrossing(bench, find.in)
    case 'gradient':
      return relateGradient(bench, find.in, find.at)
    case 'rise':
      return relateRise(bench, find.in)
    case 'ions':
      return { missing: 'a conclusion from the tubes; it is written with the rack' }
  }
}

function onSpecies(text: string, relate: (species: Formula) => Target): Target {
  const species = speciesOf(text)
  return typeof species === 'string' ? { missing: species } : relate(species)
}

/** The answer of a question is compared with the value that is accepted for it. */
function relatePercentError(
  bench: Bench,
  id: string,
  { answer, accepted }: { readonly answer: string; readonly accepted: string },
  assessments: ReadonlyMap<string, Assessment>,
): Target {
  const asked = bench.task.questions.find((question) => question.id === answer)
  if (!asked || asked.find.quantity === 'percentError') return { missing: `an answer called '${answer}' to compare` }
  const target = relateQuestion(bench, asked, assessments)
  return 'missing' in target ? target : { key: relateError(bench, id, { key: target.key, unit: asked.unit, accepted }) }
}

/** What one tablet holds, in mg. */
function relatePerItem(bench: Bench, species: Formula, material: string, items: number): Target {
  const { network } = bench
  const key = network.define({
    of: { what: 'each', species: speciesKey(species), place: inMaterial(material) },
    says: `${nameOf(species)} in each`,
    symbol: 'm',
    fullSymbol: 'm(each)',
    unit: 'mg',
  })
  const weighings = bench.weighingsOf(material)
  for (const { id } of weighings) {
    network.product({
      gives: key,
      over: [bench.mass(species, weighed(id))],
      factor: { over: 1000, under: items },
      oneWay: true,
      formulas: { [key]: `m(each) = m/${items} × 1000` },
    })
  }
  return weighings.length > 0 ? { key } : { missing: `a weighing of ${bench.label(material)}` }
}

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

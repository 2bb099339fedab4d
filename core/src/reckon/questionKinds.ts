import { type FindOf, materialLabel, placeSays, type Quantity, type Question, type Task } from '../record/index.ts'
import type { Formula } from '../substance/index.ts'
import { sumOf } from '../sums/index.ts'
import type { Assessment } from '../titration/index.ts'
import type { Bench } from './Bench.ts'
import { inTitration } from './place.ts'
import { type Key, keyOf } from './quantity.ts'
import { relateEquilibriumConstant } from './relations/equilibrium.ts'
import { relatePercent } from './relations/percent.ts'
import { relateError } from './relations/percentError.ts'
import { relatePerItem } from './relations/perItem.ts'
import { placeOf } from './relations/placeOf.ts'
import {
  relateArea,
  relateCrossing,
  relateEquivalence,
  relateGradient,
  relateHalfEquivalence,
  relateRise,
  relateTurning,
  relateXAt,
  relateYAt,
} from './relations/series/index.ts'
import { relateSolubility } from './relations/solubility.ts'
import { relateMassToWeigh } from './relations/statedQuantity.ts'
import { type AnswerTo, relateSum } from './relations/sum.ts'
import type { Target } from './relations/target.ts'
import { relateHydration, relateMolarMass, relateUnknownMass } from './relations/unknownSolid.ts'
import {
  areaTitle,
  crossingTitle,
  equivalenceTitle,
  halfWayTitle,
  heightTitle,
  placeTitle,
  turningTitle,
} from './seriesTitles.ts'
import { readFormula } from './species.ts'

/** The network in which a question is asked. */
export interface Asked {
  readonly bench: Bench
  /** Of the question. */
  readonly id: string
  readonly assessments: ReadonlyMap<string, Assessment>
  /** The answer to another question, in the unit it is asked for in. */
  readonly answerTo: AnswerTo
}

/** A kind of question: how it is put into words, and what has to be worked out for it. */
interface QuestionKind<Find> {
  readonly title: (find: Find, task: Task) => string
  /** Lays the relations that only this question needs, and says which quantity it asks for. */
  readonly relate: (find: Find, asked: Asked) => Target
}

const speciesOf = (text: string): Formula | string => readFormula(text) ?? `a formula that can be read instead of '${text}'`

function onSpecies(text: string, relate: (species: Formula) => Target): Target {
  const species = speciesOf(text)
  return typeof species === 'string' ? { missing: species } : relate(species)
}

/** A species in a solution of the record. */
function inSolution(
  bench: Bench,
  find: FindOf<'concentration' | 'massConcentration'>,
  relate: (species: Formula) => Key,
): Target {
  if (!bench.task.materials.some(({ id }) => id === find.in)) return { missing: `a solution called '${find.in}' in the record` }
  return onSpecies(find.of, (species) => ({ key: relate(species) }))
}

function inPlace(bench: Bench, find: FindOf<'mass' | 'amount'>, quantity: 'mass' | 'amount'): Target {
  return onSpecies(find.of, (species) => {
    const place = placeOf(bench, find.in)
    return place ? { key: bench[quantity](species, place) } : { missing: `a place called '${find.in}' in the record` }
  })
}

const upper = (text: string) => text.charAt(0).toUpperCase() + text.slice(1)
const inLabel = (task: Task, find: { readonly in: string }) => `in ${placeSays(task, find.in)}`

/** Every kind of question. One that lacks something here does not compile. */
const QUESTION_KINDS: { readonly [Kind in Quantity]: QuestionKind<FindOf<Kind>> } = {
  meanTitre: {
    title: () => 'Mean titre',
    relate: (find) => ({ key: keyOf({ what: 'volume', place: inTitration({ part: { id: find.in } }, 'titre') }) }),
  },
  mass: {
    title: (find, task) => `Mass of ${find.of} ${inLabel(task, find)}`,
    relate: (find, { bench }) => inPlace(bench, find, 'mass'),
  },
  amount: {
    title: (find, task) => `Amount of ${find.of} ${inLabel(task, find)}`,
    relate: (find, { bench }) => inPlace(bench, find, 'amount'),
  },
  concentration: {
    title: (find, task) => `Concentration of ${find.of} ${inLabel(task, find)}`,
    relate: (find, { bench }) => inSolution(bench, find, (species) => bench.concentration(species, find.in)),
  },
  massConcentration: {
    title: (find, task) => `Mass concentration of ${find.of} ${inLabel(task, find)}`,
    relate: (find, { bench }) => inSolution(bench, find, (species) => bench.massConcentration(species, find.in)),
  },
  massPercent: {
    title: (find, task) => `Percentage by mass of ${find.of} ${inLabel(task, find)}`,
    relate: (find, { bench, assessments }) =>
      onSpecies(find.of, (species) => relatePercent(bench, species, find.in, assessments)),
  },
  molarMass: {
    title: (find, task) => `Molar mass of ${materialLabel(task, find.of)}`,
    relate: (find, { bench }) => relateMolarMass(bench, find.of),
  },
  unknownMass: {
    title: (find, task) => `Relative mass of ${find.of} ${inLabel(task, find)}`,
    relate: (find, { bench }) => onSpecies(find.of, (letter) => relateUnknownMass(bench, letter, find.in)),
  },
  hydration: {
    title: (find) => `x in ${find.of}·xH2O`,
    relate: (find, { bench }) => onSpecies(find.of, (salt) => relateHydration(bench, salt, find.in)),
  },
  percentError: {
    title: () => 'Percentage error',
    relate: ({ answer, accepted }, { bench, id, answerTo }) => {
      const target = answerTo(answer)
      return 'missing' in target ? target : { key: relateError(bench, id, target.key, accepted) }
    },
  },
  solubility: {
    title: (find, task) => `Solubility of ${find.of} ${inLabel(task, find)}`,
    relate: (find, { bench }) => onSpecies(find.of, (salt) => relateSolubility(bench, salt, find)),
  },
  solubilityProduct: {
    title: (find) => `Solubility product of ${find.of}`,
    relate: (find, { bench }) => onSpecies(find.of, (salt) => relateSolubility(bench, salt, find)),
  },
  massToWeigh: {
    title: (find) => `Mass of ${find.of} to weigh`,
    relate: (find, { bench, id }) =>
      onSpecies(find.of, (species) => relateMassToWeigh(bench, id, species, find.concentration, find.volume)),
  },
  perItem: {
    title: (find) => `${find.of} in each of ${find.items}`,
    relate: (find, { bench }) => onSpecies(find.of, (species) => relatePerItem(bench, species, find.in, find.items)),
  },
  crossing: {
    title: crossingTitle,
    relate: (find, { bench }) => relateCrossing(bench, find.in, find.axis),
  },
  gradient: {
    title: (find) => (find.at === undefined ? 'Gradient' : `Gradient at ${find.at}`),
    relate: (find, { bench }) => relateGradient(bench, find.in, find.at),
  },
  rise: { title: () => 'Change on mixing', relate: (find, { bench }) => relateRise(bench, find.in) },
  yAt: {
    title: heightTitle,
    relate: (find, { bench, id, answerTo }) => relateYAt(bench, find, { id, answerTo }),
  },
  xAt: {
    title: placeTitle,
    relate: (find, { bench, id, answerTo }) => relateXAt(bench, find, { id, answerTo }),
  },
  highest: {
    title: turningTitle,
    relate: (find, { bench }) => relateTurning(bench, find),
  },
  lowest: {
    title: turningTitle,
    relate: (find, { bench }) => relateTurning(bench, find),
  },
  equivalence: {
    title: equivalenceTitle,
    relate: (find, { bench }) => relateEquivalence(bench, find),
  },
  halfEquivalence: {
    title: halfWayTitle,
    relate: (find, { bench }) => relateHalfEquivalence(bench, find),
  },
  area: {
    title: areaTitle,
    relate: (find, { bench, id }) => relateArea(bench, id, find),
  },
  sum: {
    title: (find) => upper(sumOf(find.sum)?.says ?? find.sum),
    relate: (find, { bench, id, answerTo }) => relateSum(bench, id, find, answerTo),
  },
  equilibriumConstant: {
    title: () => 'Equilibrium constant Kc',
    relate: (find, { bench, id, answerTo }) => relateEquilibriumConstant(bench, id, find, answerTo),
  },
  ions: {
    title: (find, task) => `Ions ${inLabel(task, find)}`,
    relate: () => ({ missing: 'a conclusion from the tubes; it is written with the rack' }),
  },
  words: {
    title: () => 'A question in words',
    relate: () => ({ missing: 'your answer in words' }),
  },
}

// The table has for every quantity what takes that very quantity, which TypeScript cannot follow through the index.
const kindOf = ({ quantity }: Question['find']) => QUESTION_KINDS[quantity] as unknown as QuestionKind<Question['find']>

/** What a question asks, in words: its own text, else made from what it finds. */
export function questionTitle(task: Task, { text, number, find }: Question): string {
  const title = text?.trim() || kindOf(find).title(find, task)
  return number ? `${number} ${title}` : title
}

/** Adds the relations only a question needs and returns the quantity it asks for. */
export function relateQuestion({ find }: Question, asked: Asked): Target {
  return kindOf(find).relate(find, asked)
}

import { byKind, type PartOf, path, type Question, type Task } from '../record/index.ts'
import { speciesKey } from '../substance/index.ts'
import { type Assessment, assessTitration, massesFrom } from '../titration/index.ts'
import { Bench } from './Bench.ts'
import { heated, inMaterial, inTitration, type Place, weighed } from './place.ts'
import { relateQuestion } from './questionKinds.ts'
import { relateHeating } from './relations/heating.ts'
import { relateStrength } from './relations/materials.ts'
import { relateMixtures } from './relations/mixtures.ts'
import { Presence } from './relations/presence.ts'
import { type Roles, rolesOf } from './relations/roles.ts'
import { relateConcentrations, relateSolution, relateSolutionVolume } from './relations/solutions.ts'
import { type Loose, relateMasses, relateSpecies, relateSpeciesInSolution } from './relations/species.ts'
import { spokenOf } from './relations/spokenOf.ts'
import type { Target } from './relations/target.ts'
import { flasksOf, relateTitration } from './relations/titrations.ts'
import { relatePureSolid, relateWeighing } from './relations/weighings.ts'
import { readEquation, readFormula } from './species.ts'

/** A task as a network, with what each question comes to in it. */
export interface Built {
  readonly bench: Bench
  readonly assessments: ReadonlyMap<string, Assessment>
  readonly roles: TitrationRoles
  readonly targets: readonly { readonly question: Question; readonly target: Target }[]
  /** What keeps titrations from being worked out at all, by part id. */
  readonly gaps: ReadonlyMap<string, string>
}

type TitrationRoles = ReadonlyMap<string, Roles>

/** Where something that was put in came from. */
const cameFrom = (source: { readonly weighing: string } | { readonly material: string }): Place =>
  'weighing' in source ? weighed(source.weighing) : inMaterial(source.material)

/** What is known of the titrations when relations are laid. */
interface Titrations {
  readonly roles: TitrationRoles
  readonly assessments: ReadonlyMap<string, Assessment>
}

/** Species go with the sample: from what was weighed to the flask, and from the flask to the titre. */
function carryThroughTitration(part: PartOf<'titration'>, presence: Presence, { roles, assessments }: Titrations): void {
  const [role, assessment] = [roles.get(part.id), assessments.get(part.id)]
  if (!role || !assessment) return
  for (const one of flasksOf(part, assessment)) {
    const [flask, titre] = [inTitration(one, 'flask'), inTitration(one, 'titre')]
    for (const content of part.flask) presence.link(flask, cameFrom(content))
    const own = one.run === undefined ? undefined : part.runs[one.run]?.weighing
    if (own !== undefined) presence.link(flask, weighed(own))
    for (const step of role.before) {
      presence.add(flask, step.analyte.formula)
      if (step.kind === 'leftOver') presence.add(flask, step.linked.formula)
    }
    if (role.before.length === 0) for (const { titrated } of [role, ...role.also]) presence.add(flask, titrated.formula)
    presence.link(inMaterial(part.burette), titre)
    presence.add(titre, role.burette.formula)
  }
}

/** A series is read off a graph, tubes and spots are not weighed: no amounts go through them. */
const CARRIES_NOTHING = () => {}

const carryThrough = byKind<void, [presence: Presence, titrations: Titrations]>({
  weighing: (part, presence) => presence.link(inMaterial(part.of), weighed(part.id)),
  heating: (part, presence) => presence.link(inMaterial(part.of), heated(part.id)),
  solution: (part, presence) => {
    for (const source of part.from) presence.link(inMaterial(part.gives), cameFrom(source))
  },
  titration: carryThroughTitration,
  series: CARRIES_NOTHING,
  rack: CARRIES_NOTHING,
  chromatogram: CARRIES_NOTHING,
  note: CARRIES_NOTHING,
})

/** Finds which species are spoken of where; a sample carries them from the weighing to the flask. */
function findPresence(bench: Bench, titrations: Titrations): Presence {
  const presence = new Presence()
  const { task } = bench
  for (const material of task.materials) {
    const solute = material.solute === undefined ? undefined : readFormula(material.solute)
    if (solute) presence.add(inMaterial(material.id), solute)
  }
  for (const part of task.parts) carryThrough(part, presence, titrations)
  for (const question of task.questions) for (const { formula, place } of spokenOf(bench, question)) presence.add(place, formula)
  return presence
}

/** Species that a question asks for and no equation names, and those that equations name. */
function findLoose(bench: Bench): Loose {
  const reacting = bench.task.parts
    .flatMap((part) => (part.kind === 'titration' ? part.reactions : []))
    .flatMap(({ equation }) => {
      const read = readEquation(equation)
      return read ? [...read.reactants, ...read.products].map(({ formula }) => formula) : []
    })
  const named = new Set(reacting.map(speciesKey))
  const asked = bench.task.questions.flatMap((question) => spokenOf(bench, question)).map(({ formula }) => formula)
  return { asked: asked.filter((formula) => !named.has(speciesKey(formula))), reacting }
}

/** Nothing of it is weighed: its relations, if any, are those of materials, titrations and questions. */
const NOTHING_WEIGHED = (): readonly Place[] => []

/** The relations of what a part weighs; the places where there is an amount of something then. */
const relateWeighed = byKind<readonly Place[], [bench: Bench]>({
  weighing: (part, bench) => {
    relateWeighing(bench, part)
    relatePureSolid(bench, part)
    return [weighed(part.id)]
  },
  heating: (part, bench) => {
    relateHeating(bench, part)
    return [heated(part.id)]
  },
  solution: NOTHING_WEIGHED,
  titration: NOTHING_WEIGHED,
  series: NOTHING_WEIGHED,
  rack: NOTHING_WEIGHED,
  chromatogram: NOTHING_WEIGHED,
  note: NOTHING_WEIGHED,
})

function relateMaterials(bench: Bench, presence: Presence, loose: Loose): readonly Place[] {
  return bench.task.materials.flatMap((material) => {
    const made = bench.madeBy(material.id)
    const volume = made?.kind === 'solution' ? relateSolutionVolume(bench, made) : undefined
    const species = presence.at(inMaterial(material.id))
    if (made?.kind === 'solution') relateSolution(bench, made, species)
    if (material.form !== 'solution' && material.form !== 'liquid') return []
    relateStrength(bench, material)
    relateConcentrations(bench, material.id, species, volume)
    relateSpeciesInSolution(bench, material.id, species, loose)
    return made ? [inMaterial(material.id)] : []
  })
}

function relateTitrations(bench: Bench, presence: Presence, { roles, assessments }: Titrations): readonly Place[] {
  return bench.task.parts.flatMap((part) => {
    const [role, assessment] = part.kind === 'titration' ? [roles.get(part.id), assessments.get(part.id)] : []
    if (part.kind !== 'titration' || !role || !assessment) return []
    relateTitration(bench, part, assessment, role, presence.at(inTitration({ part }, 'flask')))
    return flasksOf(part, assessment).flatMap((flask) => [inTitration(flask, 'flask'), inTitration(flask, 'titre')])
  })
}

function relateEverything(bench: Bench, titrations: Titrations): void {
  const presence = findPresence(bench, titrations)
  const loose = findLoose(bench)
  const places = [
    ...bench.task.parts.flatMap((part) => relateWeighed(part, bench)),
    ...relateMaterials(bench, presence, loose),
    ...relateTitrations(bench, presence, titrations),
  ]
  relateMixtures(bench, titrations.roles)
  for (const place of places) {
    const species = presence.at(place)
    relateMasses(bench, place, species)
    relateSpecies(bench, place, species, loose)
  }
}

/** Lays a whole task out as a network of amounts. */
export function buildNetwork(task: Task): Built {
  const bench = new Bench(task)
  const roles = new Map<string, Roles>()
  const gaps = new Map<string, string>()
  const assessments = new Map<string, Assessment>()
  const setting = { conventions: task.conventions, massOfRun: massesFrom(task) }
  for (const part of task.parts) {
    if (part.kind !== 'titration') continue
    assessments.set(part.id, assessTitration(part, setting))
    const found = rolesOf(bench, part)
    if (typeof found === 'string') gaps.set(part.id, found)
    else roles.set(part.id, found)
  }
  relateEverything(bench, { roles, assessments })
  relateMeansWithoutEquation(bench, gaps, assessments)
  const targets = task.questions.map((question) => ({ question, target: relateQuestion(bench, question, assessments) }))
  return { bench, assessments, roles, targets, gaps }
}

/** The mean titre can be had even where the chemistry is not written down yet. */
function relateMeansWithoutEquation(
  bench: Bench,
  gaps: ReadonlyMap<string, string>,
  assessments: ReadonlyMap<string, Assessment>,
): void {
  for (const id of gaps.keys()) {
    const mean = assessments.get(id)?.mean
    const titre = inTitration({ part: { id } }, 'titre')
    bench.callPlace(titre, 'the mean titre')
    const key = bench.volume(titre, 'mean titre')
    bench.network.ask(key, 'two titres that agree')
    if (mean)
      bench.network.give(key, { value: mean, text: mean.toDecimalPlaces(4).toFixed(), at: path('parts', id), reading: true })
  }
}

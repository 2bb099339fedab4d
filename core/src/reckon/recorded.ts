import { buretteOf, byKind, type PartOf } from '../record/index.ts'
import { countIn, parseFormula } from '../substance/index.ts'
import { type Assessment, assessTitration, massesFrom } from '../titration/index.ts'
import type { Bench } from './Bench.ts'
import { heated, inMaterial, inTitration, type Place, weighed } from './place.ts'
import { reactingInHeat } from './relations/heating.ts'
import { type Mixture, mixturesOf } from './relations/mixtureOf.ts'
import { Presence } from './relations/presence.ts'
import { reactedBefore } from './relations/reactedBefore.ts'
import { type Roles, rolesOf } from './relations/roles.ts'
import { flasksOf } from './relations/titrations.ts'
import { readFormula } from './species.ts'

const PROTON = parseFormula('H+')

/** What a record says before any relation is laid: what its titrations come to, and which species are where. */
export interface Recorded {
  readonly roles: ReadonlyMap<string, Roles>
  readonly assessments: ReadonlyMap<string, Assessment>
  /** What keeps titrations from being worked out at all, by part id. */
  readonly gaps: ReadonlyMap<string, string>
  readonly presence: Presence
  /** Solutions whose titrations have to be solved together. */
  readonly mixtures: readonly Mixture[]
}

type Titrations = Pick<Recorded, 'roles' | 'assessments'>

/** Where something that was put in came from. */
const cameFrom = (source: { readonly weighing: string } | { readonly material: string }): Place =>
  'weighing' in source ? weighed(source.weighing) : inMaterial(source.material)

/** Species go with the sample: from what was weighed to the flask, and from the flask to the titre. */
function carryThroughTitration(part: PartOf<'titration'>, presence: Presence, { roles, assessments }: Titrations): void {
  const [role, assessment] = [roles.get(part.id), assessments.get(part.id)]
  if (!role || !assessment) return
  for (const one of flasksOf(part, assessment)) {
    const [flask, titre] = [inTitration(one, 'flask'), inTitration(one, 'titre')]
    for (const content of part.flask) presence.link(flask, cameFrom(content))
    if (part.continues !== undefined) presence.link(flask, inTitration({ part: { id: part.continues } }, 'flask'))
    const own = one.run === undefined ? undefined : part.runs[one.run]?.weighing
    if (own !== undefined) presence.link(flask, weighed(own))
    for (const step of role.before) {
      presence.add(flask, step.analyte.formula)
      if (step.kind === 'leftOver') presence.add(flask, step.linked.formula)
    }
    if (role.before.length === 0) for (const { titrated } of [role, ...role.also]) presence.add(flask, titrated.formula)
    for (const { burette, titrated } of [role, ...role.also])
      if (countIn(PROTON, burette.formula) > 0) presence.titratedWithAcid(flask, titrated.formula)
    presence.link(inMaterial(buretteOf(part)), titre)
    presence.add(titre, role.burette.formula)
  }
}

/** A series is read off a graph, tubes and spots are not weighed: no amounts go through them. */
const CARRIES_NOTHING = () => {}

const carryThrough = byKind<void, [presence: Presence, titrations: Titrations, bench: Bench]>({
  weighing: (part, presence) => presence.link(inMaterial(part.of), weighed(part.id)),
  heating: (part, presence) => {
    presence.link(inMaterial(part.of), heated(part.id))
    for (const formula of reactingInHeat(part)) presence.add(heated(part.id), formula)
  },
  solution: (part, presence, _, bench) => {
    for (const source of part.from) presence.link(inMaterial(part.gives), cameFrom(source))
    const before = reactedBefore(bench, part)
    for (const term of before ? [before.leftOver, before.analyte] : []) presence.add(inMaterial(part.gives), term.formula)
  },
  titration: carryThroughTitration,
  series: CARRIES_NOTHING,
  rack: CARRIES_NOTHING,
  chromatogram: CARRIES_NOTHING,
  note: CARRIES_NOTHING,
})

/** Finds which species the record speaks of where; a sample carries them from the weighing to the flask. */
function findPresence(bench: Bench, titrations: Titrations): Presence {
  const { task } = bench
  const presence = new Presence()
  for (const material of task.materials) {
    const solute = material.solute === undefined ? undefined : readFormula(material.solute)
    if (solute) presence.label(inMaterial(material.id), solute)
  }
  for (const part of task.parts) carryThrough(part, presence, titrations, bench)
  return presence
}

/** Reads what a record says of titrations and species. */
export function readRecord(bench: Bench): Recorded {
  const { task } = bench
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
  return { roles, assessments, gaps, presence: findPresence(bench, { roles, assessments }), mixtures: mixturesOf(task, roles) }
}

import { byKind, circularSolutions } from '../record/index.ts'
import type { Bench } from './Bench.ts'
import { heated, inMaterial, inTitration, type Place, weighed } from './place.ts'
import type { Recorded } from './recorded.ts'
import { relateHeating } from './relations/heating.ts'
import { relateStrength } from './relations/materials.ts'
import { relateMixtures } from './relations/mixtures.ts'
import { relateConcentrations, relateSolution, relateSolutionVolume } from './relations/solutions.ts'
import { type Here, relateMasses, relateSpecies, relateSpeciesInSolution } from './relations/species.ts'
import { flasksOf, relateFurtherContents, relateTitration } from './relations/titrations.ts'
import { relateTitreVolume } from './relations/titre.ts'
import { relateWeighing } from './relations/weighings.ts'

/** Which species are to be tied in at a place, and what else is spoken of there; nothing where there is nothing to do. */
export type SpeciesAt = (place: Place) => Here | undefined

/** Places of a part at which species have a mass of their own. */
const placesWeighed = byKind<readonly Place[]>({
  weighing: ({ id }) => [weighed(id)],
  heating: ({ id }) => [heated(id)],
  solution: () => [],
  titration: () => [],
  series: () => [],
  rack: () => [],
  chromatogram: () => [],
  note: () => [],
})

function relateInSolution(bench: Bench, material: string, here: Here): void {
  relateConcentrations(bench, material, here.fresh)
  relateSpeciesInSolution(bench, material, here)
}

function relateAmounts(bench: Bench, place: Place, here: Here): void {
  relateMasses(bench, place, here.fresh)
  relateSpecies(bench, place, here)
}

/** Ties species in wherever they are: in solutions, in flasks, in what was weighed. */
export function laySpecies(bench: Bench, { roles, assessments }: Recorded, speciesAt: SpeciesAt): void {
  const { task } = bench
  const circular = circularSolutions(task)
  const amountsAt = (place: Place, here = speciesAt(place)) => here && relateAmounts(bench, place, here)
  for (const { id, form } of task.materials) {
    const here = speciesAt(inMaterial(id))
    if (!here) continue
    const maker = bench.madeBy(id)
    const made = maker && !circular.has(maker.id) ? maker : undefined
    if (made) relateSolution(bench, made, here.fresh)
    if (form === 'solution' || form === 'liquid') relateInSolution(bench, id, here)
    if (made) amountsAt(inMaterial(id), here)
  }
  for (const part of task.parts) {
    for (const place of placesWeighed(part)) amountsAt(place)
    const [role, assessment] = part.kind === 'titration' ? [roles.get(part.id), assessments.get(part.id)] : []
    if (part.kind !== 'titration' || !role || !assessment) continue
    for (const flask of flasksOf(part, assessment)) {
      const here = speciesAt(inTitration(flask, 'flask'))
      if (here) relateFurtherContents(bench, flask, role, here.fresh)
      amountsAt(inTitration(flask, 'flask'), here)
      amountsAt(inTitration(flask, 'titre'))
    }
  }
}

/** The mean titre can be had even where the chemistry is not written down yet. */
function relateMeansWithoutEquation(bench: Bench, { gaps, assessments }: Recorded): void {
  for (const id of gaps.keys()) {
    const [assessment, part] = [assessments.get(id), bench.task.parts.find((one) => one.id === id)]
    if (part?.kind === 'titration' && assessment) relateTitreVolume(bench, { part }, assessment)
  }
}

/** Lays everything that was measured out as relations, before any question is asked. */
export function layRecord(bench: Bench, recorded: Recorded): void {
  const { task } = bench
  const circular = circularSolutions(task)
  for (const part of task.parts) {
    if (part.kind === 'weighing') relateWeighing(bench, part)
    if (part.kind === 'heating') relateHeating(bench, part)
    if (part.kind === 'solution' && !circular.has(part.id)) relateSolutionVolume(bench, part)
  }
  const mixed = new Set(recorded.mixtures.flatMap(({ titrations }) => titrations.map(({ id }) => id)))
  for (const material of task.materials) relateStrength(bench, material)
  for (const part of task.parts) {
    const [role, assessment] = part.kind === 'titration' ? [recorded.roles.get(part.id), recorded.assessments.get(part.id)] : []
    if (part.kind === 'titration' && role && assessment)
      relateTitration(bench, part, assessment, { roles: role, mixed: mixed.has(part.id) })
  }
  relateMixtures(bench, recorded.mixtures, recorded.roles)
  laySpecies(bench, recorded, (place) => {
    const known = recorded.presence.of(place)
    return { ...known, fresh: known.species, asked: false }
  })
  relateMeansWithoutEquation(bench, recorded)
}

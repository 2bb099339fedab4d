import { findMaterial } from '../../record/index.ts'
import { type Formula, speciesKey } from '../../substance/index.ts'
import type { Assessment } from '../../titration/index.ts'
import type { Bench } from '../Bench.ts'
import { heated, inMaterial, type Place, weighed } from '../place.ts'
import type { Key } from '../quantity.ts'
import { dissolvedSample } from './materials.ts'
import type { Target } from './target.ts'
import { flasksOf } from './titrations.ts'

/** Percentage by mass of a weighed material: of each weighing, and the mean where several were worked out. */
export function relatePercent(
  bench: Bench,
  species: Formula,
  material: string,
  assessments: ReadonlyMap<string, Assessment>,
): Target {
  const { network } = bench
  const says = `percentage by mass of ${species.text} in ${bench.label(material)}`
  const define = (place: Place) =>
    network.define({
      of: { what: 'percentage', species: speciesKey(species), place },
      says,
      symbol: '%',
      fullSymbol: `%(${species.text})`,
      unit: '%',
    })
  const whole = define(inMaterial(material))
  const heatings = bench.task.parts.filter((part) => part.kind === 'heating' && part.of === material)
  const portions = [
    ...bench.weighingsOf(material).map(({ id }) => ({ id, place: weighed(id) })),
    ...heatings.map(({ id }) => ({ id, place: heated(id) })),
  ]
  const percents = portions.map(({ id, place }) => {
    const key = define(place)
    const [part, total] = [bench.mass(species, place), bench.totalMass(place)]
    network.product({
      gives: key,
      over: [part],
      under: [total],
      factor: { over: 100, under: 1 },
      assumes: place.kind === 'heating' ? 'nothing else is driven off' : `nothing else in ${bench.label(material)} reacts so`,
      formulas: { [key]: `% = m(${species.text})/m(sample) × 100` },
    })
    return { id, key }
  })
  const counted = new Set(runWeighings(bench, assessments))
  const together = percents.filter(({ id }) => counted.has(id))
  const averaged = together.length > 1 ? together : percents
  if (averaged.length > 1) network.mean({ gives: whole, of: averaged.map(({ key }) => key) })
  // When only some of the weighings lead to a result, one of them still does.
  for (const { key } of percents)
    network.product({ gives: whole, over: [key], silent: true, oneWay: true, cost: percents.length > 1 ? 50 : 0.1 })
  relatePercentOfSolution(bench, species, material, whole)
  if (percents.length === 0 && !network.rules.some(({ gives }) => gives === whole))
    return { missing: `a weighing of ${bench.label(material)}` }
  return { key: whole }
}

function relatePercentOfSolution(bench: Bench, species: Formula, material: string, whole: Key): void {
  const strength = findMaterial(bench.task, material)?.strength
  if (strength?.unit !== 'g/dm3' || bench.solute(material)) return
  const part = bench.massConcentration(species, material)
  bench.network.product({
    gives: whole,
    over: [part],
    under: [dissolvedSample(bench, material)],
    factor: { over: 100, under: 1 },
    formulas: { [whole]: `% = ρ(${species.text})/ρ(sample) × 100` },
  })
}

/** Weighings that belong to a run that counts. */
function runWeighings(bench: Bench, assessments: ReadonlyMap<string, Assessment>): readonly string[] {
  return bench.task.parts.flatMap((part) => {
    if (part.kind !== 'titration') return []
    const assessment = assessments.get(part.id)
    return assessment
      ? flasksOf(part, assessment).flatMap(({ run }) => (run === undefined ? [] : (part.runs[run]?.weighing ?? [])))
      : []
  })
}

import { Exact } from '../../number/index.ts'
import { type Material, path } from '../../record/index.ts'
import type { Bench } from '../Bench.ts'
import { inMaterial } from '../place.ts'
import type { Key } from '../quantity.ts'

/** A strength is asked for only where titres could not tell it … */
const RATHER_FIND_OUT = 3
/** … and hardly ever where the solution was made up at the bench, or its strength is the very question. */
const NOT_FOR_THE_TELLING = 30

/** What a strength on the label would be of: the solute, or a sample whose formula is not known. */
export function strengthKey(bench: Bench, { id, form, strength }: Material): Key | undefined {
  if (form !== 'solution') return undefined
  const solute = bench.solute(id)
  if (strength?.unit === 'g/dm3') return solute ? bench.massConcentration(solute, id) : dissolvedSample(bench, id)
  return solute && bench.concentration(solute, id)
}

/** The strength printed on a bottle, in mol/dm³ or g/dm³ of the solute; or what to ask for. */
export function relateStrength(bench: Bench, material: Material): void {
  const key = strengthKey(bench, material)
  if (key === undefined) return
  askStrength(bench, material, key, bench.madeBy(material.id) ? NOT_FOR_THE_TELLING : RATHER_FIND_OUT)
  if (!material.strength) return
  const { value } = material.strength
  bench.network.give(key, {
    value: new Exact(value),
    text: value,
    at: path('materials', material.id, 'strength'),
    reading: false,
  })
}

/** Of a solution that a question is about one would rather not be told the strength. */
export function askedAbout(bench: Bench, material: Material): void {
  const key = strengthKey(bench, material)
  if (key !== undefined) askStrength(bench, material, key, NOT_FOR_THE_TELLING)
}

function askStrength(bench: Bench, material: Material, key: Key, reluctance: number): void {
  bench.network.ask(key, `the strength of ${bench.label(material.id)}`, reluctance)
}

/** Key of the mass of sample in 1 dm³ of a solution, whatever the sample is. */
export function dissolvedSample(bench: Bench, material: string): Key {
  return bench.network.define({
    of: { what: 'mass concentration', place: inMaterial(material) },
    says: `mass of sample in 1 dm³ of ${bench.label(material)}`,
    symbol: 'ρ',
    fullSymbol: 'ρ(sample)',
    unit: 'g/dm3',
  })
}

import { Exact } from '../../number/index.ts'
import { type Material, path } from '../../record/index.ts'
import type { Bench } from '../Bench.ts'
import { inMaterial } from '../place.ts'
import type { Key } from '../quantity.ts'

/** A strength is asked for only where titres could not tell it … */
const RATHER_FIND_OUT = 3
/** … and hardly ever where the solution was made up at the bench, or its strength is the very question. */
const NOT_FOR_THE_TELLING = 30

function giveStrength(bench: Bench, material: Material, key: Key): void {
  const asked = bench.task.questions.some(({ find }) => 'in' in find && find.in === material.id)
  const reluctance = asked || bench.madeBy(material.id) ? NOT_FOR_THE_TELLING : RATHER_FIND_OUT
  bench.network.ask(key, `the strength of ${bench.label(material.id)}`, reluctance)
  if (!material.strength) return
  const { value } = material.strength
  bench.network.give(key, {
    value: new Exact(value),
    text: value,
    at: path('materials', material.id, 'strength'),
    reading: false,
  })
}

/** The strength printed on a bottle, in mol/dm³ or g/dm³ of the solute; or what to ask for. */
export function relateStrength(bench: Bench, material: Material): void {
  if (material.form !== 'solution') return
  const solute = bench.solute(material.id)
  if (!solute) {
    if (material.strength?.unit === 'g/dm3') relateDissolvedSample(bench, material)
    return
  }
  const inGrams = material.strength?.unit === 'g/dm3'
  const key = inGrams ? bench.massConcentration(solute, material.id) : bench.concentration(solute, material.id)
  giveStrength(bench, material, key)
}

/** A solution of so many g/dm³ of a sample whose formula is not known: what percentages are worked out from. */
function relateDissolvedSample(bench: Bench, material: Material): void {
  giveStrength(bench, material, dissolvedSample(bench, material.id))
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

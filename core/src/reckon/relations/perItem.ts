import { type Formula, nameOf, speciesKey } from '../../substance/index.ts'
import type { Bench } from '../Bench.ts'
import { inMaterial, weighed } from '../place.ts'
import type { Target } from './target.ts'

/** What one tablet holds, in mg. */
export function relatePerItem(bench: Bench, species: Formula, material: string, items: number): Target {
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

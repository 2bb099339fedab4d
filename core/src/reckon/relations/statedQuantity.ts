import { Exact, parseUnit, UNITS, type Unit } from '../../number/index.ts'
import { compositionOf, type Formula } from '../../substance/index.ts'
import type { Bench } from '../Bench.ts'
import { ofQuestion } from '../place.ts'
import type { Key, QuantityOf } from '../quantity.ts'
import type { Target } from './target.ts'

/** A value a question states, with its unit or in the usual one. */
export type GivenValue = string | { readonly value: string; readonly unit: string }

/** Gives the network a value that the question itself states. */
export function giveQuantity(bench: Bench, of: QuantityOf, says: string, given: GivenValue, fallback: Unit): Key {
  const { value, unit } =
    typeof given === 'string' ? { value: given, unit: fallback } : { value: given.value, unit: parseUnit(given.unit) }
  const key = bench.network.define({ of, says, symbol: says, fullSymbol: says, unit })
  bench.network.give(key, { value: new Exact(value), text: value, reading: false })
  return key
}

/** Mass for a standard solution: m = cVM, or m = ρV where the strength is a mass concentration. */
export function relateMassToWeigh(
  bench: Bench,
  id: string,
  species: Formula,
  concentration: GivenValue,
  volume: GivenValue,
): Target {
  if (compositionOf(species).size === 0) return { missing: 'a formula of what is weighed' }
  const strengthUnit = typeof concentration === 'string' ? 'mol/dm3' : parseUnit(concentration.unit)
  const volumeUnit = typeof volume === 'string' ? 'cm3' : parseUnit(volume.unit)
  const byMass = UNITS[strengthUnit].dimension === 'massConcentration'
  if (!byMass && UNITS[strengthUnit].dimension !== 'concentration') return { missing: `a strength instead of ${strengthUnit}` }
  if (UNITS[volumeUnit].dimension !== 'volume') return { missing: `a volume instead of ${volumeUnit}` }
  const { network } = bench
  const strength = giveQuantity(
    bench,
    { what: byMass ? 'mass concentration' : 'concentration', place: ofQuestion(id) },
    byMass ? 'ρ' : 'c',
    concentration,
    'mol/dm3',
  )
  const V = giveQuantity(bench, { what: 'volume', place: ofQuestion(id) }, 'V', volume, 'cm3')
  const mass = network.define({
    of: { what: 'mass', place: ofQuestion(id) },
    says: `mass of ${species.text} to weigh`,
    symbol: 'm',
    fullSymbol: 'm',
    unit: 'g',
  })
  // What brings the units stated to mol or g per dm³ and to dm³, as one number: 1/1000 for cm³.
  const scale = new Exact(UNITS[strengthUnit].inBase).mul(UNITS[volumeUnit].inBase)
  const factor = scale.lt(1) ? { over: 1, under: new Exact(1).div(scale).toNumber() } : { over: scale.toNumber(), under: 1 }
  const number = factor.under === 1 ? (factor.over === 1 ? '' : ` × ${factor.over}`) : `/${factor.under}`
  network.product({
    gives: mass,
    over: byMass ? [strength, V] : [strength, V, bench.molarMass(species)],
    factor,
    oneWay: true,
    formulas: { [mass]: `m = ${byMass ? 'ρV' : 'cVM'}${number}` },
  })
  return { key: mass }
}

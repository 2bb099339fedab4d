import { convert, Exact, isUnit, UNITS, type Unit } from '../../number/index.ts'
import { path } from '../../record/index.ts'
import type { Bench } from '../Bench.ts'
import { ofQuestion } from '../place.ts'
import type { Key } from '../quantity.ts'

/** The accepted value is in the unit the answer is asked for in, which need not be the one it is worked out in. */
function acceptedIn(natural: Unit, stated: string | undefined, accepted: string): Exact {
  const value = new Exact(accepted)
  if (stated === undefined || !isUnit(stated) || UNITS[stated].dimension !== UNITS[natural].dimension) return value
  return convert(value, stated, natural)
}

/** An answer that is compared with an accepted value. */
interface Compared {
  readonly key: Key
  /** The unit that the answer is asked for in. */
  readonly unit: string | undefined
  readonly accepted: string
}

/** The difference of an answer from what is accepted, as a percentage of that. */
export function relateError(bench: Bench, id: string, { key, unit: stated, accepted }: Compared): Key {
  const { network } = bench
  const unit = network.quantities.get(key)?.unit ?? '1'
  const define = (what: 'accepted value' | 'difference' | 'percentage error', says: string, symbol: string, unitOf: Unit) =>
    network.define({ of: { what, place: ofQuestion(id) }, says, symbol, fullSymbol: symbol, unit: unitOf })
  const value = define('accepted value', 'accepted value', 'accepted', unit)
  const inUnit = acceptedIn(unit, stated, accepted)
  network.give(value, {
    value: inUnit,
    text: inUnit.eq(accepted) ? accepted : inUnit.toFixed(),
    at: path('questions', id),
    reading: false,
  })
  const apart = define('difference', 'difference from the accepted value', 'difference', unit)
  network.sum({ gives: apart, plus: [key], minus: [value], size: true, oneWay: true })
  const error = define('percentage error', 'percentage error', '% error', '%')
  network.product({
    gives: error,
    over: [apart],
    under: [value],
    factor: { over: 100, under: 1 },
    oneWay: true,
    formulas: { [error]: '% error = difference/accepted × 100' },
  })
  return error
}

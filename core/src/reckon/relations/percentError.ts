import { Exact } from '../../number/index.ts'
import { path } from '../../record/index.ts'
import type { Bench } from '../Bench.ts'
import { ofQuestion } from '../place.ts'
import type { Key, Quantity } from '../quantity.ts'

/** The difference of an answer from what is accepted, as a percentage of that: below nought where too little was found. */
export function relateError(bench: Bench, id: string, key: Key, accepted: string): Key {
  const { network } = bench
  const { unit = '1', ownUnit } = network.quantities.get(key) ?? {}
  const own = { unit, ...(ownUnit === undefined ? {} : { ownUnit }) }
  const define = (
    what: 'accepted value' | 'difference' | 'percentage error',
    says: string,
    symbol: string,
    units: Pick<Quantity, 'unit' | 'ownUnit'>,
  ) => network.define({ of: { what, place: ofQuestion(id) }, says, symbol, fullSymbol: symbol, ...units })
  const value = define('accepted value', 'accepted value', 'accepted', own)
  network.give(value, {
    value: new Exact(accepted),
    text: accepted,
    at: path('questions', id),
    reading: false,
  })
  const apart = define('difference', 'difference from the accepted value', 'difference', own)
  network.sum({ gives: apart, plus: [key], minus: [value], oneWay: true, formulas: { [apart]: 'difference = found − accepted' } })
  const error = define('percentage error', 'percentage error', '% error', { unit: '%' })
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

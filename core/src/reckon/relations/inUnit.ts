import { isUnit, ratioBetween, unitSymbol } from '../../number/index.ts'
import type { Bench } from '../Bench.ts'
import type { Key, Quantity } from '../quantity.ts'

/** The unit a quantity is worked out in. */
export const unitOf = ({ unit, ownUnit }: Pick<Quantity, 'unit' | 'ownUnit'>): string => ownUnit ?? (unit === '1' ? '' : unit)

/** A unit as a quantity keeps it: of the table where it is one, else as it is written. */
export const unitKept = (unit: string): Pick<Quantity, 'unit' | 'ownUnit'> =>
  isUnit(unit) ? { unit } : unit.trim() === '' ? { unit: '1' } : { unit: '1', ownUnit: unit }

/** A quantity in the unit it was asked for in; or in its own, and why it cannot be. */
export interface InUnit {
  readonly key: Key
  readonly refused?: { readonly why: string; readonly natural: string }
}

/** Brings a quantity to a unit by a line of its own. Without a unit, or with its own, it stays as it is. */
export function relateInUnit(bench: Bench, key: Key, wanted: string | undefined): InUnit {
  const quantity = bench.network.quantities.get(key)
  if (!quantity || wanted === undefined) return { key }
  const natural = unitOf(quantity)
  const factor = ratioBetween(natural, wanted)
  if (!factor)
    return {
      key,
      refused: {
        why: `'${wanted}' is no unit for this quantity${natural === '' ? ', which is a plain number' : `; ${natural} is`}.`,
        natural,
      },
    }
  if (factor.over === 1 && factor.under === 1) return { key }
  const symbol = unitSymbol(wanted)
  const converted = bench.network.define({
    of: { ...quantity.of, detail: [quantity.of.detail, `in ${wanted}`].filter(Boolean).join(' ') },
    says: `${quantity.says}, in ${symbol}`,
    symbol: quantity.symbol,
    fullSymbol: quantity.fullSymbol,
    ...unitKept(wanted),
    ...(quantity.showsSign ? { showsSign: true } : {}),
  })
  const above = factor.over === 1 ? '' : ` × ${factor.over}`
  const number = factor.under === 1 ? above : `${above}/${factor.under}`
  const name = quantity.fullSymbol
  bench.network.product({
    gives: converted,
    over: [key],
    factor,
    oneWay: true,
    converts: true,
    formulas: { [converted]: `${name} in ${symbol} = ${name} in ${unitSymbol(natural)}${number}` },
  })
  return { key: converted }
}

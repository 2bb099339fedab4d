import { Exact } from '../number/index.ts'
import { ChemistryError } from '../problem/index.ts'
import type { FunctionName } from '../propagate/index.ts'
import type { Body, Drawn, Network } from './network.ts'
import type { Key } from './quantity.ts'
import { chainTo, type Solution } from './solve.ts'

/** Values along a chain, by key. */
export type Values = ReadonlyMap<Key, Exact>

const EXACTLY: Readonly<Record<FunctionName, (of: Exact) => Exact>> = {
  ln: (of) => of.ln(),
  log10: (of) => of.log(10),
  exp: (of) => of.exp(),
  power10: (of) => new Exact(10).pow(of),
  sqrt: (of) => of.sqrt(),
}

function apply(name: FunctionName, of: Exact): Exact {
  const value = EXACTLY[name](of)
  if (value.isFinite()) return value
  throw new ChemistryError('reckon.noFunction', 'A logarithm or a root is taken of a number that is not above nought.')
}

/** The last figures of what is read off a drawing are those of the arithmetic, not of the points. */
const FIGURES_OF_A_DRAWING = 12

function readOff({ says, at }: Drawn, where: Exact): Exact {
  const found = at(where.toNumber())
  if (found !== undefined && Number.isFinite(found)) return new Exact(found).toSignificantDigits(FIGURES_OF_A_DRAWING)
  throw new ChemistryError('reckon.notDrawn', `a place at which ${says} reaches ${where.toSignificantDigits(4)}`)
}

/** Works one line out. */
export function compute(body: Body, valueAt: (key: Key) => Exact): Exact {
  const times = (keys: readonly Key[], start: Exact) => keys.reduce((product, key) => product.mul(valueAt(key)), start)
  const total = (keys: readonly Key[]) => keys.reduce((sum, key) => sum.add(valueAt(key)), new Exact(0))
  switch (body.kind) {
    case 'product': {
      const divisor = times(body.under, new Exact(body.factor.under))
      if (divisor.isZero())
        throw new ChemistryError(
          'reckon.divisionByZero',
          'A mass, volume or amount of zero stands where something is divided by it.',
        )
      return times(body.over, new Exact(body.factor.over)).div(divisor)
    }
    case 'sum':
      return total(body.plus).sub(total(body.minus))
    case 'mean':
      return total(body.of).div(body.of.length)
    case 'least':
      return Exact.min(...body.of.map(valueAt))
    case 'function':
      return apply(body.name, valueAt(body.of))
    case 'read off':
      return readOff(body.from, valueAt(body.of))
  }
}

/** Whether a rule only adds and subtracts readings, so that its result has their decimals and is not rounded. */
export function isDifferenceOfReadings(body: Body, network: Network): boolean {
  return body.kind === 'sum' && [...body.plus, ...body.minus].every((key) => network.givens.get(key)?.reading)
}

/**
 * Works a quantity out along its chain, exactly.
 *
 * @param round - what is carried into the next line: the value itself, or the value rounded as written
 * @throws ChemistryError `reckon.divisionByZero`
 */
export function evaluate(
  network: Network,
  solution: Solution,
  wanted: Key,
  round: (value: Exact, key: Key) => Exact = (value) => value,
): Values {
  const values = new Map<Key, Exact>()
  const valueAt = (key: Key): Exact => values.get(key) ?? new Exact(Number.NaN)
  for (const { key, rule } of chainTo(solution, wanted)) {
    const given = network.givens.get(key)
    if (rule === undefined) values.set(key, given?.value ?? new Exact(Number.NaN))
    else {
      const value = compute(rule.body, valueAt)
      const exactAsRead = isDifferenceOfReadings(rule.body, network) || rule.silent
      values.set(key, exactAsRead ? value : round(value, key))
    }
  }
  return values
}

import type { Exact } from '../../number/index.ts'
import type { Bench } from '../Bench.ts'
import { evaluate } from '../evaluate.ts'
import { Network } from '../network.ts'
import type { Key } from '../quantity.ts'
import { solve } from '../solve.ts'
import { unlessImpossible } from '../unlessImpossible.ts'

/**
 * The value of a quantity while something is still being laid, where words or a refusal hang on it: what is laid is then
 * laid again with every reading.
 *
 * @returns undefined while it cannot be had
 */
export function valueNow(bench: Bench, key: Key): Exact | undefined {
  bench.hangsOnValues = true
  const { network } = bench
  return unlessImpossible(() => evaluate(network, solve(new Network(network)), key).get(key))
}

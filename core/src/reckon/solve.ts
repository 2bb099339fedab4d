import { input, type Network, type Rule } from './network.ts'
import type { Key } from './quantity.ts'

/** How a quantity is had: straight from the record (no rule), or by a rule; and how far away it is. */
interface Known {
  readonly cost: number
  readonly rule: Rule | undefined
}

/** For every quantity that can be worked out, the way to do it. */
export type Solution = ReadonlyMap<Key, Known>

/** Far more than any chain of relations costs, so that the fewest things are asked for. */
const COST_OF_ASKING = 10_000

/** A product, sum or mean costs its own price and that of everything it needs; the cheapest way to each key wins. */
function spread(network: Network, seeds: ReadonlyMap<Key, number>): Solution {
  const users = new Map<Key, Rule[]>()
  for (const rule of network.rules) {
    for (const key of input(rule.body)) {
      const known = users.get(key)
      if (known) known.push(rule)
      else users.set(key, [rule])
    }
  }
  const best = new Map<Key, Known>()
  const waiting: Key[] = []
  for (const [key, cost] of seeds) {
    best.set(key, { cost, rule: undefined })
    waiting.push(key)
  }
  for (let first = 0; first < waiting.length; first++) {
    const next = waiting[first] as Key
    for (const rule of users.get(next) ?? []) {
      const cost = costOf(rule, best)
      if (cost < (best.get(rule.gives)?.cost ?? Number.POSITIVE_INFINITY)) {
        best.set(rule.gives, { cost, rule })
        waiting.push(rule.gives)
      }
    }
  }
  return best
}

function costOf(rule: Rule, best: ReadonlyMap<Key, Known>): number {
  let total = rule.cost
  for (const key of input(rule.body)) {
    const known = best.get(key)
    if (known === undefined) return Number.POSITIVE_INFINITY
    total += known.cost
  }
  return total
}

/** Finds the cheapest way to every quantity that follows from what is given. */
export function solve(network: Network): Solution {
  return spread(network, new Map([...network.givens.keys()].map((key) => [key, 0])))
}

/**
 * What would have to be recorded for a quantity to follow, in words: the fewest things that are not there yet.
 * Empty when nothing that could be recorded would help.
 */
export function whatIsMissing(network: Network, wanted: Key): readonly string[] {
  const seeds = new Map<Key, number>([...network.asks].map(([key, { reluctance }]) => [key, COST_OF_ASKING * reluctance]))
  for (const key of network.givens.keys()) seeds.set(key, 0)
  const solution = spread(network, seeds)
  return chainTo(solution, wanted).flatMap(({ key, rule }) => {
    const says = network.asks.get(key)?.says
    return rule === undefined && says !== undefined && !network.givens.has(key) ? [says] : []
  })
}

/** Everything a quantity rests on, in the order in which it can be worked out, itself last; empty when it cannot be had. */
export function chainTo(solution: Solution, wanted: Key): readonly { readonly key: Key; readonly rule: Rule | undefined }[] {
  const order: { key: Key; rule: Rule | undefined }[] = []
  const seen = new Set<Key>()
  const visit = (key: Key): void => {
    const known = solution.get(key)
    if (!known || seen.has(key)) return
    seen.add(key)
    if (known.rule) for (const needed of input(known.rule.body)) visit(needed)
    order.push({ key, rule: known.rule })
  }
  if (solution.has(wanted)) visit(wanted)
  return order
}

/** What a silent rule repeats: the quantity that was read or worked out in the first place. */
export function originalOf(solution: Solution, key: Key): Key {
  const rule = solution.get(key)?.rule
  if (!rule?.silent) return key
  const [only, ...more] = input(rule.body)
  const repeats = rule.body.kind !== 'product' || rule.body.factor.over === rule.body.factor.under
  return only !== undefined && more.length === 0 && repeats ? originalOf(solution, only) : key
}

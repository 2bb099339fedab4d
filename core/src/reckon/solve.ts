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

type Users = ReadonlyMap<Key, readonly Rule[]>

/** Rules of one layer by what they use, as long as it has no more of them. */
const USERS = new WeakMap<Network, { readonly users: Users; readonly rules: number }>()

function usersIn(network: Network): Users {
  const known = USERS.get(network)
  if (known?.rules === network.rules.length) return known.users
  const users = new Map<Key, Rule[]>()
  for (const rule of network.rules) {
    for (const key of input(rule.body)) {
      const same = users.get(key)
      if (same) same.push(rule)
      else users.set(key, [rule])
    }
  }
  USERS.set(network, { users, rules: network.rules.length })
  return users
}

const layersOf = (network: Network): readonly Network[] => [...(network.below ? layersOf(network.below) : []), network]

/** Everything that follows from some keys, of which nothing has been made yet: the cheapest way to each wins. */
class Spreading {
  readonly best: Map<Key, Known>
  private readonly waiting: Key[] = []

  constructor(known: Iterable<readonly [Key, Known]> = []) {
    this.best = new Map(known)
  }

  /** Takes a key as known at a price. */
  seed(key: Key, cost: number): void {
    this.best.set(key, { cost, rule: undefined })
    this.waiting.push(key)
  }

  /** Takes a rule where it is possible, and cheaper than what is known. A product, sum or mean costs its own price and that of everything it needs. */
  take(rule: Rule): void {
    const cost = costOf(rule, this.best)
    if (cost >= (this.best.get(rule.gives)?.cost ?? Number.POSITIVE_INFINITY)) return
    this.best.set(rule.gives, { cost, rule })
    this.waiting.push(rule.gives)
  }

  run(network: Network): Solution {
    const users = layersOf(network).map(usersIn)
    for (let first = 0; first < this.waiting.length; first++) {
      const next = this.waiting[first] as Key
      for (const layer of users) for (const rule of layer.get(next) ?? []) this.take(rule)
    }
    return this.best
  }
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

/**
 * Finds the cheapest way to every quantity that follows from what is given.
 *
 * @param below - the solution of the network that this one is laid over, which is only carried on
 */
export function solve(network: Network, below?: Solution): Solution {
  const spreading = new Spreading(below)
  const seeds = below ? network.givens.ownKeys() : network.givens.entries().map(([key]) => key)
  for (const key of seeds) spreading.seed(key, 0)
  if (below) for (const rule of network.rules) spreading.take(rule)
  return spreading.run(network)
}

/**
 * What would have to be recorded for a quantity to follow, in words: the fewest things that are not there yet.
 * Empty when nothing that could be recorded would help.
 */
export function whatIsMissing(network: Network, wanted: Key): readonly string[] {
  const spreading = new Spreading()
  for (const [key, { reluctance }] of network.asks.entries()) spreading.seed(key, COST_OF_ASKING * reluctance)
  for (const [key] of network.givens.entries()) spreading.seed(key, 0)
  return chainTo(spreading.run(network), wanted).flatMap(({ key, rule }) => {
    const says = network.asks.get(key)?.says
    return rule === undefined && says !== undefined && !network.givens.has(key) ? [says] : []
  })
}

/** One quantity of a chain, with the rule that gives it; without one it stands in the record. */
interface ChainLink {
  readonly key: Key
  readonly rule: Rule | undefined
}

/** Everything a quantity rests on, in the order in which it can be worked out, itself last; empty when it cannot be had. */
export type Chain = readonly ChainLink[]

const CHAINS = new WeakMap<Solution, Map<Key, Chain>>()

/** The chain to a quantity. */
export function chainTo(solution: Solution, wanted: Key): Chain {
  const chains = CHAINS.get(solution) ?? new Map<Key, Chain>()
  CHAINS.set(solution, chains)
  const known = chains.get(wanted) ?? findChain(solution, wanted)
  chains.set(wanted, known)
  return known
}

function findChain(solution: Solution, wanted: Key): Chain {
  const order: ChainLink[] = []
  const seen = new Set<Key>()
  const visit = (key: Key): void => {
    const known = solution.get(key)
    if (!known || seen.has(key)) return
    seen.add(key)
    if (known.rule) for (const needed of input(known.rule.body)) visit(needed)
    order.push({ key, rule: known.rule })
  }
  visit(wanted)
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

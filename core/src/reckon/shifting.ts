import { Exact } from '../number/index.ts'
import { compute, type Values } from './evaluate.ts'
import { type Body, input, type Network } from './network.ts'
import type { Key } from './quantity.ts'
import type { Chain } from './solve.ts'

/** Values that readings are taken to have instead, by key. */
export type Overrides = ReadonlyMap<Key, Exact>

/** A line of the chain that uses a quantity, and how: added, or taken away. */
interface Use {
  readonly line: number
  readonly sign: 1 | -1
}

/** Which lines of a chain use each quantity; a line that uses it twice is there twice. */
function usesIn(chain: Chain): ReadonlyMap<Key, readonly Use[]> {
  const uses = new Map<Key, Use[]>()
  chain.forEach(({ rule }, line) => {
    if (!rule) return
    const taken = rule.body.kind === 'sum' ? rule.body.minus.length : 0
    const keys = input(rule.body)
    keys.forEach((key, place) => {
      const use: Use = { line, sign: place >= keys.length - taken ? -1 : 1 }
      const known = uses.get(key)
      if (known) known.push(use)
      else uses.set(key, [use])
    })
  })
  return uses
}

/**
 * Pushes changed readings through a chain. Only the lines that rest on them are worked out again, and a mean or a sum of a
 * thousand quantities of which one has changed is moved by that change: the work goes with what changes, not with the
 * length of the record.
 */
export class Shifting {
  private readonly network: Network
  private readonly chain: Chain
  readonly before: Values
  private readonly places: ReadonlyMap<Key, number>
  private readonly uses: ReadonlyMap<Key, readonly Use[]>

  /**
   * @param chain - everything the answer rests on, in the order worked out
   * @param before - the values along it as the record has them
   */
  constructor(network: Network, chain: Chain, before: Values) {
    this.network = network
    this.chain = chain
    this.before = before
    this.places = new Map(chain.map(({ key }, place) => [key, place]))
    this.uses = usesIn(chain)
  }

  /**
   * The values that change, by key, in the order in which they are worked out.
   *
   * @throws ChemistryError `reckon.divisionByZero`
   */
  shift(overrides: Overrides): Values {
    const moved = [...overrides].filter(
      ([key]) => this.network.givens.has(key) && this.chain[this.places.get(key) ?? -1]?.rule === undefined,
    )
    const changes = new Map<number, Exact>()
    const after = new Map<Key, Exact>(moved.filter(([key]) => this.places.has(key)))
    for (const [key, value] of after) this.note(key, value, changes)
    for (const line of this.linesAfter(after.keys())) {
      const link = this.chain[line]
      if (!link?.rule) continue
      const value = this.again(link.key, link.rule.body, changes.get(line), after)
      after.set(link.key, value)
      this.note(link.key, value, changes)
    }
    const placeOf = ([key]: readonly [Key, Exact]) => this.places.get(key) ?? -1
    return new Map([...after].toSorted((a, b) => placeOf(a) - placeOf(b)))
  }

  /** What a changed quantity changes in the sums that use it. */
  private note(key: Key, value: Exact, changes: Map<number, Exact>): void {
    const change = value.sub(this.before.get(key) ?? Number.NaN)
    for (const { line, sign } of this.uses.get(key) ?? [])
      changes.set(line, (changes.get(line) ?? new Exact(0)).add(change.mul(sign)))
  }

  /** Every line that rests on some quantities, in order. */
  private linesAfter(keys: Iterable<Key>): readonly number[] {
    const lines = new Set<number>()
    const waiting = [...keys]
    for (let key = waiting.pop(); key !== undefined; key = waiting.pop()) {
      for (const { line } of this.uses.get(key) ?? []) {
        if (lines.has(line)) continue
        lines.add(line)
        const next = this.chain[line]
        if (next) waiting.push(next.key)
      }
    }
    return [...lines].toSorted((a, b) => a - b)
  }

  private again(key: Key, body: Body, change: Exact | undefined, after: Values): Exact {
    const before = this.before.get(key) ?? new Exact(Number.NaN)
    const valueAt = (one: Key) => after.get(one) ?? this.before.get(one) ?? new Exact(Number.NaN)
    if (change && body.kind === 'mean') return before.add(change.div(body.of.length))
    if (change && body.kind === 'sum') return before.add(change)
    return compute(body, valueAt)
  }
}

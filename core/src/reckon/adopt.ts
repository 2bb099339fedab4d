import { type Body, input, type Network, type Rule } from './network.ts'
import { type Key, keyOf } from './quantity.ts'
import { chainTo, type Solution } from './solve.ts'

/** An answer as another question uses it. */
export interface Adopted {
  readonly network: Network
  readonly solution: Solution
  readonly key: Key
  /** Of the question that is answered so. */
  readonly question: string
}

function renamed(body: Body, nameOf: (key: Key) => Key): Body {
  switch (body.kind) {
    case 'product':
      return { ...body, over: body.over.map(nameOf), under: body.under.map(nameOf) }
    case 'sum':
      return { ...body, plus: body.plus.map(nameOf), minus: body.minus.map(nameOf) }
    case 'mean':
    case 'least':
      return { ...body, of: body.of.map(nameOf) }
    case 'function':
    case 'read off':
      return { ...body, of: nameOf(body.of) }
  }
}

/**
 * Takes the whole chain to an answer over into another network, so that what is worked out there rests on the same readings.
 * Where two answers reach one quantity in different ways each keeps its own, under a name of its own.
 *
 * @returns the key of the answer in that network
 */
export function adoptAnswer(into: Network, { network, solution, key: wanted, question }: Adopted): Key {
  const names = new Map<Key, Key>()
  const nameOf = (key: Key) => names.get(key) ?? key
  for (const { key, rule } of chainTo(solution, wanted)) {
    const quantity = network.quantities.get(key)
    const given = network.givens.get(key)
    if (!quantity) continue
    if (!rule) {
      into.define(quantity)
      if (given) into.give(key, given)
      continue
    }
    const taken: Rule = { ...rule, gives: key, body: renamed(rule.body, nameOf), stated: { ...rule.stated, elsewhere: true } }
    const there = into.rules.find(({ gives }) => gives === key)
    if (there && isSame(there, taken)) continue
    const of =
      there || into.givens.has(key) ? { ...quantity.of, detail: `${quantity.of.detail ?? ''} for ${question}` } : quantity.of
    names.set(key, into.define({ ...quantity, of }))
    into.adopt({ ...taken, gives: keyOf(of) })
  }
  return nameOf(wanted)
}

const isSame = (one: Rule, other: Rule) =>
  one.body.kind === other.body.kind && input(one.body).join() === input(other.body).join() && one.formula() === other.formula()

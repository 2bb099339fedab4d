import type { Operation, Program } from '../propagate/index.ts'
import { evaluate } from './evaluate.ts'
import type { Body, Network } from './network.ts'
import type { Key } from './quantity.ts'
import { chainTo, type Solution } from './solve.ts'

function operationOf(body: Body, into: number, slotOf: (key: Key) => number, numberAt: (key: Key) => number): Operation {
  switch (body.kind) {
    case 'product':
      return {
        kind: 'product',
        into,
        over: body.over.map(slotOf),
        under: body.under.map(slotOf),
        factor: body.factor.over / body.factor.under,
      }
    case 'sum':
      return { kind: 'sum', into, plus: body.plus.map(slotOf), minus: body.minus.map(slotOf) }
    case 'function':
      return { kind: 'function', into, name: body.name, of: slotOf(body.of) }
    case 'read off': {
      // A drawing stays behind: near where it is read it is as good as its tangent there.
      const at = numberAt(body.of)
      return {
        kind: 'tangent',
        into,
        of: slotOf(body.of),
        at,
        height: body.from.at(at) ?? Number.NaN,
        slope: body.from.slope(at),
      }
    }
    case 'mean':
    case 'least':
      return { kind: body.kind, into, of: body.of.map(slotOf) }
  }
}

/** The chain to a quantity as a program that can be run very many times: what it rests on first, then its lines. */
export function compileChain(network: Network, solution: Solution, wanted: Key): Program {
  const chain = chainTo(solution, wanted)
  const inputs = chain.filter(({ rule }) => rule === undefined).map(({ key }) => key)
  const lines = chain.flatMap(({ key, rule }) => (rule ? [{ key, rule }] : []))
  const slots = new Map([...inputs, ...lines.map(({ key }) => key)].map((key, slot) => [key, slot]))
  const slotOf = (key: Key) => slots.get(key) as number
  const values = lines.some(({ rule }) => rule.body.kind === 'read off') ? evaluate(network, solution, wanted) : undefined
  const numberAt = (key: Key) => values?.get(key)?.toNumber() ?? Number.NaN
  return {
    inputs,
    values: inputs.map((key) => network.givens.get(key)?.value.toNumber() ?? Number.NaN),
    operations: lines.map(({ key, rule }) => operationOf(rule.body, slotOf(key), slotOf, numberAt)),
    slots: slots.size,
    result: slotOf(wanted),
  }
}

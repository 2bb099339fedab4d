import type { Exact } from '../number/index.ts'
import type { FunctionName } from '../propagate/index.ts'
import type { Path } from '../record/index.ts'
import { Layered } from './Layered.ts'
import { type Key, keyOf, type Quantity, type QuantityOf } from './quantity.ts'

/** A value that is read, stated or taken from a table; everything else is worked out. */
export interface Given {
  readonly value: Exact
  /** As written, or as it should be shown. */
  readonly text: string
  /** Where it stands in the record. */
  readonly at?: Path
  /** Whether it is a reading, whose decimals tell how finely it was read; a difference of readings keeps them. */
  readonly reading: boolean
}

/** How a quantity comes from others. */
export type Body =
  | { readonly kind: 'product'; readonly over: readonly Key[]; readonly under: readonly Key[]; readonly factor: Factor }
  | { readonly kind: 'sum'; readonly plus: readonly Key[]; readonly minus: readonly Key[] }
  | { readonly kind: 'mean'; readonly of: readonly Key[] }
  | { readonly kind: 'function'; readonly name: FunctionName; readonly of: Key }
  | { readonly kind: 'least'; readonly of: readonly Key[] }
  | { readonly kind: 'read off'; readonly of: Key; readonly from: Drawn }

/** Something drawn that a value is read off at another: a curve, from either axis. */
export interface Drawn {
  /** What it is read off: `the curve`. */
  readonly says: string
  /** @returns undefined where nothing is drawn */
  readonly at: (value: number) => number | undefined
  /** How much what is read changes with the other; nought where it cannot be said. */
  readonly slope: (value: number) => number
  /** How finely an eye reads it: about a small square of the paper. */
  readonly readTo: number
}

/** How a function of a number is written. */
export const SPELT: Readonly<Record<FunctionName, (of: string) => string>> = {
  ln: (of) => `ln(${of})`,
  log10: (of) => `log(${of})`,
  exp: (of) => `exp(${of})`,
  power10: (of) => `10^(${of})`,
  sqrt: (of) => `√(${of})`,
}

/** A whole-number ratio such as 5/2, or 1/1000 for cm³ to dm³. */
export interface Factor {
  readonly over: number
  readonly under: number
}

/** Something that a student could still record. */
export interface Ask {
  readonly says: string
  /** 1 for a reading; more for what one would rather find out by experiment than be told. */
  readonly reluctance: number
}

/** One way to work a quantity out. */
export interface Rule {
  readonly gives: Key
  readonly body: Body
  /** Writes its formula; most rules of a network are never used, so none is written before it is asked for. */
  readonly formula: () => string
  /** Preference: of two ways the cheaper is taken. Also what keeps a chain from running in circles, so it is positive. */
  readonly cost: number
  /** Says the same thing in another place, so it earns no line of its own. */
  readonly silent: boolean
  /** The relation as it was stated: its equation, what it assumes, how it is written. */
  readonly stated: Common
}

/** What any relation may say beside its quantities. */
interface Common {
  readonly cost?: number
  readonly silent?: boolean
  /** The balanced equation whose ratio it uses. */
  readonly equation?: string
  /** Its factor comes first in the substitution: 5 × 2.29e-4. */
  readonly factorFirst?: boolean
  /** What it takes for granted. */
  readonly assumes?: string | readonly string[]
  /** Formula to show, by the quantity it is solved for; others are written from the symbols. */
  readonly formulas?: Readonly<Record<Key, string>>
  /** Write formulae with the long symbols. */
  readonly full?: boolean
  /** It is the same quantity in another unit. */
  readonly converts?: boolean
  /** It tells things of a mixture apart, so that below nought its titres cannot be right. */
  readonly apart?: boolean
  /** Its line stands in the working of another answer. */
  readonly elsewhere?: boolean
}

export interface ProductRelation extends Common {
  readonly gives: Key
  readonly over: readonly Key[]
  readonly under?: readonly Key[]
  readonly factor?: Factor
  /** Solve only as written, not turned round. */
  readonly oneWay?: boolean
}

export interface SumRelation extends Common {
  readonly gives: Key
  readonly plus: readonly Key[]
  readonly minus?: readonly Key[]
  readonly oneWay?: boolean
}

export const input = (body: Body): readonly Key[] => {
  switch (body.kind) {
    case 'product':
      return [...body.over, ...body.under]
    case 'sum':
      return [...body.plus, ...body.minus]
    case 'mean':
    case 'least':
      return body.of
    case 'function':
    case 'read off':
      return [body.of]
  }
}

/**
 * The network of amounts: quantities at places, and the relations between them. A relation is stated once and can
 * be solved for any quantity in it; which way it is used depends on what is known.
 */
export class Network {
  readonly quantities: Layered<Key, Quantity>
  readonly givens: Layered<Key, Given>
  /** Of this layer alone. */
  readonly rules: Rule[] = []
  /** Quantities that a student could still record, with what to record. */
  readonly asks: Layered<Key, Ask>
  /** What this network is laid over. */
  readonly below: Network | undefined

  /** @param below - a network to build on, which stays as it is */
  constructor(below?: Network) {
    this.below = below
    this.quantities = new Layered(below?.quantities)
    this.givens = new Layered(below?.givens)
    this.asks = new Layered(below?.asks)
  }

  define(quantity: Quantity): Key {
    const key = keyOf(quantity.of)
    if (!this.quantities.has(key)) this.quantities.set(key, quantity)
    return key
  }

  /** Defines a quantity that is asked for often: its words are made the first time only. */
  defineOnce(of: QuantityOf, make: () => Omit<Quantity, 'of'>): Key {
    const key = keyOf(of)
    if (!this.quantities.has(key)) this.quantities.set(key, { of, ...make() })
    return key
  }

  give(key: Key, given: Given): void {
    this.givens.set(key, given)
  }

  ask(key: Key, says: string, reluctance = 1): void {
    this.asks.set(key, { says, reluctance })
  }

  /** gives = factor × over ÷ under. */
  product(relation: ProductRelation): void {
    const { gives, over, under = [], factor = { over: 1, under: 1 } } = relation
    const turned = { over: factor.under, under: factor.over }
    this.addProduct(relation, gives, over, under, factor)
    if (relation.oneWay) return
    const without = (keys: readonly Key[], index: number) => keys.filter((_, place) => place !== index)
    const alone = (key: Key) => [...over, ...under].filter((other) => other === key).length === 1
    over.forEach((key, index) => {
      if (alone(key)) this.addProduct(relation, key, [gives, ...under], without(over, index), turned)
    })
    under.forEach((key, index) => {
      if (alone(key)) this.addProduct(relation, key, over, [gives, ...without(under, index)], factor)
    })
  }

  /** gives = plus − minus. */
  sum(relation: SumRelation): void {
    const { gives, plus, minus = [] } = relation
    this.addSum(relation, gives, plus, minus)
    if (relation.oneWay) return
    plus.forEach((key, index) => {
      this.addSum(
        relation,
        key,
        [gives, ...minus],
        plus.filter((_, place) => place !== index),
      )
    })
    minus.forEach((key, index) => {
      this.addSum(relation, key, plus, [gives, ...minus.filter((_, place) => place !== index)])
    })
  }

  /** gives = mean of several results. */
  mean(relation: Common & { readonly gives: Key; readonly of: readonly Key[] }): void {
    const { gives, of } = relation
    const written = () => relation.formulas?.[gives] ?? 'mean of the results'
    this.add(of.length === 1 ? { ...relation, silent: true } : relation, gives, { kind: 'mean', of }, written)
  }

  /** gives = ln, log10, √ … of another; solved as written only. */
  apply(relation: Common & { readonly gives: Key; readonly name: FunctionName; readonly of: Key }): void {
    const { gives, name, of } = relation
    const written = () => relation.formulas?.[gives] ?? `${this.symbol(gives, true)} = ${SPELT[name](this.symbol(of, true))}`
    this.add(relation, gives, { kind: 'function', name, of }, written)
  }

  /** gives = the smallest of several; solved as written only. */
  least(relation: Common & { readonly gives: Key; readonly of: readonly Key[] }): void {
    this.add(
      relation,
      relation.gives,
      { kind: 'least', of: relation.of },
      () => relation.formulas?.[relation.gives] ?? 'the smaller',
    )
  }

  /** gives = what is read off something drawn at another value; solved as written only. */
  readOff(relation: Common & { readonly gives: Key; readonly of: Key; readonly from: Drawn }): void {
    const { gives, of, from } = relation
    const written = () => relation.formulas?.[gives] ?? `${this.symbol(gives, true)} on ${from.says} at ${this.symbol(of, true)}`
    this.add(relation, gives, { kind: 'read off', of, from }, written)
  }

  /** Takes over a rule of another network. */
  adopt(rule: Rule): void {
    this.rules.push(rule)
  }

  private addProduct(relation: ProductRelation, gives: Key, over: readonly Key[], under: readonly Key[], factor: Factor): void {
    const written = () => relation.formulas?.[gives] ?? this.writeProduct(relation, gives, over, under, factor)
    this.add(relation, gives, { kind: 'product', over, under, factor }, written)
  }

  private addSum(relation: SumRelation, gives: Key, plus: readonly Key[], minus: readonly Key[]): void {
    const written = () => relation.formulas?.[gives] ?? this.writeSum(gives, plus, minus)
    this.add(relation, gives, { kind: 'sum', plus, minus }, written)
  }

  private add(stated: Common, gives: Key, body: Body, formula: () => string): void {
    this.rules.push({ gives, body, formula, cost: stated.cost ?? 1, silent: stated.silent ?? false, stated })
  }

  private symbol(key: Key, full: boolean | undefined): string {
    const quantity = this.quantities.get(key)
    return (full ? quantity?.fullSymbol : quantity?.symbol) ?? '?'
  }

  private writeSum(gives: Key, plus: readonly Key[], minus: readonly Key[]): string {
    const symbols = (keys: readonly Key[]) => keys.map((key) => this.symbol(key, true))
    return `${this.symbol(gives, true)} = ${[symbols(plus).join(' + '), ...symbols(minus)].join(' − ')}`
  }

  private writeProduct(
    relation: ProductRelation,
    gives: Key,
    over: readonly Key[],
    under: readonly Key[],
    factor: Factor,
  ): string {
    const symbols = (keys: readonly Key[]) => keys.map((key) => this.symbol(key, relation.full))
    const joint = relation.full ? ' × ' : ''
    const top = [...(factor.over === 1 ? [] : [String(factor.over)]), ...symbols(over)].join(joint)
    const bottom = [...(factor.under === 1 ? [] : [String(factor.under)]), ...symbols(under)]
    const fraction = bottom.length === 0 ? top : bottom.length === 1 ? `${top}/${bottom[0]}` : `${top}/(${bottom.join(joint)})`
    return `${this.symbol(gives, relation.full)} = ${fraction}`
  }
}

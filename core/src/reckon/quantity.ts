import type { Unit } from '../number/index.ts'
import type { Place } from './place.ts'

declare const quantityMark: unique symbol
/** Names a quantity of a network. It is compared and looked up, never taken apart: what it is of stands in {@link QuantityOf}. */
export type Key = string & { readonly [quantityMark]: true }

/** What a quantity is. */
export type What =
  | 'amount'
  | 'mass'
  | 'volume'
  | 'concentration'
  | 'mass concentration'
  | 'molar mass'
  | 'water'
  | 'solubility'
  | 'solubility product'
  | 'dissolved'
  | 'common ion'
  | 'percentage'
  | 'each'
  | 'container'
  | 'with sample'
  | 'with residue'
  | 'before heating'
  | 'after heating'
  | 'residue'
  | 'weighted amount'
  | 'accepted value'
  | 'difference'
  | 'percentage error'
  | 'gradient of a line'
  | 'intercept'
  | 'x read off'
  | 'y read off'
  | 'difference of intercepts'
  | 'difference of gradients'
  | 'crossing'
  | 'rise'
  | 'run'
  | 'gradient'
  | 'step'
  | 'rise along a line'
  | 'above the intercept'
  | 'looked up'
  | 'reading of an unknown'
  | 'turning point'
  | 'second derivative'
  | 'equivalence'
  | 'area'
  | 'worked with'
  | 'line of a sum'

/** What a quantity is, of which species, where. Two quantities that agree in all of it are one. */
export interface QuantityOf {
  readonly what: What
  /** Atoms and charge (`species.ts`); nothing where it is of everything there. */
  readonly species?: string
  readonly place?: Place
  /** Tells apart what else is alike: which line, at which x, by which weight. */
  readonly detail?: string
}

/** Something that has a value: an amount, a mass, a volume, a concentration at some place. */
export interface Quantity {
  readonly of: QuantityOf
  /** What it is, in words that can begin a line of working. */
  readonly says: string
  /** The letter formulae use for it. */
  readonly symbol: string
  /** A longer symbol that tells it from others with the same letter: `n(Fe2+)`. */
  readonly fullSymbol: string
  readonly unit: Unit
  /** A unit of the student's own, as on the axis of a series; then `unit` is 1. */
  readonly ownUnit?: string
  /** Decimals it is written to, whatever the figures; those of a logarithm say how fine it is. */
  readonly places?: number
  /** A plus sign stands before it where it is above nought. */
  readonly showsSign?: boolean
}

const JOINT = '\u0001'

/** The key of a quantity. */
export function keyOf({ what, species = '', place, detail = '' }: QuantityOf): Key {
  return `${what}${JOINT}${species}${JOINT}${place?.key ?? ''}${JOINT}${detail}` as Key
}

import { Exact } from '../number/index.ts'
import type { Body, Network, Rule } from './network.ts'
import type { Key } from './quantity.ts'
import type { ChainFraction, ChainTerm } from './working.ts'

/** What a number in a line of working does there, for naming what went wrong with it. */
type PieceKind = 'ratio' | 'thousand' | 'hundred' | 'conversion' | 'volume' | 'molar mass' | 'quantity'

/** A number that a line multiplies or divides by. */
export interface Piece {
  readonly value: Exact
  /** 1 over the line, −1 under it. */
  readonly power: 1 | -1
  readonly kind: PieceKind
  readonly says: string
}

function kindOfNumber(number: number, percentage: boolean): PieceKind {
  if (number === 1000) return 'thousand'
  return number === 100 && percentage ? 'hundred' : 'ratio'
}

/** The numbers of a product, as the rule has them. */
export function piecesOfProduct(
  { gives, stated, body }: Rule & { readonly body: Extract<Body, { kind: 'product' }> },
  network: Network,
  values: ReadonlyMap<Key, Exact>,
): readonly Piece[] {
  const percentage = network.quantities.get(gives)?.unit === '%'
  const number = (value: number, power: 1 | -1): Piece[] => {
    const kind = stated.converts ? 'conversion' : kindOfNumber(value, percentage)
    return value === 1 ? [] : [{ value: new Exact(value), power, kind, says: String(value) }]
  }
  const quantity =
    (power: 1 | -1) =>
    (key: Key): Piece => {
      const { unit, says = key } = network.quantities.get(key) ?? {}
      const kind = unit === 'cm3' ? 'volume' : unit === 'g/mol' ? 'molar mass' : 'quantity'
      return { value: values.get(key) as Exact, power, kind, says }
    }
  return [
    ...body.over.map(quantity(1)),
    ...body.under.map(quantity(-1)),
    ...number(body.factor.over, 1),
    ...number(body.factor.under, -1),
  ]
}

function kindOfFactor(unit: string): PieceKind {
  if (unit === 'cm³' || unit === 'mL') return 'thousand'
  if (unit === '%') return 'hundred'
  return unit === 'mol' || unit === '' ? 'ratio' : 'conversion'
}

function kindOfQuantity(unit: string, below: string | undefined): PieceKind {
  if (unit === 'cm³' || unit === 'mL') return 'volume'
  return unit === 'g' && below === 'mol' ? 'molar mass' : 'quantity'
}

function pieceOfTerm({ text, unit, says, of }: ChainTerm, power: 1 | -1, other: ChainTerm | undefined): readonly Piece[] {
  if (text === '1') return []
  const number = Number(text)
  const kind = says === undefined ? kindOfFactor(unit) : kindOfQuantity(unit, other?.unit)
  return [{ value: new Exact(number), power, kind, says: says ?? [text, unit, of].filter(Boolean).join(' ') }]
}

/** The numbers of a chain, from its fractions. */
export function piecesOfChain(chain: readonly ChainFraction[]): readonly Piece[] {
  return chain.flatMap(({ top, bottom }) => [...pieceOfTerm(top, 1, bottom), ...(bottom ? pieceOfTerm(bottom, -1, top) : [])])
}

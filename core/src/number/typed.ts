import type { Decimal } from 'decimal.js'
import { LOWERED } from './raised.ts'
import { Exact } from './reading.ts'

const TYPED = /^([-−+]?\d+(?:[.,]\d+)?)(?:\s*(?:e|E|[×x*]\s*10\s*\^?)\s*\(?([-−+]?\d+)\)?)?$/

/** A number that somebody typed, with how finely it was written. */
export interface TypedNumber {
  readonly value: Decimal
  readonly figures: number
  /** One unit of its last figure; noughts at the end of a whole number may be no figures at all. */
  readonly lastPlace: Decimal
}

/**
 * Reads a number as people type it, in standard form too: `0.0114`, `1.14e-2`, `1.14 x 10^-2`, `1,14 × 10⁻²`.
 *
 * @returns undefined for anything else
 */
export function readTyped(text: string): TypedNumber | undefined {
  const plain = [...text.trim()].map((character) => LOWERED.get(character) ?? character).join('')
  const [, digits, exponent = '0'] = TYPED.exec(plain) ?? []
  if (digits === undefined) return undefined
  const number = digits.replace(',', '.').replace('−', '-').replace('+', '')
  const power = new Exact(10).pow(Number(exponent.replace('−', '-')))
  const places = number.split('.')[1]?.length ?? 0
  const figures = Math.max(1, number.replace(/[-.]/g, '').replace(/^0+/, '').length)
  const noughts = /^-?\d*[1-9](0+)$/.exec(number)?.[1]?.length ?? 0
  return { value: new Exact(number).mul(power), figures, lastPlace: power.mul(new Exact(10).pow(noughts - places)) }
}

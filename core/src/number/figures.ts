import type { Decimal } from 'decimal.js'
import { Exact } from './reading.ts'

/** Below this a value is written in standard form, as is usual for amounts (common practice). */
const SMALLEST_PLAIN = new Exact('0.01')
/** From this on too, since trailing noughts of a whole number say nothing about its figures. */
const LARGEST_PLAIN = new Exact('100000')

/**
 * Significant figures of a decimal as written; the noughts at the end of a whole number are counted, since the
 * student wrote them.
 *
 * @example
 * significantFigures('0.0200') // 3
 */
export function significantFigures(text: string): number {
  const digits = text.replace(/^-/, '').replace('.', '').replace(/^0+/, '')
  return Math.max(1, digits.length)
}

/** Far more than any answer has, and fewer than are carried. */
const SETTLED_FIGURES = 20

/** A value without what division leaves over in its last places: a half that comes out as 0.4999… is rounded up as a half. */
export const settled = (value: Decimal): Decimal => value.toSignificantDigits(SETTLED_FIGURES, Exact.ROUND_HALF_UP)

/**
 * Rounds half up to significant figures and writes the result as machine text: plain between 0.01 and 100 000,
 * otherwise with an exponent (`4.59e-4`).
 *
 * @param figures - significant figures, 1 or more
 * @example
 * formatFigures(new Exact('0.0004585'), 3) // '4.59e-4'
 */
export function formatFigures(value: Decimal, figures: number): string {
  if (value.isZero()) return new Exact(0).toFixed(Math.max(0, figures - 1))
  const rounded = settled(value).toSignificantDigits(figures, Exact.ROUND_HALF_UP)
  const size = rounded.abs()
  if (size.lt(SMALLEST_PLAIN) || size.gte(LARGEST_PLAIN)) {
    return rounded.toExponential(figures - 1, Exact.ROUND_HALF_UP).replace('e+', 'e')
  }
  return rounded.toFixed(Math.max(0, figures - 1 - rounded.e))
}

/** Rounds half up to decimal places: `formatPlaces(20.675, 2)` is `20.68`. */
export function formatPlaces(value: Decimal, places: number): string {
  return settled(value).toFixed(places, Exact.ROUND_HALF_UP)
}

/** A number in the parts a page sets: `4.59` × 10 to the `-4`, or plain digits without exponent. */
export interface NumberParts {
  readonly digits: string
  readonly exponent?: number
}

/** Takes machine text (`4.59e-4`) apart for setting as chemists write it, 4.59 × 10⁻⁴. */
export function chemistsNumber(text: string): NumberParts {
  const [digits = text, exponent] = text.split('e')
  return exponent === undefined ? { digits } : { digits, exponent: Number(exponent) }
}

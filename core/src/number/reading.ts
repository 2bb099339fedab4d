import { Decimal } from 'decimal.js'
import { ChemistryError } from '../problem/index.ts'

/**
 * Exact decimal arithmetic with our own settings, so that nobody else's global configuration reaches a reading.
 * Thirty digits are far beyond any glassware; halves round up, as taught in schools.
 */
export const Exact = Decimal.clone({ precision: 30, rounding: Decimal.ROUND_HALF_UP, defaults: true })
export type Exact = Decimal

/** A decimal as a student writes it: digits, perhaps a point and more digits, perhaps a minus sign. */
export const DECIMAL_TEXT = /^-?\d+(\.\d+)?$/

/** A number with the text it was written as: "24.50" keeps the nought that says how finely it was read. */
export interface Reading {
  readonly text: string
  readonly value: Decimal
  /** Digits after the decimal point, as written. */
  readonly places: number
}

/** Whether a text is a decimal as written in a record: `24.50`, not `24,50`, `2.4e1` or `24.50 cm3`. */
export function isDecimalText(text: string): boolean {
  return DECIMAL_TEXT.test(text)
}

/** Digits after the decimal point, as written. */
export function decimalPlaces(text: string): number {
  const point = text.indexOf('.')
  return point < 0 ? 0 : text.length - point - 1
}

/**
 * Reads a decimal as written.
 *
 * @throws ChemistryError `number.notDecimal` when the text is anything else, units included
 * @example
 * parseReading('24.50').places // 2
 */
export function parseReading(text: string): Reading {
  if (!isDecimalText(text)) {
    throw new ChemistryError(
      'number.notDecimal',
      `'${text}' is not a number as a reading is written. Use digits and a decimal point, without the unit: 24.50.`,
      { text },
    )
  }
  return { text, value: new Exact(text), places: decimalPlaces(text) }
}

/** The exact value of a decimal text or a whole number. */
export function exact(value: string | number | Decimal): Decimal {
  return new Exact(value)
}

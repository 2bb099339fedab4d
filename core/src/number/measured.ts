import { readTyped } from './typed.ts'

/** A number with its unit as somebody typed it, in the digits of the record. */
export interface Measured {
  readonly value: string
  /** Empty where none was typed. */
  readonly unit: string
}

const NUMBER_AND_UNIT =
  /^([-−+]?\d+(?:[.,]\d+)?(?:\s*(?:[eE](?=[-−+\d])|[×x*]\s*10\s*\^?)\s*\(?[-−+⁻]?[\d⁰¹²³⁴⁵⁶⁷⁸⁹]+\)?)?)\s*(.*)$/

/**
 * Reads a number with its unit: `50.0 g`, `1,2 kJ/mol`, `1.74 × 10^-5 mol/dm3`, `21.5`.
 *
 * @returns undefined where no number stands first
 */
export function readMeasured(text: string): Measured | undefined {
  const [, number = '', unit = ''] = NUMBER_AND_UNIT.exec(text.trim()) ?? []
  const typed = readTyped(number)
  if (!typed) return undefined
  const places = Math.max(0, -typed.lastPlace.e)
  return { value: typed.value.toFixed(places), unit: unit.trim() }
}

import { raised } from '../number/index.ts'

/** Numbers along an axis from here on are written with a power of ten that stands once, in its name. */
const MOST_PLACES = 3
const LARGE = 100_000

/**
 * The power of ten that an axis is written in, so that its numbers are short: −3 for 0.0032 to 0.0036; 0 where they are so
 * already.
 *
 * @param step - what tells two of its numbers apart
 */
export function powerOf(values: readonly number[], step: number): number {
  const largest = Math.max(...values.map(Math.abs), 0)
  if (largest === 0) return 0
  const exponent = Math.floor(Math.log10(largest) + 1e-9)
  return largest >= LARGE || step < 10 ** -MOST_PLACES * (1 - 1e-9) ? exponent : 0
}

/** A unit with the power of ten before it, to stand after a name: `10⁻³ K⁻¹`, `10⁶`. */
export function scaledUnit(unit: string, power: number): string {
  const inverse = /^1\/([A-Za-z°]+)$/.exec(unit)?.[1]
  return [power === 0 ? '' : `10${raised(String(power))}`, inverse === undefined ? unit : `${inverse}⁻¹`]
    .filter(Boolean)
    .join(' ')
}

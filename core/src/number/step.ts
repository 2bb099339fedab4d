import { decimalPlaces, Exact } from './reading.ts'

/** Decimal places that every reading on a scale read to this step must have: 0.05 and 0.02 give 2, 0.1 gives 1. */
export function stepPlaces(step: string): number {
  return decimalPlaces(step)
}

/** Whether a reading falls on the step a scale is read to: 24.50 does on 0.05, 24.53 does not. */
export function isOnStep(text: string, step: string): boolean {
  return new Exact(text).mod(step).isZero()
}

/**
 * What a reading would be, written to the scale's decimals: `24.5` on a 0.05 scale is `24.50`.
 * A reading between two steps goes to the nearest, halves up.
 */
export function fitToStep(text: string, step: string): string {
  const steps = new Exact(text).div(step).toDecimalPlaces(0, Exact.ROUND_HALF_UP)
  return steps.mul(step).toFixed(stepPlaces(step))
}

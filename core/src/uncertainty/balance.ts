import { decimalPlaces } from '../number/index.ts'
import type { Contribution } from '../propagate/index.ts'
import type { Source } from './source.ts'

/** A mass as it was read. */
export interface MassReading {
  readonly key: string
  readonly says: string
  readonly text: string
}

/**
 * Errors of one reading of a balance: its display is rounded to half its last digit, and its scale is true to about
 * one last digit (common practice where no certificate is at hand).
 */
function errorsOf({ key, says }: MassReading, digit: number): readonly Contribution[] {
  const contribution = (part: string, halfWidth: number): Contribution => ({
    id: `${key} ${part}`,
    says,
    kind: 'reading',
    spread: { shape: 'uniform', halfWidth },
    on: [key],
  })
  return [contribution('display', digit / 2), contribution('scale', digit)]
}

/** All readings of balances with as many decimals. */
export function balanceSource(readings: readonly MassReading[]): Source | undefined {
  const [first] = readings
  if (!first) return undefined
  const places = decimalPlaces(first.text)
  const digit = 10 ** -places
  return {
    id: `balance ${places}`,
    says: `balance read to ${digit.toFixed(places)} g (${readings.length} reading${readings.length === 1 ? '' : 's'})`,
    kind: 'reading',
    contributions: readings.flatMap((reading) => errorsOf(reading, digit)),
    limits: readings.map(({ key }) => ({ on: key, halfWidth: digit / 2 })),
    better: {
      says: `a balance that shows ${(digit / 10).toFixed(places + 1)} g`,
      contributions: readings.flatMap((reading) => errorsOf(reading, digit / 10)),
    },
  }
}

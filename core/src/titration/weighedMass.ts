import { decimalPlaces, Exact } from '../number/index.ts'
import { entryText, type PartOf } from '../record/index.ts'

/** The mass a weighing comes to: exact, and as it is written with the decimals of the balance. */
export interface WeighedMass {
  readonly mass: Exact
  readonly text: string
}

/**
 * Mass of sample taken, in g: container + sample less container + residue, else less the empty container, else the tared mass.
 *
 * @returns undefined while a reading is missing, or when the readings leave nothing: no sample has a mass of zero or less
 * @example
 * weighedMass({ id: 'w', kind: 'weighing', of: 'F1', withSample: '32.10', withResidue: '27.10' })?.text // '5.00'
 */
export function weighedMass({ container, withSample, withResidue, mass }: PartOf<'weighing'>): WeighedMass | undefined {
  const empty = withResidue ?? container
  const readings = withSample && empty ? [entryText(withSample), entryText(empty)] : mass ? [entryText(mass)] : []
  const [first, second = '0'] = readings
  if (first === undefined) return undefined
  const taken = new Exact(first).sub(second)
  return taken.gt(0) ? { mass: taken, text: taken.toFixed(Math.max(...readings.map(decimalPlaces))) } : undefined
}

import { unitSymbol } from '../number/index.ts'
import { scaledUnit } from './scaled.ts'

/** Head of a column of numbers along an axis: `time / s`, `1/temperature / 10⁻³ K⁻¹`, or the name alone of a plain number. */
export function axisHead({ name, unit }: { readonly name: string; readonly unit: string }, power = 0): string {
  const written = scaledUnit(unitSymbol(unit), power)
  return written === '' ? name : `${name} / ${written}`
}

import { raised } from './raised.ts'
import { isUnit, symbolOf } from './units.ts'

/** A unit as set on a page: the symbol of one we know, else as the student wrote it, with raised cubes. */
export function unitSymbol(unit: string): string {
  if (isUnit(unit) && unit !== '1') return symbolOf(unit)
  return unit.replace(/([A-Za-z)])\^?(-?[1-9])(?!\w)/g, (_, symbol: string, power: string) => `${symbol}${raised(power)}`)
}

import { Exact } from './reading.ts'
import { parseUnit, UNITS } from './units.ts'

/** A strength with its unit, as the record keeps it. */
export interface Strength {
  readonly value: string
  readonly unit: 'mol/dm3' | 'g/dm3'
}

/** Parts of a whole as they are spoken of (common practice). */
const PARTS: Readonly<Record<string, number>> = {
  half: 2,
  third: 3,
  quarter: 4,
  fifth: 5,
  tenth: 10,
  twentieth: 20,
  twentyfifth: 25,
  thirtieth: 30,
  fortieth: 40,
  fiftieth: 50,
  hundredth: 100,
  thousandth: 1000,
}
const PREFIXES: Readonly<Record<string, number>> = { deci: 10, centi: 100, milli: 1000, semi: 2 }

const SPOKEN = /^(?:an?|one)?\s*([a-z-]+)(?:\s+of)?\s*-?\s*molar$/
const PREFIXED = /^(deci|centi|milli|semi)\s*-?\s*molar$/
const FRACTION = /^(?:1\s*\/\s*(\d+(?:\.\d+)?)\s*M|M\s*\/\s*(\d+(?:\.\d+)?))$/
const PLAIN = /^(\d+(?:\.\d+)?)\s*(.*)$/

/** Figures of a strength that is spoken of as a part: a twentieth is 0.0500. */
const FIGURES_OF_A_PART = 3

function molar(parts: number): Strength {
  const value = new Exact(1).div(parts)
  return { value: value.toFixed(Math.max(0, FIGURES_OF_A_PART - 1 - value.e)), unit: 'mol/dm3' }
}

/**
 * Reads a strength as it is written or spoken of: `0.05 mol/dm3`, `M/20`, `a twentieth molar`, `decimolar`, `5 % w/v`,
 * `250 ppm` (of a dilute solution in water). A bare number is in mol/dm³.
 *
 * @returns undefined for anything else
 */
export function readStrength(text: string): Strength | undefined {
  const tidy = text.trim().replace(',', '.')
  const [, inverse, below] = FRACTION.exec(tidy) ?? []
  const parts = inverse ?? below
  if (parts !== undefined && Number(parts) > 0) return molar(Number(parts))
  const lower = tidy.toLowerCase()
  const prefix = PREFIXED.exec(lower)?.[1]
  if (prefix) return molar(PREFIXES[prefix] ?? 1)
  if (lower === 'molar') return molar(1)
  const spoken = PARTS[SPOKEN.exec(lower)?.[1]?.replace('-', '') ?? '']
  if (spoken) return molar(spoken)
  const [, digits, rest = ''] = PLAIN.exec(tidy) ?? []
  return digits === undefined ? undefined : inUnit(digits, rest)
}

function inUnit(digits: string, unitText: string): Strength | undefined {
  if (unitText === '') return { value: digits, unit: 'mol/dm3' }
  try {
    const unit = parseUnit(unitText)
    const { dimension, inBase } = UNITS[unit]
    if (dimension !== 'concentration' && dimension !== 'massConcentration') return undefined
    const value = new Exact(digits).mul(inBase)
    const figures = Math.max(1, digits.replace('.', '').replace(/^0+/, '').length)
    const written = inBase === '1' ? digits : value.toFixed(Math.max(0, figures - 1 - value.e))
    return { value: written, unit: dimension === 'concentration' ? 'mol/dm3' : 'g/dm3' }
  } catch {
    return undefined
  }
}

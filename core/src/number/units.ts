import { ChemistryError } from '../problem/index.ts'

export type Dimension = 'volume' | 'mass' | 'amount' | 'concentration' | 'massConcentration' | 'molarMass' | 'ratio' | 'pure'

interface UnitRow {
  readonly dimension: Dimension
  /** How many of the dimension's base unit (dm³, g, mol, mol/dm³, g/dm³, g/mol, 1) make one of these. */
  readonly inBase: string
  readonly symbol: string
  /** Other ways people write it; compared without spaces. */
  readonly alsoWritten: readonly string[]
}

export const UNITS = {
  cm3: { dimension: 'volume', inBase: '0.001', symbol: 'cm³', alsoWritten: ['cm^3', 'cc'] },
  mL: { dimension: 'volume', inBase: '0.001', symbol: 'mL', alsoWritten: ['ml'] },
  dm3: { dimension: 'volume', inBase: '1', symbol: 'dm³', alsoWritten: ['dm^3'] },
  L: { dimension: 'volume', inBase: '1', symbol: 'L', alsoWritten: ['l', 'litre', 'litres'] },
  g: { dimension: 'mass', inBase: '1', symbol: 'g', alsoWritten: [] },
  mg: { dimension: 'mass', inBase: '0.001', symbol: 'mg', alsoWritten: [] },
  kg: { dimension: 'mass', inBase: '1000', symbol: 'kg', alsoWritten: [] },
  mol: { dimension: 'amount', inBase: '1', symbol: 'mol', alsoWritten: ['moles', 'mole'] },
  mmol: { dimension: 'amount', inBase: '0.001', symbol: 'mmol', alsoWritten: [] },
  'mol/dm3': {
    dimension: 'concentration',
    inBase: '1',
    symbol: 'mol/dm³',
    alsoWritten: ['mol/L', 'mol/l', 'moldm-3', 'moldm⁻³', 'mol/dm^3', 'M'],
  },
  'mmol/dm3': { dimension: 'concentration', inBase: '0.001', symbol: 'mmol/dm³', alsoWritten: ['mmol/L', 'mM'] },
  'g/dm3': {
    dimension: 'massConcentration',
    inBase: '1',
    symbol: 'g/dm³',
    alsoWritten: ['g/L', 'g/l', 'gdm-3', 'gdm⁻³', 'g/dm^3'],
  },
  'mg/dm3': { dimension: 'massConcentration', inBase: '0.001', symbol: 'mg/dm³', alsoWritten: ['mg/L'] },
  // Of dilute solutions in water, where a litre weighs a kilogram.
  ppm: { dimension: 'massConcentration', inBase: '0.001', symbol: 'ppm', alsoWritten: [] },
  '% w/v': { dimension: 'massConcentration', inBase: '10', symbol: '% w/v', alsoWritten: ['%w/v', '%(w/v)', 'g/100cm3'] },
  'g/mol': { dimension: 'molarMass', inBase: '1', symbol: 'g/mol', alsoWritten: ['gmol-1', 'gmol⁻¹'] },
  '%': { dimension: 'ratio', inBase: '0.01', symbol: '%', alsoWritten: ['percent'] },
  '1': { dimension: 'pure', inBase: '1', symbol: '', alsoWritten: ['', '-', '–'] },
} as const satisfies Record<string, UnitRow>

export type Unit = keyof typeof UNITS

/** Whether a text is the name of a unit of the table, as the record writes it. */
export function isUnit(text: string): text is Unit {
  return Object.hasOwn(UNITS, text)
}

/** The unit as it is set on a page: `cm³`, `mol/dm³`, `%`. */
export function symbolOf(unit: Unit): string {
  return UNITS[unit].symbol
}

const WRITTEN = new Map<string, Unit>(
  (Object.keys(UNITS) as Unit[]).flatMap((unit) => {
    const { symbol, alsoWritten }: UnitRow = UNITS[unit]
    return [unit, symbol, ...alsoWritten].map((written) => [written.replace(/\s+/g, ''), unit] as const)
  }),
)

/** The unit of the table that a text means, or undefined. */
export function findUnit(text: string): Unit | undefined {
  return WRITTEN.get(text.replace(/\s+/g, ''))
}

/**
 * Reads a unit as people write it: `cm3`, `cm³`, `mol dm-3`, `M`.
 *
 * @throws ChemistryError `unit.unknown` naming the units there are
 */
export function parseUnit(text: string): Unit {
  const found = findUnit(text)
  if (found) return found
  throw new ChemistryError('unit.unknown', `'${text}' is not a unit used here. Use one of ${Object.keys(UNITS).join(', ')}.`, {
    text,
  })
}

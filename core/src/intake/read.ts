import { decimalPlaces, Exact, formatPlaces, isDecimalText, ratioBetween } from '../number/index.ts'
import type { IntakeFault, IntakeField, IntakeRow } from './field.ts'
import type { Matching } from './match.ts'

/** Rows as they will be kept, and what cannot be. */
export interface Intake {
  readonly rows: readonly IntakeRow[]
  readonly faults: readonly IntakeFault[]
}

/** A number as the record writes it: with a point, whatever it was written with. */
function plainNumber(cell: string): string | undefined {
  const text = cell.trim().replace('−', '-').replace(/^\+/, '')
  const pointed = /^-?\d+,\d+$/.test(text) ? text.replace(',', '.') : text.replace('·', '.')
  const whole = pointed.startsWith('.') ? `0${pointed}` : pointed
  if (isDecimalText(whole)) return whole
  return /^-?\d+(\.\d+)?e[+-]?\d+$/i.test(whole) ? new Exact(whole).toFixed() : undefined
}

const CELSIUS_ZERO = '273.15'

/** A temperature is brought from kelvins to degrees by a difference, not by a factor. */
function temperature(text: string, from: string, to: string): string | undefined {
  const [kelvins, degrees] = [from === 'K', /^(°C|degC|C)$/.test(from)]
  const places = decimalPlaces(text)
  if (kelvins && to === '°C') return formatPlaces(new Exact(text).sub(CELSIUS_ZERO), places)
  return degrees && to === 'K' ? formatPlaces(new Exact(text).add(CELSIUS_ZERO), places) : undefined
}

/** A number in the unit that it is kept in, exactly; with the places that its own unit had, moved along. */
function inUnit(text: string, from: string, to: string): string | undefined {
  if (from === to) return text
  const warmth = temperature(text, from, to)
  if (warmth !== undefined) return warmth
  const ratio = ratioBetween(from, to)
  if (ratio === undefined) return undefined
  const value = new Exact(text).mul(ratio.over).div(ratio.under)
  const shift = new Exact(ratio.over).div(ratio.under).log(10)
  return shift.isInteger() ? value.toFixed(Math.max(0, decimalPlaces(text) - shift.toNumber())) : value.toFixed()
}

interface Cell {
  readonly text: string
  readonly fault?: string
  /** Something stands there, and cannot be read. */
  readonly unreadable?: true
}

function readCell(cell: string, { key, says, kind, unit, needed }: IntakeField, units: Matching['units']): Cell {
  const text = cell.trim()
  if (text === '' || text === '–') return needed ? { text: '', fault: `the ${says} is missing` } : { text: '' }
  if (kind === 'moment') return Number.isNaN(Date.parse(text)) ? { text: '' } : { text: new Date(text).toISOString() }
  if (kind === 'text') return { text }
  const number = plainNumber(text)
  if (number === undefined) return { text: '', unreadable: true, fault: `“${text}” is no number` }
  const written = units[key]
  const kept = written === undefined || unit === undefined ? number : inUnit(number, written, unit)
  if (kept === undefined) return { text: '', unreadable: true, fault: `“${written}” cannot be turned into ${unit}` }
  return { text: kept }
}

/** Reads the rows of a table by which column holds what. Nothing is guessed: what cannot be kept is named with its place. */
export function readIntake({ rows, headed, columns, units, turned }: Matching, fields: readonly IntakeField[]): Intake {
  const first = headed ? 1 : 0
  const kept: IntakeRow[] = []
  const faults: IntakeFault[] = []
  rows.slice(first).forEach((row, index) => {
    const cells = fields.flatMap((field) => {
      const column = columns[field.key]
      const cell = column === undefined ? { text: '' } : readCell(row[column] ?? '', field, units)
      return [{ field, column: column ?? 0, cell }]
    })
    // A run that was laid out and not begun has a kind and no reading.
    const isBare = cells.some(({ field, cell }) => field.standsAlone && cell.text !== '')
    const isBlank = cells.every(({ field, cell }) => field.kind !== 'number' || (cell.text === '' && !cell.unreadable))
    const wrong = isBare && isBlank ? [] : cells.filter(({ cell }) => cell.fault !== undefined)
    const place = (column: number) =>
      turned ? { row: column + 1, column: index + first + 1 } : { row: index + first + 1, column: column + 1 }
    faults.push(...wrong.map(({ column, cell }) => ({ ...place(column), says: cell.fault ?? '' })))
    if (wrong.length === 0)
      kept.push(Object.fromEntries(cells.flatMap(({ field, cell }) => (cell.text ? [[field.key, cell.text]] : []))))
  })
  return { rows: kept, faults }
}

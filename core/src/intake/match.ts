import type { IntakeField } from './field.ts'

type Rows = readonly (readonly string[])[]

/** Which column holds what, and in which unit it is written. */
export interface Matching {
  /** The table as it is read: turned round where it came with a column for each run. */
  readonly rows: Rows
  readonly turned: boolean
  /** Whether its first row holds headings. */
  readonly headed: boolean
  /** By the keys of fields: the column, from 0. */
  readonly columns: Readonly<Record<string, number>>
  /** By the keys of fields: the unit in the heading, where there is one. */
  readonly units: Readonly<Record<string, string>>
}

/** A heading as it is compared: `Final reading / cm³` and `final reading (mL)` are the final reading, in cm³ and in mL. */
function headingOf(cell: string): { readonly name: string; readonly unit: string } {
  const text = cell.trim().replace(/_/g, ' ')
  const [, name = text, slash, bracket] = /^(.*?)\s*(?:\/\s*([^/()]+(?:\/[^/()]+)*)|[([]([^)\]]+)[)\]])?$/.exec(text) ?? []
  return { name: name.trim().toLowerCase(), unit: (slash ?? bracket ?? '').trim() }
}

const isNumberLike = (cell: string) => /^[+-−]?[\d.,·]+(e-?\d+)?$/.test(cell.trim())

function matched(rows: Rows, fields: readonly IntakeField[]): Omit<Matching, 'rows' | 'turned'> {
  const heads = (rows[0] ?? []).map(headingOf)
  const columns: Record<string, number> = {}
  const units: Record<string, string> = {}
  for (const { key, called } of fields) {
    const column = heads.findIndex(({ name }, index) => called.test(name) && !Object.values(columns).includes(index))
    if (column < 0) continue
    columns[key] = column
    if (heads[column]?.unit) units[key] = heads[column].unit
  }
  return { headed: Object.keys(columns).length > 0 || !(rows[0] ?? []).some(isNumberLike), columns, units }
}

const turnedRound = (rows: Rows): Rows =>
  Array.from({ length: Math.max(0, ...rows.map(({ length }) => length)) }, (_, column) => rows.map((row) => row[column] ?? ''))

/** Without headings, numbers are taken in the order in which the fields come. */
function byPosition(rows: Rows, fields: readonly IntakeField[]): Readonly<Record<string, number>> {
  const width = Math.max(0, ...rows.map(({ length }) => length))
  const holds = Array.from({ length: width }, (_, column) => rows.every((row) => isNumberLike(row[column] ?? '')))
  const numbers = holds.flatMap((is, column) => (is ? [column] : []))
  const words = holds.flatMap((is, column) => (is ? [] : [column]))
  const wanted = fields.filter(({ kind, needed }) => kind === 'number' || needed)
  return Object.fromEntries(
    wanted.flatMap(({ key, kind }) => {
      const column = kind === 'number' ? numbers.shift() : words.shift()
      return column === undefined ? [] : [[key, column] as const]
    }),
  )
}

const score = ({ columns }: Pick<Matching, 'columns'>) => Object.keys(columns).length

/**
 * Finds which column of a table holds what: by its headings, in either direction; without headings by what stands in them.
 *
 * @param rows - the table as it came
 */
export function matchColumns(rows: Rows, fields: readonly IntakeField[]): Matching {
  const along = matched(rows, fields)
  const turned = turnedRound(rows)
  const across = matched(turned, fields)
  if (score(across) > score(along)) return { rows: turned, turned: true, ...across }
  if (score(along) > 0) return { rows, turned: false, ...along }
  return {
    rows,
    turned: false,
    headed: along.headed,
    columns: byPosition(along.headed ? rows.slice(1) : rows, fields),
    units: {},
  }
}

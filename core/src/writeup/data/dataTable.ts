import type { Path } from '../../record/index.ts'

/** What stands in a column of data. */
export interface DataColumn {
  /** Names the column for programs: letters and underscores. */
  readonly name: string
  /** Stands over it, with the unit: `final reading / cm3`. */
  readonly title: string
  readonly type: 'string' | 'decimal' | 'boolean' | 'dateTime'
  /** As symbols of the trade: `cm3`, `g`, `°C`. */
  readonly unit?: string
}

/** Readings as data: one row for each thing that was read, every value as it was written. */
export interface DataTable {
  /** Names the table and its file: `t1-runs`. */
  readonly name: string
  readonly title: string
  readonly columns: readonly DataColumn[]
  /** An empty cell is a reading that was not taken. */
  readonly rows: readonly (readonly string[])[]
  /** Which columns name a row. */
  readonly key: readonly string[]
  /** The part it was read in. */
  readonly at: Path
}

export const textColumn = (name: string, title = name.replaceAll('_', ' ')): DataColumn => ({ name, title, type: 'string' })
export const numberColumn = (name: string, title: string, unit: string): DataColumn => ({
  name,
  title: unit === '' ? title : `${title} / ${unit}`,
  type: 'decimal',
  ...(unit === '' ? {} : { unit }),
})
export const momentColumn = (name: string): DataColumn => ({ name, title: name.replaceAll('_', ' '), type: 'dateTime' })

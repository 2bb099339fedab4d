/** Something that a column of a table can hold. */
export interface IntakeField {
  readonly key: string
  readonly says: string
  /** The unit it is kept in, where it is a number with one. */
  readonly unit?: string
  readonly kind: 'number' | 'text' | 'moment'
  /** Whether a row without it is none. */
  readonly needed: boolean
  /** Whether a row may hold it and no number. */
  readonly standsAlone?: true
  /** Headings that it goes by, in small letters and without the unit. */
  readonly called: RegExp
}

/** A row as it will be kept, by the keys of its fields. */
export type IntakeRow = Readonly<Record<string, string>>

/** A cell that cannot be kept: where it stands in the table as it came, counted from 1, and why. */
export interface IntakeFault {
  readonly row: number
  readonly column: number
  readonly says: string
}

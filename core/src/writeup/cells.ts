import { type Entry, entryText, type Path, strikes } from '../record/index.ts'
import { type Line, onLine, setNumber, setText } from '../typeset/index.ts'
import type { Cell, Row, Table } from './report.ts'

/** A cell of plain words. */
export const wordCell = (text: string, at?: Path): Cell => ({ line: setText(text), ...(at ? { at } : {}) })

/** A cell of a number that was worked out. */
export const numberCell = (text: string | undefined): Cell =>
  text === undefined ? { line: onLine('–'), number: true } : { line: setNumber(text), number: true }

/** A reading as it was written, with what was struck through; a dash where none was taken. */
export function readingCell(entry: Entry | undefined, at: Path): Cell {
  if (entry === undefined) return { line: onLine('–'), number: true, at }
  const struck = strikes(entry).map(({ value, why }) => ({ text: value, ...(why ? { why } : {}) }))
  return { line: onLine(entryText(entry)), number: true, at, ...(struck.length > 0 ? { struck } : {}) }
}

interface Made {
  readonly id: string
  readonly caption: string
  readonly head: readonly (Line | string)[]
  readonly rows: readonly (readonly Cell[])[]
  readonly rowsAreNamed?: boolean
  readonly notes?: readonly string[]
}

const asLine = (head: Line | string): Line => (typeof head === 'string' ? onLine(head) : head)

/** What is said under a table of the values that are struck through in it. */
function struckIn(rows: readonly (readonly Cell[])[]): readonly string[] {
  const values = rows.flat().flatMap(({ struck = [] }) => struck)
  const reasons = values.flatMap(({ text, why }) => (why ? [`${text} was struck through: ${why}.`] : []))
  const bare = values.filter(({ why }) => !why).map(({ text }) => text)
  if (bare.length === 0) return reasons
  return [...reasons, `Struck through without a reason: ${bare.join(', ')}.`]
}

/** A table; what is struck through in it is said beneath it. */
export function tableOf({ id, caption, head, rows, rowsAreNamed = false, notes = [] }: Made): Table {
  return {
    id,
    caption,
    head: head.map(asLine),
    rows: rows.map((cells): Row => ({ cells })),
    rowsAreNamed,
    notes: [...notes, ...struckIn(rows)],
  }
}

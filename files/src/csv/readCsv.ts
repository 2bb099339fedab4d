import Papa from 'papaparse'
import { FileError } from '../FileError.ts'
import { inMegabytes, LARGEST_TABLE, MOST_ROWS } from '../limits.ts'
import { asItWas } from './harmless.ts'

/** The rows of a CSV text, or of cells that were copied from a spreadsheet; separated by whatever separates them. */
export type Rows = readonly (readonly string[])[]

/** Separators that are looked for: of spreadsheets' clipboards, of RFC 4180, of places that write a comma in numbers. */
const SEPARATORS = ['\t', ',', ';']

const isEmpty = (row: readonly string[]) => row.every((cell) => cell.trim() === '')

/**
 * Reads a table from the text of a CSV file or of a clipboard.
 *
 * @throws FileError where nothing stands in it, a quote is not closed, or it is larger than any table of readings
 */
export function readCsv(text: string, name = 'The table'): Rows {
  if (text.length > LARGEST_TABLE)
    throw new FileError(
      'csv.large',
      `${name} is larger than ${inMegabytes(LARGEST_TABLE)}.`,
      'Keep only the columns and rows that are wanted.',
    )
  const plain = text.replace(/^\uFEFF/, '')
  const { data, errors } = Papa.parse<string[]>(plain, { delimitersToGuess: SEPARATORS, skipEmptyLines: false })
  const open = errors.find(({ type }) => type === 'Quotes')
  if (open)
    throw new FileError(
      'csv.quotes',
      `${name} has a quotation mark that is not closed, in row ${(open.row ?? 0) + 1}.`,
      'Close it, or double it where it belongs to the text.',
    )
  const rows = data.filter((row) => !isEmpty(row)).map((row) => row.map(asItWas))
  if (rows.length === 0)
    throw new FileError('csv.empty', `${name} is empty.`, 'Copy the cells with their headings, or choose another file.')
  if (rows.length > MOST_ROWS)
    throw new FileError(
      'csv.large',
      `${name} has ${rows.length} rows; at most ${MOST_ROWS} are read.`,
      'Keep only the rows that are wanted.',
    )
  return rows
}

import type { DataTable } from '@hop-lark/core/writeup'
import Papa from 'papaparse'
import { harmless } from './harmless.ts'

/** A table of data as CSV (RFC 4180): headings first, CRLF between rows, every value as it was written. */
export function writeCsv({ columns, rows }: DataTable): string {
  const lines = [columns.map(({ title }) => title), ...rows].map((row) => row.map(harmless))
  return `${Papa.unparse(lines, { newline: '\r\n' })}\r\n`
}

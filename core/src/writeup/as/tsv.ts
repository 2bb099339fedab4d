import { plainText } from '../../typeset/index.ts'
import type { Table } from '../report.ts'

const inCell = (text: string) => text.replace(/[\t\r\n]+/g, ' ')

/** A table as cells apart by tabs, as spreadsheets take them from a clipboard; what is struck through is left out. */
export function tableTsv({ head, rows }: Table): string {
  const lines = [head, ...rows.map(({ cells }) => cells.map(({ line }) => line))]
  return `${lines.map((cells) => cells.map((line) => inCell(plainText(line))).join('\t')).join('\n')}\n`
}

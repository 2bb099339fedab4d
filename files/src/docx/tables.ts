import { type Line, plainText } from '@hop-lark/core/typeset'
import type { Cell, Table as ReportTable } from '@hop-lark/core/writeup'
import { AlignmentType, Paragraph, Table, TableCell, TableLayoutType, TableRow, TextRun, VerticalAlign, WidthType } from 'docx'
import { runsOf, wordRuns } from './runs.ts'

const MARGINS = { top: 40, bottom: 40, left: 90, right: 90 }

function cellOf({ line, struck = [], number }: Cell, bold: boolean, keepNext: boolean): TableCell {
  const gone = struck.flatMap(({ text }) => [new TextRun({ text, strike: true }), new TextRun({ text: ' ' })])
  return new TableCell({
    margins: MARGINS,
    verticalAlign: VerticalAlign.TOP,
    children: [
      new Paragraph({
        children: [...gone, ...runsOf(line, bold ? { bold } : {})],
        alignment: number ? AlignmentType.RIGHT : AlignmentType.LEFT,
        keepNext,
      }),
    ],
  })
}

/** Room for text on a page, and what a character takes, in twentieths of a point. */
const PAGE = 9850
const CHARACTER = 115
const [NARROWEST, WIDEST] = [7, 44]
/** Columns of so few characters are not made narrower. */
const KEPT = 12

const lengthOf = (line: Line) => plainText(line).length

/** Columns as wide as what stands in them asks for; the table no wider than the page. */
function widthsOf({ head, rows }: ReportTable) {
  const wanted = head.map((line, column) => {
    const longest = Math.max(lengthOf(line), ...rows.map(({ cells }) => lengthOf(cells[column]?.line ?? [])))
    return Math.min(WIDEST, Math.max(NARROWEST, longest + 2)) * CHARACTER
  })
  // What is narrow stays as it is; what is wide shares the rest of the page.
  const isNarrow = (width: number) => width <= KEPT * CHARACTER
  const sumOf = (widths: readonly number[]) => widths.reduce((sum, width) => sum + width, 0)
  const [room, wide] = [PAGE - sumOf(wanted.filter(isNarrow)), sumOf(wanted.filter((width) => !isNarrow(width)))]
  const columnWidths = wanted.map((width) => Math.round(isNarrow(width) || wide <= room ? width : (width * room) / wide))
  const size = sumOf(columnWidths)
  return { columnWidths, layout: TableLayoutType.FIXED, width: { size, type: WidthType.DXA } }
}

/** A table with its caption: heads repeated on every page, no row cut, the caption on the page of its table. */
export function tableBlocks(table: ReportTable): readonly (Paragraph | Table)[] {
  const { caption, head, rows, notes } = table
  const numbers = head.map((_, column) => rows.some(({ cells }) => cells[column]?.number))
  const heads = new TableRow({
    tableHeader: true,
    cantSplit: true,
    children: head.map((line, column) => cellOf({ line, number: numbers[column] ?? false }, true, true)),
  })
  const body = rows.map(
    ({ cells }, row) =>
      new TableRow({ cantSplit: true, children: cells.map((cell) => cellOf(cell, false, row === 0 && rows.length > 1)) }),
  )
  return [
    ...(caption === '' ? [] : [new Paragraph({ style: 'Caption', keepNext: true, children: [...wordRuns(caption)] })]),
    new Table({ rows: [heads, ...body], ...widthsOf(table) }),
    new Paragraph({
      style: 'Note',
      children: notes.flatMap((note, index) => [...(index > 0 ? [new TextRun({ break: 1 })] : []), ...wordRuns(note)]),
    }),
  ]
}

import type { Cell, Table as ReportTable } from '@hop-lark/core/writeup'
import { AlignmentType, Paragraph, Table, TableCell, TableRow, TextRun, VerticalAlign, WidthType } from 'docx'
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

/** A table with its caption: heads repeated on every page, no row cut, the caption on the page of its table. */
export function tableBlocks({ caption, head, rows, notes }: ReportTable): readonly (Paragraph | Table)[] {
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
    new Table({ rows: [heads, ...body], width: { size: 100, type: WidthType.PERCENTAGE } }),
    new Paragraph({
      style: 'Note',
      children: notes.flatMap((note, index) => [...(index > 0 ? [new TextRun({ break: 1 })] : []), ...wordRuns(note)]),
    }),
  ]
}

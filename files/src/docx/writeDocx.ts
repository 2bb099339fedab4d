import type { Task } from '@hop-lark/core/record'
import type { Report } from '@hop-lark/core/writeup'
import { AlignmentType, Document, Footer, HeadingLevel, Packer, PageNumber, Paragraph, TextRun } from 'docx'
import { unzipSync, zipSync } from 'fflate'
import { packTask } from '../packed.ts'
import { bytesOf } from '../text.ts'
import { blocksOf, type Drawn } from './blocks.ts'
import { wordRuns } from './runs.ts'

const FONT = 'Calibri'
/** Sizes in half points, spaces in twentieths of a point. */
const STYLES = {
  default: {
    document: { run: { font: FONT, size: 22 }, paragraph: { spacing: { after: 80 } } },
    title: { run: { size: 40, bold: true, font: FONT } },
    heading2: { run: { size: 28, bold: true, font: FONT, color: '1C2733' }, paragraph: { spacing: { before: 280, after: 80 } } },
    heading3: { run: { size: 23, bold: true, font: FONT, color: '1C2733' }, paragraph: { spacing: { before: 160, after: 40 } } },
  },
  paragraphStyles: [
    { id: 'Body', name: 'Body', basedOn: 'Normal', paragraph: { spacing: { after: 100, line: 300 } } },
    {
      id: 'Caption',
      name: 'Caption',
      basedOn: 'Normal',
      run: { bold: true },
      paragraph: { spacing: { before: 120, after: 60 } },
    },
    { id: 'Note', name: 'Note', basedOn: 'Normal', run: { size: 19, color: '454B52' } },
    { id: 'Working', name: 'Working', basedOn: 'Normal', paragraph: { indent: { left: 420, hanging: 420 } } },
    {
      id: 'Result',
      name: 'Result',
      basedOn: 'Normal',
      run: { bold: true, size: 25 },
      paragraph: { alignment: AlignmentType.RIGHT },
    },
  ],
}

const pageNumbers = () =>
  new Footer({
    children: [
      new Paragraph({
        alignment: AlignmentType.CENTER,
        children: [new TextRun({ children: [PageNumber.CURRENT, ' / ', PageNumber.TOTAL_PAGES], size: 18 })],
      }),
    ],
  })

/** Where the record is kept inside a Word document: as custom XML, which Word keeps and never shows (ISO/IEC 29500-1, 15.2.4). */
export const RECORD_PART = 'customXml/item1.xml'
const RECORD_RELATION =
  '<Relationship Id="rIdRecord" Type="http://schemas.openxmlformats.org/officeDocument/2006/relationships/customXml" Target="../customXml/item1.xml"/>'
const RELATIONS = 'word/_rels/document.xml.rels'

function withRecord(document: Uint8Array, task: Task): Uint8Array {
  const parts = unzipSync(document)
  const relations = new TextDecoder().decode(parts[RELATIONS])
  return zipSync({
    ...parts,
    [RELATIONS]: bytesOf(relations.replace('</Relationships>', `${RECORD_RELATION}</Relationships>`)),
    [RECORD_PART]: bytesOf(`<?xml version="1.0" encoding="UTF-8"?><task xmlns="urn:hop-lark:task">${packTask(task)}</task>`),
  })
}

/**
 * A report as a Word document (Office Open XML): headings, tables whose heads repeat, pictures with what they show in words,
 * page numbers; and the record inside it, so that it can be opened again.
 *
 * @param drawn - pictures of photographs; and how pictures of drawings are made, which every device does in its own way
 */
export async function writeDocx(report: Report, task: Task, drawn: Drawn): Promise<Uint8Array> {
  const sections = []
  for (const { heading, blocks } of report.sections) {
    sections.push(new Paragraph({ heading: HeadingLevel.HEADING_2, keepNext: true, children: [new TextRun({ text: heading })] }))
    for (const block of blocks) sections.push(...(await blocksOf(block, drawn)))
  }
  const document = new Document({
    title: report.title,
    creator: 'Hop Lark',
    styles: STYLES,
    sections: [
      {
        properties: { page: { margin: { top: 1020, right: 1020, bottom: 1130, left: 1020 } } },
        footers: { default: pageNumbers() },
        children: [
          new Paragraph({ heading: HeadingLevel.TITLE, children: [...wordRuns(report.title)] }),
          ...(report.when ? [new Paragraph({ style: 'Note', children: [new TextRun({ text: report.when })] })] : []),
          ...sections,
        ],
      },
    ],
  })
  return withRecord(new Uint8Array(await Packer.toArrayBuffer(document)), task)
}

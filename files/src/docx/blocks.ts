import type { Photograph } from '@hop-lark/core/record'
import { setText } from '@hop-lark/core/typeset'
import { type Answered, type Block, type Drawing, goesOnFrom } from '@hop-lark/core/writeup'
import { HeadingLevel, ImageRun, Paragraph, type Table, TextRun } from 'docx'
import { runsOf, wordRuns } from './runs.ts'
import { tableBlocks } from './tables.ts'

/** Makes a picture of a drawing: PNG, three times as fine as it is shown. */
export type Rasterise = (drawing: Drawing) => Promise<Uint8Array>

type Blocks = readonly (Paragraph | Table)[]

const bullet = (text: string) => new Paragraph({ bullet: { level: 0 }, children: [...wordRuns(text)] })

const paragraphs = (text: string): Blocks =>
  text.split(/\n{2,}/).map((one) => new Paragraph({ style: 'Body', children: [...wordRuns(one.trim())] }))

/** Each answer numbers its own lines: the numbers are written, so that they stay what they were when lines are taken out. */
function answerBlocks(answer: Answered): Blocks {
  const { number, title, lines, from, result, words, missing, notes } = answer
  const skipped = from?.lines ?? 0
  const worked = lines.slice(skipped).map(
    ({ says, equations, formula, substituted, value }, index) =>
      new Paragraph({
        style: 'Working',
        children: [
          new TextRun({ text: `${skipped + index + 1}.\t` }),
          ...wordRuns(says),
          ...equations.flatMap((equation) => [new TextRun({ break: 1 }), ...runsOf(equation)]),
          new TextRun({ break: 1 }),
          ...runsOf(formula),
          new TextRun({ text: ' = ' }),
          ...runsOf(substituted),
          new TextRun({ text: ' = ' }),
          ...runsOf(value, { bold: true }),
        ],
      }),
  )
  const missed = new Paragraph({ style: 'Body', children: [...wordRuns(`Still missing: ${missing ?? ''}.`, { italics: true })] })
  const end: Blocks =
    words === undefined
      ? [result ? new Paragraph({ style: 'Result', children: [...runsOf(result)] }) : missed]
      : paragraphs(words)
  return [
    new Paragraph({
      heading: HeadingLevel.HEADING_3,
      keepNext: true,
      children: [...wordRuns([number, title].filter(Boolean).join(' '))],
    }),
    ...(from ? [new Paragraph({ style: 'Note', children: [...wordRuns(goesOnFrom(from))] })] : []),
    ...worked,
    ...end,
    ...notes.map((note) => new Paragraph({ style: 'Note', children: [...wordRuns(note)] })),
  ]
}

/** Widest that a picture is, in points of the page. */
const WIDEST = 560

async function drawingBlocks(drawing: Drawing, caption: string, rasterise: Rasterise): Promise<Blocks> {
  const scale = Math.min(1, WIDEST / drawing.width)
  const picture = new ImageRun({
    type: 'png',
    data: await rasterise(drawing),
    transformation: { width: Math.round(drawing.width * scale), height: Math.round(drawing.height * scale) },
    altText: { name: caption, title: caption, description: drawing.says },
  })
  return [
    new Paragraph({ keepNext: true, children: [picture] }),
    new Paragraph({ style: 'Note', children: [...runsOf(setText(caption))] }),
  ]
}

/** Pictures that a document cannot draw by itself. */
export interface Drawn {
  readonly rasterise: Rasterise
  /** Of photographs, by their ids. */
  readonly pictures: ReadonlyMap<string, Uint8Array>
}

/** Word has no WebP; such a picture is named and not shown. */
const IN_WORD = { 'image/jpeg': 'jpg', 'image/png': 'png', 'image/webp': undefined } as const

function photographBlocks({ id, type, width, height }: Photograph, caption: string, pictures: Drawn['pictures']): Blocks {
  const [bytes, kind] = [pictures.get(id), IN_WORD[type]]
  const scale = Math.min(1, WIDEST / width, WIDEST / height)
  const picture =
    bytes && kind
      ? [
          new Paragraph({
            keepNext: true,
            children: [
              new ImageRun({
                type: kind,
                data: bytes,
                transformation: { width: Math.round(width * scale), height: Math.round(height * scale) },
                altText: { name: caption, title: caption, description: caption },
              }),
            ],
          }),
        ]
      : []
  return [...picture, new Paragraph({ style: 'Note', children: [...wordRuns(`Photograph: ${caption}`)] })]
}

/** A piece of a report as paragraphs and tables of a Word document. */
export async function blocksOf(block: Block, { rasterise, pictures }: Drawn): Promise<Blocks> {
  switch (block.kind) {
    case 'sentences': {
      const said = block.sentences.map(({ text }) => text.trim()).filter((text) => text !== '')
      if (said.length === 0) return []
      return block.as === 'list' ? said.map(bullet) : paragraphs(said.join(' '))
    }
    case 'list':
      return block.items.map(bullet)
    case 'table':
      return tableBlocks(block.table)
    case 'drawing':
      return drawingBlocks(block.drawing, block.caption, rasterise)
    case 'answer':
      return answerBlocks(block.answer)
    case 'photograph':
      return photographBlocks(block.photograph, block.caption, pictures)
  }
}

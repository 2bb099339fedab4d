import { type Line, plainText, setText } from '../../typeset/index.ts'
import { svgOf } from '../drawing/svg.ts'
import type { Answered, Block, Cell, Report, Section, Table } from '../report.ts'
import { goesOnFrom } from '../says.ts'

/** Signs that mean something in Markdown are made to mean themselves, whatever a label says. */
function inMarkdown(text: string): string {
  return text
    .replace(/[\\`*_{}[\]<>|#~&]/g, (sign) => `\\${sign}`)
    .replace(/^(\s*)([-+])(?=\s)/gm, '$1\\$2')
    .replace(/^(\s*\d+)([.)])(?=\s)/gm, '$1\\$2')
}

const setLine = (line: Line) => inMarkdown(plainText(line))
const setWords = (text: string) => setLine(setText(text))
const inCell = (text: string) => text.replace(/\s*\n\s*/g, ' ')

function cellText({ line, struck = [] }: Cell): string {
  const gone = struck.map(({ text }) => `~~${inMarkdown(text)}~~`)
  return inCell([...gone, setLine(line)].filter(Boolean).join(' '))
}

function tableText({ caption, head, rows, notes }: Table): string {
  const numbers = head.map((_, column) => rows.some(({ cells }) => cells[column]?.number))
  const lines = [
    `| ${head.map((one) => inCell(setLine(one))).join(' | ')} |`,
    `|${numbers.map((number) => (number ? ' ---: ' : ' --- ')).join('|')}|`,
    ...rows.map(({ cells }) => `| ${cells.map(cellText).join(' | ')} |`),
  ]
  return [...(caption === '' ? [] : [`**${setWords(caption)}**`]), lines.join('\n'), ...notes.map(setWords)].join('\n\n')
}

function workingText({ lines, from }: Answered): readonly string[] {
  const skipped = from?.lines ?? 0
  const worked = lines
    .slice(skipped)
    .map(({ says, equations, formula, substituted, value }, index) =>
      [
        `${skipped + index + 1}. ${setWords(says)}  `,
        ...equations.map((equation) => `   ${setLine(equation)}  `),
        `   ${setLine(formula)} = ${setLine(substituted)} = ${setLine(value)}`,
      ].join('\n'),
    )
  const head = from ? [setWords(goesOnFrom(from))] : []
  return [...head, ...(worked.length > 0 ? [worked.join('\n')] : [])]
}

function answerText(answer: Answered): string {
  const { number, title, result, words, missing, notes } = answer
  const missed = `*Still missing: ${setWords(missing ?? '')}.*`
  const end = words === undefined ? (result ? `**${setLine(result)}**` : missed) : inMarkdown(words)
  const head = `### ${setWords([number, title].filter(Boolean).join(' '))}`
  return [head, ...workingText(answer), end, ...notes.map(setWords)].join('\n\n')
}

/** A drawing as an address, so that the file needs no other. */
const drawingAddress = (svg: string) =>
  `data:image/svg+xml,${encodeURIComponent(svg).replace(/[()']/g, (sign) => `%${sign.charCodeAt(0).toString(16)}`)}`

const drawingText = (svg: string, says: string, caption: string) =>
  `![${inMarkdown(says)}](${drawingAddress(svg)})\n\n*${setWords(caption)}*`

function blockText(block: Block): string {
  switch (block.kind) {
    case 'sentences': {
      const said = block.sentences.filter(({ text }) => text.trim() !== '').map(({ text }) => setWords(text.trim()))
      return block.as === 'list' ? said.map((text) => `- ${text.replace(/\n/g, '\n  ')}`).join('\n') : said.join(' ')
    }
    case 'list':
      return block.items.map((item) => `- ${setWords(item)}`).join('\n')
    case 'table':
      return tableText(block.table)
    case 'drawing':
      return drawingText(svgOf(block.drawing), block.drawing.says, block.caption)
    case 'answer':
      return answerText(block.answer)
    case 'photograph':
      return `*Photograph (kept in the archive): ${setWords(block.caption)}*`
  }
}

const sectionText = ({ heading, blocks }: Section) =>
  [`## ${heading}`, ...blocks.map(blockText).filter((text) => text !== '')].join('\n\n')

/** The report as Markdown with tables (CommonMark with the table extension), its drawings inside it. */
export function asMarkdown({ title, when, sections }: Report): string {
  return `${[`# ${inMarkdown(title)}`, ...(when ? [inMarkdown(when)] : []), ...sections.map(sectionText)].join('\n\n')}\n`
}

import { type Line, setText } from '../../typeset/index.ts'
import { svgOf } from '../drawing/svg.ts'
import type { Answered, Block, Cell, Report, Section, Sentence, Table, WorkedLine } from '../report.ts'
import { goesOnFrom } from '../says.ts'
import { escaped } from './escaped.ts'
import { SHEET_STYLE } from './sheetStyle.ts'

const tagged = (tag: string, inside: string, attributes = '') => `<${tag}${attributes}>${inside}</${tag}>`

/** A set line with its raised and lowered pieces as marks of their own. */
export function lineHtml(line: Line): string {
  return line.map(({ text, place }) => (place === 'line' ? escaped(text) : tagged(place, escaped(text)))).join('')
}

const wordsHtml = (text: string) => lineHtml(setText(text))

function cellHtml({ line, struck = [], number }: Cell, isName: boolean): string {
  const gone = struck.map(({ text, why }) => tagged('s', escaped(text), why ? ` title="${escaped(why)}"` : ''))
  const inside = [...gone, lineHtml(line)].join(' ')
  const look = number ? ' class="number"' : ''
  return isName ? tagged('th', inside, ' scope="row"') : tagged('td', inside, look)
}

/** A table with its caption, heads and rows; also what is put on the clipboard. */
export function tableHtml({ id, caption, head, rows, rowsAreNamed }: Table): string {
  const numbers = head.map((_, column) => rows.some(({ cells }) => cells[column]?.number))
  const heads = head.map((one, column) => tagged('th', lineHtml(one), ` scope="col"${numbers[column] ? ' class="number"' : ''}`))
  const body = rows.map(({ cells }) =>
    tagged('tr', cells.map((cell, column) => cellHtml(cell, rowsAreNamed && column === 0 && cell.line.length > 0)).join('')),
  )
  const said = caption === '' ? '' : tagged('caption', wordsHtml(caption))
  return tagged(
    'table',
    `${said}${tagged('thead', tagged('tr', heads.join('')))}${tagged('tbody', body.join(''))}`,
    ` id="${escaped(id.replace(/\s+/g, '-'))}"`,
  )
}

function workedHtml({ says, equations, formula, substituted, value }: WorkedLine): string {
  const chemistry = equations.map((equation) => `<br>${lineHtml(equation)}`).join('')
  const chain = `${lineHtml(formula)} = ${lineHtml(substituted)} = ${tagged('strong', lineHtml(value))}`
  return tagged('li', `${wordsHtml(says)}${chemistry}<br>${chain}`)
}

function answerHtml({ number, title, lines, from, result, words, missing, notes }: Answered): string {
  const skipped = from?.lines ?? 0
  const rest = lines.slice(skipped).map(workedHtml).join('')
  const missed = tagged('p', tagged('em', `Still missing: ${wordsHtml(missing ?? '')}.`))
  const end = words === undefined ? (result ? tagged('p', lineHtml(result), ' class="result"') : missed) : paragraphs(words)
  return tagged(
    'section',
    [
      tagged('h3', wordsHtml([number, title].filter(Boolean).join(' '))),
      from ? tagged('p', wordsHtml(goesOnFrom(from))) : '',
      rest === '' ? '' : tagged('ol', rest, skipped > 0 ? ` start="${skipped + 1}"` : ''),
      end,
      ...notes.map((note) => tagged('p', wordsHtml(note), ' class="note"')),
    ].join(''),
  )
}

const paragraphs = (text: string) =>
  text
    .split(/\n{2,}/)
    .map((one) => tagged('p', wordsHtml(one.trim()).replace(/\n/g, '<br>')))
    .join('')

function sentencesHtml(as: 'paragraph' | 'list', sentences: readonly Sentence[]): string {
  const said = sentences.filter(({ text }) => text.trim() !== '').map(({ text }) => text.trim())
  if (said.length === 0) return ''
  return as === 'list' ? tagged('ul', said.map((text) => tagged('li', wordsHtml(text))).join('')) : paragraphs(said.join(' '))
}

/** Addresses of pictures by the ids of their photographs. */
type Pictures = ReadonlyMap<string, string>

function blockHtml(block: Block, pictures: Pictures): string {
  switch (block.kind) {
    case 'sentences':
      return sentencesHtml(block.as, block.sentences)
    case 'list':
      return tagged('ul', block.items.map((item) => tagged('li', wordsHtml(item))).join(''))
    case 'table':
      return `${tableHtml(block.table)}${block.table.notes.map((note) => tagged('p', wordsHtml(note), ' class="note"')).join('')}`
    case 'drawing':
      return tagged('figure', `${svgOf(block.drawing)}${tagged('figcaption', wordsHtml(block.caption))}`)
    case 'answer':
      return answerHtml(block.answer)
    case 'photograph': {
      const address = pictures.get(block.photograph.id)
      const { width, height } = block.photograph
      const image = address
        ? `<img src="${escaped(address)}" width="${width}" height="${height}" alt="${escaped(block.caption)}">`
        : ''
      return tagged('figure', `${image}${tagged('figcaption', wordsHtml(`Photograph: ${block.caption}`))}`)
    }
  }
}

const sectionHtml = ({ id, heading, blocks }: Section, pictures: Pictures) =>
  tagged(
    'section',
    `${tagged('h2', escaped(heading))}${blocks.map((block) => blockHtml(block, pictures)).join('')}`,
    ` id="${id}"`,
  )

/**
 * The report as one HTML file that needs no other: no script, nothing fetched, readable and printable anywhere.
 *
 * @param pictures - addresses of photographs by id, best inside the file (`data:`); without one only its caption stands there
 */
export function asHtml({ title, when, sections }: Report, pictures: Pictures = new Map()): string {
  return [
    '<!doctype html>',
    '<html lang="en-GB"><head><meta charset="utf-8">',
    '<meta name="viewport" content="width=device-width, initial-scale=1">',
    `<title>${escaped(title)}</title><style>${SHEET_STYLE}</style></head><body><main>`,
    `<header><h1>${escaped(title)}</h1>${when ? `<p>${escaped(when)}</p>` : ''}</header>`,
    ...sections.map((section) => sectionHtml(section, pictures)),
    '</main></body></html>',
    '',
  ].join('\n')
}

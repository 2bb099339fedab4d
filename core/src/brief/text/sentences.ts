import { joinLines } from './lines.ts'
import { type Marker, markerAt } from './markers.ts'
import { Numbering } from './numbering.ts'
import { plainSheet } from './plain.ts'

/** A sentence of a task sheet, or a cell of one of its tables. */
export interface Sentence {
  /** Its place among the sentences, from 0. */
  readonly n: number
  readonly from: number
  readonly to: number
  /** Its words in plain signs. */
  readonly text: string
  /** Its number on the sheet, `1(b)(ii)`; empty where it has none. */
  readonly number: string
  /** The markers it begins with. */
  readonly markers: readonly Marker[]
  /** Which question of the sheet it stands in, from 0. */
  readonly block: number
  /** The row and column of the table it is a cell of. */
  readonly cell?: { readonly row: number; readonly column: number; readonly columns: number }
  /** Whether it begins a line. */
  readonly opens: boolean
  /** Which line it stands in. */
  readonly line: number
}

const ABBREVIATION =
  /(?:^|[\s(])(?:approx|e\.g|i\.e|conc|dil|soln|solns|vol|no|fig|ca|cm|ml|min|sec|temp|wt|aq|nos|ref|eq|prac|expt)\.$/i
/** The point after the number of a step ends nothing. */
const BARE_MARKER = /^\s*(?:(?:question|experiment|exercise|task|part|test|step|stage|section)\s+)?(?:\d{1,2}|[a-hA-H])\.$/i
const END = /[.?!]["')]?(?=\s|$)|[|\t]/g

/** Where the sentences of a line end. */
function endsIn(line: string): readonly number[] {
  const ends: number[] = []
  for (const match of line.matchAll(END)) {
    const to = match.index + match[0].length
    const before = line.slice(Math.max(0, to - 12), to)
    const own = line.slice(Math.max(ends.at(-1) ?? 0, to - 24), to)
    const isPoint = match[0].startsWith('.')
    const goesOn = (isPoint || match[0].length > 1) && /^\s+[a-z]/.test(line.slice(to, to + 4))
    if (goesOn || (isPoint && (ABBREVIATION.test(before) || BARE_MARKER.test(own)))) continue
    ends.push(to)
  }
  return ends
}

/** Before a marker within a line: the end of a sentence or of one of its clauses. */
const SET_OFF = /[.:;?!•|\t]\s*$/

/** Places of a line at which a new piece begins with a marker of its own. */
function marksIn(line: string): readonly number[] {
  const marks: number[] = []
  let number = Number(/^\s*(?:question )?(\d{1,2})\b/i.exec(line)?.[1] ?? Number.NaN)
  let romans = 0
  for (const match of line.matchAll(/[(•]|(?<=\s)\d|(?<=\s)(?:Test|Step|Question|Experiment|Part)(?= \d)/g)) {
    const at = match.index
    const roman = nextRoman(line, at, romans)
    if (roman) romans++
    if (at === 0 || !(roman || match[0] === '•' || SET_OFF.test(line.slice(Math.max(0, at - 4), at)))) continue
    const next = line.length > WIDEST_ROW ? bareNumber(line, at, number) : undefined
    if (next !== undefined) number = next
    if (next !== undefined || markerAt(line, at, true)) marks.push(at)
  }
  return marks
}

const ROMANS = ['i', 'ii', 'iii', 'iv', 'v', 'vi', 'vii', 'viii']
const REFERS = /\b(?:in|part|from|question|to|of|and|or|test|step)\s+(?:\(?[a-z0-9]\)?)?$/i

/** "(i) the mean titre (ii) the concentration …": in a run of them each is a marker, with or without a point before it. */
function nextRoman(line: string, at: number, known: number): boolean {
  return (
    line.startsWith(`(${ROMANS[known]}) `, at) &&
    (known > 0 || at === 0 || SET_OFF.test(line.slice(Math.max(0, at - 4), at))) &&
    !REFERS.test(line.slice(Math.max(0, at - 16), at))
  )
}

/** In a sheet that was run into a paragraph a bare number is a marker where it is the next one: "… dm-3. 2 FB 3 is …". */
function bareNumber(line: string, at: number, last: number): number | undefined {
  const found = /^(\d{1,2}) (?=[A-Z(])/.exec(line.slice(at, at + 4))
  const number = Number(found?.[1])
  return found && (number === last + 1 || (Number.isNaN(last) && number === 1)) ? number : undefined
}

interface Piece {
  readonly from: number
  readonly to: number
}

/** Nobody writes longer sentences; what runs on is cut, so that reading it takes no longer than its length asks for. */
const LONGEST = 1000

/** Where a piece that is too long for a sentence is cut: at a blank, where there is one. */
function tooLong(line: string, from: number, to: number): readonly number[] {
  const cuts: number[] = []
  for (let at = from; to - at > LONGEST; ) {
    const blank = line.lastIndexOf(' ', at + LONGEST)
    at = blank > at ? blank : at + LONGEST
    cuts.push(at)
  }
  return cuts
}

function piecesOf(line: string, from: number): readonly Piece[] {
  const ends = [...new Set([0, ...endsIn(line), ...marksIn(line), line.length])].toSorted((a, b) => a - b)
  const cuts = ends.flatMap((end, index) => [...tooLong(line, ends[index - 1] ?? 0, end), end])
  return cuts.slice(1).map((to, index) => ({ from: from + (cuts[index] ?? 0), to: from + to }))
}

/** The markers a piece begins with, one after another: `(c) (i)`. */
function markersOf(plain: string, piece: Piece, inline: boolean): readonly Marker[] {
  const markers: Marker[] = []
  for (let at = piece.from; at < piece.to; ) {
    while (/[ \t]/.test(plain[at] ?? '') && at < piece.to) at++
    const marker = markerAt(plain, at, inline && markers.length === 0)
    if (!marker || marker.to > piece.to || markers.length > 3) break
    markers.push(marker)
    at = marker.to
  }
  return markers
}

interface Row {
  readonly pieces: readonly Piece[]
  readonly cells?: readonly Piece[]
}

const CELL_ENDS = /[|\t]/

/** No row of a table is longer; a table that was run into a paragraph is none any more. */
const WIDEST_ROW = 300

/** A line of a table as its cells, any other line as its sentences. */
function rowOf(line: string, from: number): Row {
  if (!CELL_ENDS.test(line)) return { pieces: piecesOf(line, from) }
  if (line.length > WIDEST_ROW) return { pieces: piecesOf(line, from) }
  const cells: Piece[] = []
  let begun = 0
  for (let at = 0; at <= line.length; at++) {
    if (at < line.length && !CELL_ENDS.test(line[at] as string)) continue
    cells.push({ from: from + begun, to: from + at })
    begun = at + 1
  }
  return { pieces: cells.flatMap((cell) => piecesOf(line.slice(cell.from - from, cell.to - from), cell.from)), cells }
}

/** The sentences of a task sheet in order, each with its numbering and the question it stands in. */
export function sentencesOf(sheet: string): readonly Sentence[] {
  const plain = joinLines(plainSheet(sheet))
  const numbering = new Numbering(plain)
  const found: Sentence[] = []
  let at = 0
  // Markers that stand alone on a line are those of what comes next.
  let waiting: readonly Marker[] = []
  plain.split('\n').forEach((line, lineNumber) => {
    const { pieces, cells } = rowOf(line, at)
    pieces.forEach((piece, index) => {
      const own = markersOf(plain, piece, index > 0 && cells === undefined && line.length <= WIDEST_ROW)
      const begun = own.at(-1)?.to ?? piece.from
      const raw = plain.slice(begun, piece.to)
      const text = raw.replace(/^[\s|]+|[\s|]+$/g, '')
      const { number, block } = numbering.after(own, index === 0)
      const markers = [...waiting, ...own]
      waiting = /[\p{L}\d]/u.test(text) ? [] : markers
      if (waiting.length > 0 || !/[\p{L}\d]/u.test(text)) return
      const from = begun + raw.length - raw.replace(/^[\s|]+/, '').length
      const column = cells?.findIndex((cell) => piece.from >= cell.from && piece.to <= cell.to)
      found.push({
        n: found.length,
        from,
        to: from + text.length,
        text,
        number,
        markers,
        block,
        opens: index === 0 || /[|\t]\s*$/.test(plain.slice(Math.max(0, piece.from - 2), piece.from)),
        line: lineNumber,
        ...(cells === undefined || column === undefined ? {} : { cell: { row: lineNumber, column, columns: cells.length } }),
      })
    })
    at += line.length + 1
  })
  return found
}

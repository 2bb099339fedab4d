import { markerAt } from './markers.ts'

/** A line that can go on: it does not end as a sentence or a heading does. */
const GOES_ON = /[,\w)%'"-]\s*$/
/** Words that no line of its own ends with. */
const HANGING =
  /(?:\b(?:and|or|of|the|an?|with|in|to|into|by|from|at|for|on|is|are|as|your|each|about|between|than|until)|,|\d|\b[A-Z]{1,2})\s*$/
const SMALL = /^\s*[a-z]/
const QUANTITY = /^\s*\d+(?:\.\d+)?\s*-?(?:cm|mL|ml|dm|g|mg|M|mol|s|min|drops?|°)(?![A-Za-z])/
const TABLE = /[|\t]/
/** Widest lines that are taken for lines of a page; longer ones are paragraphs. */
const WIDEST_PAGE = 110

const firstWord = (line: string) => /^\s*(\S+)/.exec(line)?.[1] ?? ''

/** How much of the widest line a line has at least that goes on in the next. */
const LONG_ENOUGH = 0.6

/** Whether a page broke a sentence between two lines. */
function isBroken(line: string, next: string, widest: number): boolean {
  if (line.trim() === '' || next.trim() === '' || TABLE.test(line) || TABLE.test(next) || !GOES_ON.test(line)) return false
  const full = widest <= WIDEST_PAGE && line.trimEnd().length + 1 + firstWord(next).length > widest
  if (full && HANGING.test(line)) return true
  const begun = next.length - next.trimStart().length
  if (markerAt(next, begun, false)) return false
  // A short line that ends without a stop is an entry of a list, whatever comes after it.
  const long = line.trimEnd().length >= LONG_ENOUGH * Math.min(widest, WIDEST_PAGE)
  return full || (long && (SMALL.test(next) || QUANTITY.test(next)))
}

/** A sheet in which the lines that a page broke go on; as long as it was. */
export function joinLines(plain: string): string {
  const lines = plain.split('\n')
  const widest = lines.reduce((most, line) => Math.max(most, line.trimEnd().length), 0)
  return lines
    .map((line, index) => (index === 0 ? line : `${isBroken(lines[index - 1] ?? '', line, widest) ? ' ' : '\n'}${line}`))
    .join('')
}

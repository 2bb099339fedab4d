import { formulaPieces, isElement } from '../substance/index.ts'
import { setNumber } from './numbers.ts'
import { type Line, onLine } from './piece.ts'

/** A number with an exponent, or what looks like a formula: an ion with its charge, or several elements with a figure. */
const TO_SET = /(?<![\w.])(\d+(?:\.\d+)?e-?\d+|(?:[([](?=[A-Z]))*[A-Z][A-Za-z0-9()[\].·]*(?:\^?\d*[+−-](?![\w+−-]))?)/g

/** Whether a word is a formula and nothing else: `SO4^2-`, `Na2CO3.10H2O`; a label such as F2 or FA2 is none. */
function isFormula(word: string): boolean {
  const body = word.replace(/\^?\d*[+−-]$/, '')
  const symbols = body.match(/[A-Z][a-z]?/g) ?? []
  if (symbols.length === 0 || !symbols.every(isElement) || /[a-z]{2}|^\d/.test(body)) return false
  return body !== word || (symbols.length > 1 && /\d/.test(body) && !/^[A-Z]\d+$/.test(body))
}

const STATE = /\((?:aq|s|l|g|conc)\)$/

/** Plain words; formulae and numbers with exponents in them are set as chemists write them. */
export function setText(text: string): Line {
  const pieces: Line[] = []
  let from = 0
  for (const match of text.matchAll(TO_SET)) {
    const [, found = ''] = match
    const [state = ''] = STATE.exec(found) ?? []
    const word = found
      .slice(0, found.length - state.length)
      .replace(/[.)]+$/, (end) => (end.startsWith(')') && found.includes('(') ? ')' : ''))
    const set = /^\d+(?:\.\d+)?e/.test(found) ? setNumber(found) : isFormula(word) ? formulaPieces(word) : undefined
    if (!set) continue
    const end = match.index + (/^\d+(?:\.\d+)?e/.test(found) ? found.length : word.length)
    pieces.push(onLine(text.slice(from, match.index)), set)
    from = end
  }
  return [...pieces, onLine(text.slice(from))].flat()
}

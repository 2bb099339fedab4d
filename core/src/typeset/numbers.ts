import { chemistsNumber, unitSymbol } from '../number/index.ts'
import { type Line, onLine, type Piece } from './piece.ts'

const withMinus = (text: string) => text.replace('-', '−')

/** A number of machine text as chemists write it: `2.29e-4` is 2.29 × 10⁻⁴. */
export function setNumber(text: string): Line {
  const { digits, exponent } = chemistsNumber(text)
  const head: Piece = { text: withMinus(digits), place: 'line' }
  if (exponent === undefined) return [head]
  return [
    { ...head, text: `${head.text} × 10` },
    { text: withMinus(String(exponent)), place: 'sup' },
  ]
}

/** A number with its unit, which do not part at the end of a line. */
export function setMeasured(text: string, unit: string): Line {
  const symbol = unitSymbol(unit)
  return [...setNumber(text), ...onLine(symbol === '' ? '' : `\u00a0${symbol}`)]
}

/** A substituted line: its numbers with exponents set, its signs those of print: `5 × 2.288e-4`. */
export function setSubstituted(text: string): Line {
  return text
    .replaceAll(' / ', ' ÷ ')
    .split(/(\d(?:\.\d+)?e-?\d+)/)
    .flatMap((part, index) => (index % 2 === 1 ? setNumber(part) : onLine(part.replace(/-(?=\d)/g, '−'))))
}

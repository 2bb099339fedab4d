/** A stretch of a formula as it is set: on the line, lowered (subscript) or raised (charge). */
export interface FormulaPiece {
  readonly text: string
  readonly place: 'line' | 'sub' | 'sup'
}

const CHARGE_APART = /^(.*?)(?:\^\{?|\s+)(\d*[+\-−])\}?$/
const LONE_ION = /^([A-Z][a-z]?)(\d?[+\-−])$/
const TWO_DIGITS = /^(.*\d)(\d[+\-−])$/
const PLAIN_SIGN = /^(.*[^+\-−\s])([+\-−])$/

function splitOffCharge(text: string): readonly [string, string] {
  if (text === 'I3-') return ['I3', '−']
  const found = CHARGE_APART.exec(text) ?? LONE_ION.exec(text) ?? TWO_DIGITS.exec(text) ?? PLAIN_SIGN.exec(text)
  return [found?.[1] ?? text, (found?.[2] ?? '').replace('-', '−')]
}

/**
 * Cuts a formula into pieces with true subscripts and superscripts; the hydrate dot becomes a raised dot and the
 * number after it stays on the line. Text that is no formula comes back in one piece.
 */
export function formulaPieces(text: string): readonly FormulaPiece[] {
  const [body, charge] = splitOffCharge(text.trim())
  const pieces: FormulaPiece[] = []
  for (const part of body.split(/(?<=[A-Za-z)\]])(\d+)/)) {
    if (part === '') continue
    const lowered = /^\d+$/.test(part) && pieces.length > 0
    pieces.push({ text: lowered ? part : part.replace(/[.·•*](?=\d*\.?\d*[xn]?[A-Z])/g, '·'), place: lowered ? 'sub' : 'line' })
  }
  return charge === '' ? pieces : [...pieces, { text: charge, place: 'sup' }]
}

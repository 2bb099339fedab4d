import { raised } from '../number/index.ts'
import type { FormulaPiece } from '../substance/index.ts'

/** A stretch of text as it is set: on the line, lowered or raised. */
export type Piece = FormulaPiece

/** A line of set text. */
export type Line = readonly Piece[]

/** Text that stands on the line; nothing where there is none. */
export const onLine = (text: string): Line => (text === '' ? [] : [{ text, place: 'line' }])

const LOWERED_DIGITS = '₀₁₂₃₄₅₆₇₈₉'
const lowered = (text: string) =>
  [...text].map((character) => LOWERED_DIGITS['0123456789'.indexOf(character)] ?? character).join('')
const canBeRaised = /^[\d+\-−]+$/
const canBeLowered = /^\d+$/

/** A set line as plain text, with the raised and lowered signs that there are as characters: `MnO₄⁻`. */
export function plainText(line: Line): string {
  return line
    .map(({ text, place }) => {
      if (place === 'sup') return canBeRaised.test(text) ? raised(text.replaceAll('−', '-')) : `^${text}`
      if (place === 'sub') return canBeLowered.test(text) ? lowered(text) : text
      return text
    })
    .join('')
}

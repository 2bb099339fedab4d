import { isDecimalText } from './reading.ts'
import { unitSymbol } from './unitSymbol.ts'
import { findUnit } from './units.ts'

/** What was typed for a reading: as the record writes it, or what is wrong with it. */
export type TypedReading = { readonly text: string; readonly wrong?: never } | { readonly wrong: string; readonly text?: never }

/** Points as keyboards, phones and printed papers have them: full stop, comma, raised dot. */
const POINTS = /[.,·∙•٫]/g
const MINUS = /^[−–](?=\d|\.)/
/** Letters that are taken for digits, by hand and by machines that read print. */
const LIKE_DIGITS: Readonly<Record<string, string>> = { O: '0', o: '0', l: '1', I: '1', S: '5', B: '8' }

const sameUnit = (one: string, other: string) => {
  const plain = (unit: string) => unit.replace(/[³]/g, '3').replace(/[²]/g, '2').replace(/\s|\^/g, '').toLowerCase()
  const known = (unit: string) => findUnit(unit) ?? plain(unit)
  // A millilitre is a cubic centimetre, whichever of them the task writes.
  const asVolume = (unit: string) => (unit === 'mL' ? 'cm3' : unit)
  return asVolume(known(one)) === asVolume(known(other)) || plain(one) === plain(other)
}

/**
 * Reads what was typed into a cell for a reading: `24,50`, `24·50`, `.5`, `24.50 cm3` where the cell is in cm³.
 *
 * @param unit - of the cell, as the record writes it; where it is not known, no unit is taken
 * @returns the number in the digits that were typed, or what is wrong with this very text, as a sentence
 */
export function readTypedReading(typed: string, unit?: string): TypedReading {
  const trimmed = typed.trim().replace(MINUS, '-')
  const [, digits = '', after = ''] = /^([-+]?[\d.,·∙•٫]*)\s*(.*)$/s.exec(trimmed) ?? []
  const points = digits.match(POINTS)?.length ?? 0
  if (points > 1) return { wrong: `${digits} has ${points} decimal points: which is it?` }
  const text = digits
    .replace(POINTS, '.')
    .replace(/^\+/, '')
    .replace(/^(-?)\./, '$10.')
    .replace(/\.$/, '')
  if (after !== '' && /^\d/.test(after)) return { wrong: `There is a gap in ${trimmed}: one number or two?` }
  if (!isDecimalText(text)) return { wrong: `“${trimmed}” is no number. Write what the scale shows, in digits.` }
  if (after === '' || (unit !== undefined && unit !== '' && sameUnit(after, unit))) return { text }
  return { wrong: whatIsBehind({ trimmed, text, after, unit }) }
}

function whatIsBehind({
  trimmed,
  text,
  after,
  unit,
}: Record<'trimmed' | 'text' | 'after', string> & { unit: string | undefined }): string {
  const [letter = ''] = after
  const like = LIKE_DIGITS[letter]
  if (
    like !== undefined &&
    /^[\d.,]*$/.test(after.slice(1)) &&
    /[\d.,]$/.test(trimmed.slice(0, -after.length)) &&
    after.length > 1
  )
    return `${trimmed} has the letter ${letter} in it: a ${like}?`
  if (/^[eE×x*]/.test(after) && /\d/.test(after)) return `${trimmed}: write the number out, not as a power.`
  if (unit !== undefined && unit !== '' && /^[\p{L}°%]/u.test(after))
    return `${trimmed}: this cell is in ${unitSymbol(unit)}, not in ${after}.`
  return `${trimmed}: write ${text} alone, without “${after}”.`
}

import { withPlainSignsButCharges } from '../../wording/index.ts'

/** Marks of a list; a point that joins two parts of a formula is none. */
const BULLET = /[•●▪◦‣∙]/g
/** A charge that was raised, and stands apart since it is on the line: `S2O3 2-`. */
const CHARGE = /(?<=[A-Z][A-Za-z]?\d) (?=[1-3][+-](?:\s|$))/g
const POINT_IN_FORMULA = /(?<=[A-Za-z0-9)])[•∙](?=[A-Za-z0-9])/g
// biome-ignore lint/suspicious/noControlCharactersInRegex: they are what is taken out
const UNSEEN = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f\u00ad\u200b-\u200f\u202a-\u202e\u2060-\u2069\ufeff]/g

/** Some of a sheet as it is written, on one line. */
export const asWritten = (sheet: string, { from, to }: { readonly from: number; readonly to: number }): string =>
  sheet.slice(from, to).replace(/\s+/g, ' ').trim()

/**
 * A task sheet in plain signs, as long as it was, so that a place in one is the same place in the other: raised and lowered
 * figures on the line, every dash a hyphen, bullets all alike, what cannot be seen as a blank.
 */
export function plainSheet(text: string): string {
  return withPlainSignsButCharges(text.replace(UNSEEN, ' ').replace(POINT_IN_FORMULA, '.').replace(BULLET, '•'))
    .replace(/\r/g, ' ')
    .replace(CHARGE, '^')
    .replace(/[⇌⇋⟶]/g, '>')
}

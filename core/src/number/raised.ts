const PLAIN = '0123456789-+'
const SUPERSCRIPT = '⁰¹²³⁴⁵⁶⁷⁸⁹⁻⁺'

/** Superscript digits and signs with what they stand for. */
export const LOWERED: ReadonlyMap<string, string> = new Map([...SUPERSCRIPT].map((high, index) => [high, PLAIN[index] ?? '']))

/** Digits and signs as superscripts, for text that cannot be set: `-5` is `⁻⁵`. */
export function raised(text: string): string {
  return [...text].map((character) => SUPERSCRIPT[PLAIN.indexOf(character)] ?? character).join('')
}

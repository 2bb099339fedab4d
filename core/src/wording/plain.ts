/** Typographic signs and what they stand for; each is one sign for one, so that places in a text stay where they are. */
const PLAIN: Readonly<Record<string, string>> = {
  '‐': '-',
  '‑': '-',
  '‒': '-',
  '–': '-',
  '—': '-',
  '−': '-',
  '’': "'",
  '‘': "'",
  '´': "'",
  '`': "'",
  '“': '"',
  '”': '"',
  '→': '>',
  '⟶': '>',
  '➔': '>',
  '➝': '>',
  '⇒': '>',
  '×': 'x',
  '·': '.',
  '\u00a0': ' ',
  '\u202f': ' ',
  '\u2009': ' ',
  '⁺': '+',
  '⁻': '-',
  '½': '1',
  '✔': '✓',
  '✘': '✗',
  '✕': '✗',
  '✖': '✗',
}

const DIGITS: Readonly<Record<string, string>> = Object.fromEntries([
  ...[...'⁰¹²³⁴⁵⁶⁷⁸⁹'].map((sign, digit) => [sign, String(digit)]),
  ...[...'₀₁₂₃₄₅₆₇₈₉'].map((sign, digit) => [sign, String(digit)]),
])

const TYPOGRAPHIC = new RegExp(`[${Object.keys({ ...PLAIN, ...DIGITS }).join('')}]`, 'g')

/** A text with typographic signs as plain ones, as long as it was. */
export function withPlainSigns(text: string): string {
  return text.replace(TYPOGRAPHIC, (sign) => PLAIN[sign] ?? DIGITS[sign] ?? sign)
}

/** A raised charge of more than one: `²⁻`. On the line its figure could be taken for one of the formula, CaY²⁻ for CaY2⁻. */
const CHARGE = /([²³⁴][⁺⁻])/

/** A text with typographic signs as plain ones but for raised charges of more than one, as long as it was. */
export const withPlainSignsButCharges = (text: string): string =>
  text
    .split(CHARGE)
    .map((piece, index) => (index % 2 === 1 ? piece : withPlainSigns(piece)))
    .join('')

/** The same in small letters, as long as it was: a letter whose small form is longer stays as it is. */
export function inSmallLetters(text: string): string {
  const small = withPlainSigns(text)
  const lower = small.toLowerCase()
  return lower.length === small.length
    ? lower
    : [...small].map((sign) => (sign.toLowerCase().length === sign.length ? sign.toLowerCase() : sign)).join('')
}

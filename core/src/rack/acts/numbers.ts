/** Numbers that are written out. */
const NUMBERS: Readonly<Record<string, string>> = {
  a: '1',
  one: '1',
  two: '2',
  three: '3',
  four: '4',
  five: '5',
  six: '6',
  seven: '7',
  eight: '8',
  nine: '9',
  ten: '10',
  twelve: '12',
  fifteen: '15',
  twenty: '20',
  half: '0.5',
}

/** A number in figures or words, as a pattern. */
export const NUMBER = String.raw`(\d+(?:[.,]\d+)?|one|two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|twenty|half)`

/** A number as it is kept: `1.5` of `1,5`, `3` of `three`. */
export const numberOf = (text: string | undefined): string =>
  NUMBERS[(text ?? '').toLowerCase()] ?? (text ?? '').replace(',', '.')

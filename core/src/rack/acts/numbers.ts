import { SPOKEN } from '../../number/index.ts'

const NUMBERS: Readonly<Record<string, string>> = { ...SPOKEN, a: '1' }

/** A number in figures or words, as a pattern. */
export const NUMBER = String.raw`(\d+(?:[.,]\d+)?|one|two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|twenty|half)`

/** A number as it is kept: `1.5` of `1,5`, `3` of `three`. */
export const numberOf = (text: string | undefined): string =>
  NUMBERS[(text ?? '').toLowerCase()] ?? (text ?? '').replace(',', '.')

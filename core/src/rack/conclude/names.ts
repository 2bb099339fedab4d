import { CANDIDATES, ionName } from '../../identify/index.ts'
import { ChemistryError } from '../../problem/index.ts'
import { dissociate, ION_TABLE, parseFormula, speciesKey } from '../../substance/index.ts'
import { inSmallLetters, isOtherFamily, mender, phrasebook } from '../../wording/index.ts'

/** Ions that a word may mean; several where the word does not tell them apart. */
export interface NamedIons {
  readonly ions: readonly string[]
  /** Whether the word may mean any one of them: "iron", "a halide". */
  readonly any: boolean
}

const wordsOf = (name: string) => inSmallLetters(name).match(/[a-z]+|\d+/g) ?? []
const KEYS: ReadonlyMap<string, string> = new Map(CANDIDATES.map(({ ion }) => [speciesKey(parseFormula(ion)), ion]))
const ALSO: ReadonlyMap<string, readonly string[]> = new Map(ION_TABLE.map(({ ion, also = [] }) => [ion, also]))

/** Words that mean several ions (common practice). */
const SEVERAL: readonly (readonly [phrase: string, ions: readonly string[]])[] = [
  ['iron', ['Fe2+', 'Fe3+']],
  ['halide', ['Cl-', 'Br-', 'I-']],
  ['halides', ['Cl-', 'Br-', 'I-']],
]

/** Ions that are claimed now and then, and that the board does not weigh: no record shows them, and none rules them out. */
const UNWEIGHED = ['F-', 'CN-', 'IO3-', 'BrO3-', 'ClO3-', 'C6H5O7^3-']

const NAMES = new Map<string, NamedIons>()
for (const ion of [...CANDIDATES.map((candidate) => candidate.ion), ...UNWEIGHED])
  for (const name of [ionName(ion), ...(ALSO.get(ion) ?? []), ionName(ion).replace(/\(.*\)/, '')]) {
    const words = wordsOf(name)
    const plain = words.join(' ')
    const roman: Readonly<Record<string, string>> = { ii: '2', iii: '3', iv: '4', vi: '6', vii: '7' }
    // "iron 3" is iron(III).
    for (const phrase of [plain, words.map((word) => roman[word] ?? word).join(' ')])
      if (phrase !== '' && !NAMES.has(phrase)) NAMES.set(phrase, { ions: [ion], any: false })
  }
for (const symbol of 'Al Zn Mg Ca Ba Pb Cu Ag Ni Mn Cr Sr Na Li'.split(' ')) {
  // Symbols in small letters, where no word is spelt so.
  const ion = CANDIDATES.find((one) => one.ion.replace(/\d*[+-]$/, '') === symbol)?.ion
  if (ion !== undefined && !NAMES.has(symbol.toLowerCase())) NAMES.set(symbol.toLowerCase(), { ions: [ion], any: false })
}
for (const [phrase, ions] of SEVERAL) NAMES.set(phrase, { ions, any: true })

/** Ions that a name may mean, with or without the word "ions": `iron` is either of two. */
export const ionsOfName = (name: string): readonly string[] =>
  NAMES.get(
    wordsOf(name)
      .filter((word) => !/^ions?$/.test(word))
      .join(' '),
  )?.ions ?? []

/** Names of ions as phrases of words. */
export const ION_BOOK = phrasebook(NAMES)

const mend = mender([...ION_BOOK.words].filter((word) => word.length > 4 && /^[a-z]+$/.test(word)))

/** What a misspelt name of an ion was meant to be; short names and those of another family are left alone. */
export function mendIon(word: string): string | undefined {
  const mended = mend(word)
  return mended === undefined || isOtherFamily(word, mended) ? undefined : mended
}

const ROMAN = ['', 'I', 'II', 'III', 'IV', 'V', 'VI']

/** Ions of a formula: of an ion, with its charge or without where that is no element, or of a salt. */
export function ionsOfFormula(text: string): readonly string[] {
  const [, symbol, roman] = /^([A-Z][a-z]?)\((I{1,3}|VI?)\)$/.exec(text) ?? []
  if (symbol !== undefined && roman !== undefined) return ionsIn(`${symbol}${ROMAN.indexOf(roman)}+`)
  for (const formula of [text, text.replace(/^([A-Za-z0-9]+?)(\d?[+-])$/, '$1^$2')]) {
    const found = ionsIn(formula)
    if (found.length > 0) return found
  }
  return BARE.get(text) === undefined ? [] : [BARE.get(text) as string]
}

function ionsIn(text: string): readonly string[] {
  try {
    const formula = parseFormula(text)
    const own = KEYS.get(speciesKey(formula))
    if (own !== undefined) return [own]
    const parts = formula.charge === 0 ? (dissociate(formula) ?? []) : []
    return parts.flatMap(({ ion }) => KEYS.get(speciesKey(ion)) ?? [])
  } catch (error) {
    if (error instanceof ChemistryError) return []
    throw error
  }
}

/** Ions written without their charge: `SO4`, `Cu`, `NH4`. */
const BARE: ReadonlyMap<string, string> = new Map(
  CANDIDATES.filter(({ ion }) => !/^(?:H|OH)[+-]/.test(ion))
    .toReversed()
    .map(({ ion }) => [
      ion.replace(/\^?\d*[+-]$/, (charge) => (charge.startsWith('^') || /^[A-Z][a-z]?\d/.test(ion) ? '' : charge.slice(0, -1))),
      ion,
    ]),
)

import { ionName, type StepMeaning } from '../identify/index.ts'

/** Ions named in one meaning, at most; a longer list says nothing. */
const MOST_NAMED = 4

const GASES: Readonly<Record<string, string>> = {
  NH3: 'ammonia',
  CO2: 'carbon dioxide',
  SO2: 'sulfur dioxide',
  H2S: 'hydrogen sulfide',
  NO2: 'nitrogen dioxide',
  H2: 'hydrogen',
  O2: 'oxygen',
  Cl2: 'chlorine',
  HCl: 'hydrogen chloride',
  H2O: 'water',
}

const listed = (ions: readonly string[], word: string) => {
  const names = ions.map(ionName)
  return names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} ${word} ${names.at(-1)}`
}

/**
 * What a step means, in the words of the record: the gas, the ions that would show it, the ions it speaks against.
 *
 * @param gases - gases known by their tests in this step
 * @param meant - what was still possible after the step before in the same tube
 */
export function meaningOf(
  { explains, rulesOut }: Pick<StepMeaning, 'explains' | 'rulesOut'>,
  gases: readonly string[] = [],
  meant: readonly string[] = [],
): string {
  const gas = gases.map((one) => GASES[one] ?? one).join(' and ')
  const left = meant.length > 0 ? explains.filter((ion) => meant.includes(ion)) : explains
  const named = left.length > 0 ? left : explains
  const gone = meant.filter((ion) => rulesOut.includes(ion))
  const says = [
    gas,
    named.length === 0
      ? ''
      : named.length > MOST_NAMED
        ? `one of ${named.length}: ${listed(named.slice(0, MOST_NAMED), 'or')} …`
        : listed(named, 'or'),
    gone.length > 0 && gone.length <= MOST_NAMED ? `not ${listed(gone, 'nor')}` : '',
    named.length === 0 && gas === '' && meant.length === 0 && rulesOut.length > 0
      ? `${rulesOut.length === 1 ? 'not' : 'none of'} ${listed(rulesOut.slice(0, MOST_NAMED), 'or')}${rulesOut.length > MOST_NAMED ? ' …' : ''}`
      : '',
  ]
  return says.filter((one) => one !== '').join('; ')
}

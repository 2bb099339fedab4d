/** Tests of gases at the mouth of a tube, and what each gas does in them (common practice). */
export const GAS_TEST_RESULTS = {
  'damp red litmus paper': { NH3: 'turned blue', Cl2: 'was bleached' },
  'damp blue litmus paper': {
    SO2: 'turned red',
    HCl: 'turned red',
    NO2: 'turned red',
    Cl2: 'turned red, then was bleached',
    CO2: 'turned faintly red',
    H2S: 'turned faintly red',
  },
  limewater: { CO2: 'turned milky', SO2: 'turned milky' },
  'lighted splint': {
    H2: 'burnt with a pop',
    O2: 'burnt brighter',
    CO2: 'went out',
    SO2: 'went out',
    NH3: 'went out',
    HCl: 'went out',
  },
  'glowing splint': { O2: 'relit' },
  'acidified manganate(VII) paper': { SO2: 'turned from purple to colourless', H2S: 'turned from purple to colourless' },
  'lead(II) ethanoate paper': { H2S: 'turned black' },
  'cobalt(II) chloride paper': { H2O: 'turned from blue to pink' },
  'anhydrous copper(II) sulfate': { H2O: 'turned from white to blue' },
  'glass rod with concentrated hydrochloric acid': { NH3: 'gave white smoke' },
  'glass rod with aqueous ammonia': { HCl: 'gave white smoke' },
  smell: { NH3: 'pungent', SO2: 'choking', H2S: 'rotten eggs', Cl2: 'swimming pools', NO2: 'sharp', HCl: 'sharp' },
} as const satisfies Record<string, Readonly<Record<string, string>>>

export type GasTestName = keyof typeof GAS_TEST_RESULTS

const WORDS: readonly (readonly [pattern: RegExp, test: GasTestName])[] = [
  [/red litmus/i, 'damp red litmus paper'],
  [/blue litmus/i, 'damp blue litmus paper'],
  [/lime ?water|Ca\(OH\)2/i, 'limewater'],
  [/glowing/i, 'glowing splint'],
  [/splint/i, 'lighted splint'],
  [/manganate|KMnO4/i, 'acidified manganate(VII) paper'],
  [/lead|Pb\(/i, 'lead(II) ethanoate paper'],
  [/cobalt|CoCl2/i, 'cobalt(II) chloride paper'],
  [/anhydrous|CuSO4/i, 'anhydrous copper(II) sulfate'],
  [/rod.*(acid|HCl)/i, 'glass rod with concentrated hydrochloric acid'],
  [/rod.*(ammonia|NH3)/i, 'glass rod with aqueous ammonia'],
  [/smell|waft/i, 'smell'],
]

/** The gas test that is meant, however it was written. */
export function gasTestNamed(text: string): GasTestName | undefined {
  return WORDS.find(([pattern]) => pattern.test(text))?.[1]
}

/** What a gas does in a test, or undefined where it does nothing. */
export function resultOf(test: GasTestName, gas: string): string | undefined {
  return (GAS_TEST_RESULTS[test] as Readonly<Record<string, string>>)[gas]
}

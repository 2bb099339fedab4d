/** A test held at the mouth of a tube. */
interface GasTestRow {
  readonly test: string
  /** How it is written, however briefly. */
  readonly words: RegExp
}

/** The tests for gases (common practice); what each gas does in them stands in the gas's own row. */
export const GAS_TESTS = [
  { test: 'damp red litmus paper', words: /red litmus/i },
  { test: 'damp blue litmus paper', words: /blue litmus/i },
  { test: 'limewater', words: /lime ?water|Ca\(OH\)2/i },
  { test: 'glowing splint', words: /glowing/i },
  { test: 'lighted splint', words: /splint/i },
  { test: 'acidified manganate(VII) paper', words: /manganate|KMnO4/i },
  { test: 'lead(II) ethanoate paper', words: /lead|Pb\(/i },
  { test: 'cobalt(II) chloride paper', words: /cobalt|CoCl2/i },
  { test: 'anhydrous copper(II) sulfate', words: /anhydrous|CuSO4/i },
  { test: 'glass rod with concentrated hydrochloric acid', words: /rod.*(acid|HCl)/i },
  { test: 'glass rod with aqueous ammonia', words: /rod.*(ammonia|NH3)/i },
  { test: 'smell', words: /smell|waft/i },
] as const satisfies readonly GasTestRow[]

export type GasTestName = (typeof GAS_TESTS)[number]['test']

/** The gas test that is meant, however it was written. */
export function gasTestNamed(text: string): GasTestName | undefined {
  return GAS_TESTS.find(({ words }) => words.test(text))?.test
}

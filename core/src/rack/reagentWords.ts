import { REAGENTS } from '../tube/index.ts'

/** Everyday names and bench abbreviations, by the formula that the record keeps (common practice). */
const ALSO: Readonly<Record<string, readonly string[]>> = {
  'NaOH(aq)': ['caustic soda', 'alkali'],
  'NH3(aq)': ['ammonia', 'nh4oh', 'ammonium hydroxide', 'ammonia solution'],
  'NH3(conc)': ['conc ammonia', 'conc nh3', '880 ammonia'],
  'HCl(aq)': ['hydrochloric acid', 'dil hcl'],
  'HCl(conc)': ['conc hcl', 'conc hydrochloric acid'],
  'HNO3(aq)': ['nitric acid', 'dil hno3'],
  'HNO3(conc)': ['conc hno3', 'conc nitric acid'],
  'H2SO4(aq)': ['sulfuric acid', 'sulphuric acid', 'dil h2so4'],
  'H2SO4(conc)': ['conc h2so4', 'conc sulfuric acid', 'conc sulphuric acid'],
  'CH3COOH(aq)': ['ethanoic acid', 'acetic acid', 'vinegar'],
  'AgNO3(aq)': ['silver', 'ag+'],
  'BaCl2(aq)': ['barium chloride'],
  'Ba(NO3)2(aq)': ['barium', 'ba2+'],
  'Pb(NO3)2(aq)': ['lead nitrate', 'lead'],
  'CuSO4(aq)': ['copper sulfate', 'copper sulphate'],
  'CuSO4(s)': ['anhydrous copper sulfate', 'anhydrous copper sulphate', 'anhydrous cuso4'],
  'FeSO4(aq)': ['iron(ii) sulfate', 'ferrous sulfate'],
  'FeCl3(aq)': ['iron(iii) chloride', 'ferric chloride'],
  'Na2CO3(aq)': ['carbonate', 'soda'],
  'KI(aq)': ['iodide'],
  'KMnO4(aq)': ['manganate', 'permanganate', 'potassium permanganate', 'manganate(vii)'],
  'K2Cr2O7(aq)': ['dichromate'],
  'K2CrO4(aq)': ['chromate'],
  'H2O2(aq)': ['peroxide'],
  'KSCN(aq)': ['thiocyanate'],
  'K4Fe(CN)6(aq)': ['hexacyanoferrate(ii)', 'ferrocyanide', 'potassium ferrocyanide'],
  'K3Fe(CN)6(aq)': ['hexacyanoferrate(iii)', 'ferricyanide', 'potassium ferricyanide'],
  'Cl2(aq)': ['chlorine'],
  'Br2(aq)': ['bromine'],
  'I2(aq)': ['iodine'],
  'Ca(OH)2(aq)': ['lime water'],
  'Al(s)': ['al foil', 'aluminum foil', 'aluminium', 'foil'],
  'Mg(s)': ['mg ribbon', 'magnesium'],
  'Zn(s)': ['zinc granule', 'zn'],
  'MnO2(s)': ['manganese dioxide'],
  'H2O(l)': ['water', 'h2o'],
}

const plain = (text: string) => text.toLowerCase().replace(/[₀-₉]/g, (digit) => String(digit.charCodeAt(0) - 0x2080))

function wordsOf([formula, { says }]: readonly [string, (typeof REAGENTS)[string]]): readonly string[] {
  const bare = formula.replace(/\((aq|s|conc|g|l)\)$/, '')
  const conc = /\(conc\)$/.test(formula)
  const own = [formula, says, says.replace(/^(dilute|solid|aqueous) /, '').replace(/\((?:II|III|IV|VI|VII)\)/g, '')]
  return [...own, ...(conc ? [`conc ${bare}`] : [bare]), ...(ALSO[formula] ?? [])].map(plain)
}

/** Every name of every bottle, the longest first, so that `barium chloride` is not taken for barium. */
const WORDS: readonly (readonly [word: string, formula: string])[] = Object.entries(REAGENTS)
  .flatMap((entry) => wordsOf(entry).map((word) => [word, entry[0]] as const))
  .toSorted(([a], [b]) => b.length - a.length)

/** The other half of a salt's name: `zinc sulfate` is not zinc, `potassium carbonate` not sodium's. */
const ANION_AFTER = /^\s+(?:\w+(?:ate|ite|ide)s?)\b/
const CATION_BEFORE = /(?:\w+ium|copper|zinc|lead|silver|iron|nickel|cobalt|manganese)(?:\(\w+\))?\s+$/
const ANION_WORD = /^(?:carbonate|iodide|chromate|dichromate|thiocyanate|manganate|permanganate|peroxide)/

/** Whether a name that was found is a whole name where it stands. */
function isWhole(word: string, searched: string, from: number, to: number): boolean {
  if (/^[a-z]+$/.test(word) && ANION_AFTER.test(searched.slice(to))) return false
  return !(ANION_WORD.test(word) && CATION_BEFORE.test(searched.slice(0, from)))
}

const isLetter = (sign: string | undefined) => sign !== undefined && /[a-z0-9]/i.test(sign)

/** A bottle that is named in a text, with where its name stands. */
export interface NamedReagent {
  readonly formula: string
  readonly span: readonly [from: number, to: number]
}

/** The bottle that a text names, by formula, name or bench abbreviation. */
export function findReagent(text: string): NamedReagent | undefined {
  const searched = plain(text).replace(/conc(?:\.|entrated)/g, (word) => 'conc'.padEnd(word.length))
  for (const [word, formula] of WORDS) {
    const pattern = word.replace(/[.*+?^${}()|[\]\\]/g, '\\$&').replace(/ /g, '\\s+')
    for (const match of searched.matchAll(new RegExp(pattern, 'g'))) {
      const [from, to] = [match.index, match.index + match[0].length]
      const apart =
        !(isLetter(searched[from - 1]) && isLetter(searched[from])) && !(isLetter(searched[to]) && isLetter(searched[to - 1]))
      if (apart && isWhole(word, searched, from, to)) return { formula, span: [from, to] }
    }
  }
  return undefined
}

/** Bottles whose name holds what has been typed, those that begin with it first. */
export function completeReagent(typed: string, most = 6): readonly string[] {
  const fragment = plain(typed.trim())
  if (fragment === '') return []
  const begins = WORDS.filter(([word]) => word.startsWith(fragment)).map(([, formula]) => formula)
  const holds = WORDS.filter(([word]) => word.includes(fragment)).map(([, formula]) => formula)
  return [...new Set([...begins.toReversed(), ...holds.toReversed()])].slice(0, most)
}

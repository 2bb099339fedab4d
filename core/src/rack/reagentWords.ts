import { REAGENTS } from '../tube/index.ts'

const plain = (text: string) => text.toLowerCase().replace(/[₀-₉]/g, (digit) => String(digit.charCodeAt(0) - 0x2080))

function wordsOf([formula, { says, also = [] }]: readonly [string, (typeof REAGENTS)[string]]): readonly string[] {
  const bare = formula.replace(/\((aq|s|conc|g|l)\)$/, '')
  const conc = /\(conc\)$/.test(formula)
  const own = [formula, says, says.replace(/^(dilute|solid|aqueous) /, '').replace(/\((?:II|III|IV|VI|VII)\)/g, '')]
  return [...own, ...(conc ? [`conc ${bare}`] : [bare]), ...also].map(plain)
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

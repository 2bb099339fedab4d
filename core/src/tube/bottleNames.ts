import type { Reagent } from './reagent.ts'
import { REAGENTS } from './reagents.ts'
import { SALT_BOTTLES } from './salts.ts'
import { UNFORETOLD } from './unforetold.ts'

const plain = (text: string) => text.toLowerCase().replace(/[₀-₉]/g, (digit) => String(digit.charCodeAt(0) - 0x2080))

/** Names of a bottle in small letters: its formula with and without the state, what it says, and what else it is called. */
function namesOf(formula: string, { says, also = [] }: Reagent): readonly string[] {
  const bare = formula.replace(/\((aq|s|conc|g|l)\)$/, '')
  const conc = /\(conc\)$/.test(formula)
  const own = [formula, says, says.replace(/^(dilute|solid|aqueous) /, '').replace(/\((?:II|III|IV|VI|VII)\)/g, '')]
  return [...own, ...(conc ? [`conc ${bare}`] : [bare]), ...also].map(plain)
}

/** The words of a name, without brackets and signs: `potassium manganate vii`. */
export const wordsOfName = (name: string): readonly string[] => plain(name).match(/[a-z][a-z0-9']*|\d+/g) ?? []

/** Every name of every bottle, in the order of the bench. */
export const BOTTLE_NAMES: readonly (readonly [name: string, formula: string])[] = [REAGENTS, UNFORETOLD, SALT_BOTTLES].flatMap(
  (shelf) =>
    Object.entries(shelf).flatMap(([formula, reagent]) => namesOf(formula, reagent).map((name) => [name, formula] as const)),
)

/** The same as phrases of plain words; a name that two bottles share is the first one's. */
export function bottlePhrases(): readonly (readonly [phrase: string, formula: string])[] {
  const found = new Map<string, string>()
  for (const [name, formula] of BOTTLE_NAMES) {
    const phrase = wordsOfName(name).join(' ')
    if (phrase !== '' && !found.has(phrase)) found.set(phrase, formula)
  }
  return [...found]
}

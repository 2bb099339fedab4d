import { bottlePhrases, reagentNamed } from '../../tube/index.ts'
import { isOtherFamily, type Mender, mender } from '../../wording/index.ts'
import { IDLE } from './lexicon/index.ts'

/** Sulphate is sulfate. */
function withF(words: string): string {
  return words.replaceAll('sulph', 'sulf')
}

/** Bottles by the words of their names; the acids without "acid", too. */
const PHRASES = bottlePhrases().map(([phrase, formula]) => [withF(phrase), formula] as const)
const NAMES: ReadonlyMap<string, string> = new Map([
  ...PHRASES.flatMap(([phrase, formula]) => (phrase.endsWith(' acid') ? [[phrase.replace(/ acid$/, ''), formula] as const] : [])),
  ...PHRASES,
])
const LONGEST = Math.max(...[...NAMES.keys()].map((name) => name.split(' ').length))
const SINGLE: ReadonlySet<string> = new Set([...NAMES.keys()].flatMap((name) => name.split(' ')))
/** Formulae of letters alone: a cyanide, NaCN, is no slip of the pen for NaCl. */
const FORMULAE: ReadonlySet<string> = new Set(
  PHRASES.flatMap(([phrase, formula]) => (phrase === formula.replace(/\(\w+\)$/, '').toLowerCase() ? [phrase] : [])),
)
const mend: Mender = mender(
  [...SINGLE].filter((word) => !FORMULAE.has(word)),
  IDLE,
)

const SOLUTION = /^(?:solution|soln|aq|sol)$/
/** After the word of an element a salt is named, not the element. */
const ANION = /^(?:hydrogen)?\w+(?:ate|ite|ide)s?$/
/** What may stand within a name: blanks, brackets, hyphens, and the point of an abbreviation. */
const WITHIN = /^[\s().\-/]*$/

/** Words of bottles that are not on the bench and near to some that are. */
const NEVER: ReadonlySet<string> = new Set([
  'chlorate',
  'chromite',
  'iodate',
  'bromate',
  'magnesia',
  'barium',
  'cyanide',
  'cyanate',
  'azide',
  'nitride',
])

/** Endings of salts as they are cut short. */
const CLIPPED: Readonly<Record<string, string>> = {
  brom: 'bromide',
  carb: 'carbonate',
  chlor: 'chloride',
  hydrox: 'hydroxide',
  iod: 'iodide',
  nitr: 'nitrate',
  nit: 'nitrate',
  sulf: 'sulfate',
  thiocyan: 'thiocyanate',
}

/** Whether the last word is cut short: "barium chlor". */
export const isClipped = (name: string) => Object.hasOwn(CLIPPED, withF(/[a-z]*$/i.exec(name)?.[0].toLowerCase() ?? ''))

/** A word in the spelling of a name. */
function spelt(word: string): string {
  if (/^conc(?:entrated)?$/.test(word)) return 'conc'
  const plain = CLIPPED[withF(word)] ?? withF(word)
  if (SINGLE.has(plain) || IDLE.has(plain)) return plain
  const mended = mend(plain)
  return mended === undefined || isOtherFamily(plain, mended) || NEVER.has(plain) ? plain : mended
}

const CONC_AFTER = /^\s*[,(]?\s*conc(?:entrated)?\b[.)]?/

/** How many signs ahead a name may reach. */
const AHEAD = 60

/** The bottle that is named at a place of a text in small letters, and where its name ends. */
export function bottleAt(text: string, from: number): { readonly formula: string; readonly to: number } | undefined {
  const ahead = [...text.slice(from, from + AHEAD).matchAll(/[a-z][a-z0-9']*|\d+/g)]
    .slice(0, LONGEST + 2)
    .map((match) => ({ word: spelt(match[0]), from: from + match.index, to: from + match.index + match[0].length }))
  if (ahead[0]?.from !== from) return undefined
  const size = lengthOfName(text, ahead)
  if (size === 0) return undefined
  const formula = NAMES.get(phraseOf(ahead, size)) as string
  const [last, after] = [ahead[size - 1], ahead[size]]
  // "Hydrochloric acid, conc".
  const strong = formula.replace(/\(aq\)$/, '(conc)')
  const conc = CONC_AFTER.exec(text.slice(last?.to))
  if (conc && strong !== formula && reagentNamed(strong)) return { formula: strong, to: (last?.to ?? from) + conc[0].length }
  const isForm = after && SOLUTION.test(after.word) && WITHIN.test(text.slice(last?.to, after.from))
  const closed = /^\s*\((?:aq|s|l|g)\)/.exec(text.slice(last?.to))?.[0].length ?? (text[last?.to ?? 0] === ')' ? 1 : 0)
  return { formula, to: isForm ? after.to : (last?.to ?? from) + closed }
}

interface Ahead {
  readonly word: string
  readonly from: number
  readonly to: number
}

const phraseOf = (ahead: readonly Ahead[], size: number) =>
  ahead
    .slice(0, size)
    .map(({ word }) => word)
    .join(' ')

/** How many words the longest name has that begins here. */
function lengthOfName(text: string, ahead: readonly Ahead[]): number {
  for (let size = Math.min(LONGEST, ahead.length); size > 0; size--) {
    if (!NAMES.has(phraseOf(ahead, size))) continue
    const whole = ahead.slice(1, size).every((one, index) => WITHIN.test(text.slice(ahead[index]?.to, one.from)))
    if (!whole) continue
    const after = ahead[size]
    const touches = after && WITHIN.test(text.slice(ahead[size - 1]?.to, after.from))
    // "zinc sulfate" is not zinc, "potassium carbonate" is not sodium's.
    const isHalf = size === 1 && touches && ANION.test(after.word) && /^[a-z]+$/.test(ahead[0]?.word ?? '')
    return isHalf ? 0 : size
  }
  return 0
}

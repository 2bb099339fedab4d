import { inSmallLetters, withPlainSigns } from '../../wording/index.ts'
import { IDLE, type Kind, RULES } from './lexicon/index.ts'
import { bottleAt } from './names.ts'

/** A word of an act, or several that belong together. */
export interface ActToken {
  readonly kind: Kind
  /** What it stands for: a bottle, an amount, an act. */
  readonly is: string
  readonly text: string
  readonly span: readonly [from: number, to: number]
}

const isLetter = (sign: string | undefined) => sign !== undefined && /[a-z]/.test(sign)
const isWordSign = (sign: string | undefined) => sign !== undefined && /[a-z0-9]/.test(sign)
const BETWEEN = /[\s()'"=:-]/
const SAMPLE = /^(?:sample|unknown|solid|solution|it|mixture|contents|liquid)\b/
/** What is poured: it comes before "to" or "into". */
const POURED = /^\s*(?:slowly|carefully|drop\s*wise|drop\s+by\s+drop|a\s+little\s+at\s+a\s+time)?\s*(?:in|on)?to\b/

/** A rule of the lexicon that fits where the reader stands. */
function ruleAt(text: string, from: number): Omit<ActToken, 'text'> | undefined {
  for (const [pattern, kind, is] of RULES) {
    pattern.lastIndex = from
    const match = pattern.exec(text)
    const to = from + (match?.[0].length ?? 0)
    if (match && match[0].trim() !== '' && !(isLetter(text[to - 1]) && isWordSign(text[to])))
      return { kind, is: is(match), span: [from, to] }
  }
  return undefined
}

/** Where the name of a sample ends that stands at a place: a label in its own letters ("A" is no "a"), or "the solution" that is poured. */
function sampleAt(text: string, plain: string, from: number, samples: readonly string[]): number | undefined {
  const named = samples.find((label) => plain.startsWith(label, from) && !isWordSign(text[from + label.length]))
  if (named !== undefined) return from + named.length
  const general = SAMPLE.exec(text.slice(from, from + AHEAD))?.[0]
  return general !== undefined && POURED.test(text.slice(from + general.length, from + AHEAD)) ? from + general.length : undefined
}

/** Signs that are looked at beyond a word. */
const AHEAD = 60

/** A bottle as the sheet calls it. */
export interface SheetBottle {
  readonly label: string
  readonly reagent: string
}

/** The bottle whose label stands at a place, in the letters of the label. */
const onSheet = (text: string, plain: string, from: number, sheet: readonly SheetBottle[]) =>
  sheet.find(({ label }) => label !== '' && plain.startsWith(label, from) && !isWordSign(text[from + label.length]))

/** "Sulphuric acid, dilute": how strong the bottle is, and nothing that was done. */
const isDiluteBottle = (text: string, to: number, last: ActToken | undefined) =>
  last?.kind === 'reagent' && /^dilute$/.test(text.slice(to - 'dilute'.length, to)) && /^\s*(?:$|[,.;])/.test(text.slice(to))
const asIdle = (rule: Omit<ActToken, 'text'>): Omit<ActToken, 'text'> => ({ ...rule, kind: 'idle', is: '' })

/** Signs of a line of acts that are read: none is longer. */
const LONGEST = 1000

/**
 * The words of a line of acts with what they are.
 *
 * @param samples - what the samples of the rack are called
 * @param sheet - bottles by what the sheet calls them: `FA 3` may be sodium hydroxide
 */
export function actTokensOf(
  written: string,
  samples: readonly string[] = [],
  sheet: readonly SheetBottle[] = [],
): readonly ActToken[] {
  const plain = withPlainSigns(written.slice(0, LONGEST))
  const text = inSmallLetters(plain)
  const labels = samples.map((label) => withPlainSigns(label.trim())).filter((label) => label !== '')
  const tokens: ActToken[] = []
  const put = (kind: Kind, is: string, from: number, to: number) =>
    tokens.push({ kind, is, text: written.slice(from, to), span: [from, to] })
  for (let at = 0; at < text.length; ) {
    const startsWord = !isLetter(text[at - 1]) || !isLetter(text[at])
    if (BETWEEN.test(text[at] as string) && !/^=\s*vol/.test(text.slice(at, at + 6))) {
      at++
      continue
    }
    const labelled = startsWord ? onSheet(text, plain, at, sheet) : undefined
    if (labelled) {
      put('reagent', labelled.reagent, at, at + labelled.label.length)
      at += labelled.label.length
      continue
    }
    const sample = startsWord ? sampleAt(text, plain, at, labels) : undefined
    const found = startsWord ? ruleAt(text, at) : undefined
    const rule = found?.is === 'dilute' && isDiluteBottle(text, found.span[1], tokens.at(-1)) ? asIdle(found) : found
    const bottle = startsWord ? bottleAt(text, at) : undefined
    if (bottle && bottle.to > (rule?.span[1] ?? 0) && bottle.to > (sample ?? 0)) {
      put('reagent', bottle.formula, at, bottle.to)
      at = bottle.to
    } else if (sample !== undefined && sample >= (rule?.span[1] ?? 0)) {
      put('sample', '', at, sample)
      at = sample
    } else if (rule) {
      put(rule.kind, rule.is, at, rule.span[1])
      at = rule.span[1]
    } else {
      const length = /^[\p{L}\d']+/u.exec(text.slice(at))?.[0].length ?? 1
      const word = text.slice(at, at + length)
      const known = IDLE.has(word) || !/[\p{L}\d]/u.test(word)
      put(known ? 'idle' : 'unknown', word, at, at + length)
      at += length
    }
  }
  return tokens.map(asVerb)
}

/** "Lob a lit splint in": a word that begins an act and has its object after it is a verb, whatever it may be. */
function asVerb(token: ActToken, index: number, tokens: readonly ActToken[]): ActToken {
  const [before, next] = [tokens[index - 1], tokens[index + 1]]
  const begins = before === undefined || before.kind === 'join'
  const isVerb =
    token.kind === 'unknown' && begins && next !== undefined && (next.kind === 'test' || /^(?:an?|the|some)\b/i.test(next.text))
  return isVerb ? { ...token, kind: 'idle' } : token
}

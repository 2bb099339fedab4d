import { Memory } from '../memory/index.ts'
import type { SeenColour } from '../palette/index.ts'
import { bottlePhrases } from '../tube/index.ts'
import { inflected, inSmallLetters, mender, phrasebook, type WordAt } from '../wording/index.ts'
import { bothColours, COLOUR_PHRASES, colourWord, SHADE_PHRASES, type Shade, shadedColour } from './colours.ts'
import { DEGREES, IDLE, JOINS, NOTS, STATES, TIMES } from './lexicon/small.ts'
import { THINGS } from './lexicon/things.ts'
import { VERBS } from './lexicon/verbs.ts'

/** Things, verbs and the rest that the lexicon tells apart. */
export type Thing = keyof typeof THINGS
export type Verb = keyof typeof VERBS
export type State = keyof typeof STATES
export type Degree = keyof typeof DEGREES
export type Time = keyof typeof TIMES
export type Join = keyof typeof JOINS | ',' | '.' | ';' | ':' | '!' | '?' | '('

/** What a word is, and what it stands for. */
type Entry =
  | { readonly sort: 'colour'; readonly is: SeenColour }
  | { readonly sort: 'shade'; readonly is: Shade }
  | { readonly sort: 'thing'; readonly is: Thing }
  | { readonly sort: 'verb'; readonly is: Verb }
  | { readonly sort: 'state'; readonly is: State }
  | { readonly sort: 'degree'; readonly is: Degree }
  | { readonly sort: 'time'; readonly is: Time }
  | { readonly sort: 'not'; readonly is: keyof typeof NOTS }
  | { readonly sort: 'join'; readonly is: Join }
  | { readonly sort: 'number' | 'bottle' | 'idle' | 'unknown'; readonly is: string }

/** A word, or several that belong together, of an observation. */
export type Token = Entry & { readonly text: string; readonly span: readonly [from: number, to: number] }

/** Phrases with commas between; one after a `~` in every form of its verb. */
const listed = (words: string) =>
  words.split(',').flatMap((written) => {
    const phrase = written.trim().replace(/\s+/g, ' ')
    return phrase.startsWith('~') ? inflected(phrase.slice(1)) : [phrase]
  })

function entriesOf<Sort extends Entry['sort']>(sort: Sort, table: Readonly<Record<string, string>>) {
  return Object.entries(table).flatMap(([is, words]) => listed(words).map((word) => [word, { sort, is } as Entry] as const))
}

/** Later ones outdo earlier ones. */
const PHRASES: readonly (readonly [phrase: string, entry: Entry])[] = [
  ...bottlePhrases().map(([phrase, formula]) => [phrase, { sort: 'bottle', is: formula } as const] as const),
  ...listed(IDLE).map((word) => [word, { sort: 'idle', is: '' } as const] as const),
  ...entriesOf('join', JOINS),
  ...entriesOf('time', TIMES),
  ...entriesOf('degree', DEGREES),
  ...entriesOf('state', STATES),
  ...entriesOf('verb', VERBS),
  ...entriesOf('thing', THINGS),
  ...SHADE_PHRASES.map(([phrase, is]) => [phrase, { sort: 'shade', is } as const] as const),
  ...COLOUR_PHRASES.map(([phrase, is]) => [phrase, { sort: 'colour', is } as const] as const),
  ...entriesOf('not', NOTS),
]

const BOOK = phrasebook(PHRASES)
/** Endings that deny may be misspelt; words that deny are never what another was meant to be. */
const DENYING = new Set(listed(`${NOTS.not}, ${NOTS.absent}`).flatMap((phrase) => phrase.split(' ')))
const meaning = (word: string) => JSON.stringify(BOOK.at([{ word, from: 0, to: 0 }], 0)?.entry)
const mend = mender(BOOK.words, DENYING, (one, other) => meaning(one) === meaning(other))

const WORD = /[+-]ve\b|(?<=\s)\((?=[a-z]{3,})|\d+(?:[.,]\d+)?(?:\s?-\s?\d+(?:[.,]\d+)?)?|[a-z](?:[a-z']|\d)*|[✓✗&+;.,:!?>]/g
/** Abbreviations whose point ends no sentence. */
const SHORTENED =
  /(?:^|[^a-z])(?:sol|insol|decol|wh|yel|gel|vig|dil|conc|sq|n|v|c|prob|approx|aq|temp|cryst|col|sl|incl|obs|dk|lt|diss|xs)$/
const STOPS = /^[;.,:!?(]$/

/** A word as it stands in the lexicon, mended where it is misspelt. */
function wordMeant(found: string): string {
  const bare = found.replace(/'s$/, '')
  const stem = bare.replace(/ish$/, '')
  const short = stem !== bare && BOOK.words.has(stem) ? stem : colourWord(bare)
  if (short === found && BOOK.words.has(found)) return found
  return BOOK.words.has(short) || /[^a-z']/.test(short) ? short : (mend(short) ?? short)
}

/** Words that were met before: there are few different ones. */
const MOST_WORDS = 5000
const meant = new Memory<string, string>(MOST_WORDS)

const wordAt = (match: RegExpExecArray): WordAt => ({
  word: meant.recall(match[0], wordMeant),
  from: match.index,
  to: match.index + match[0].length,
})

/** A line in small letters with arrows and `n.v.c.` as one word each, every sign in its place. */
const plainOf = (text: string) =>
  inSmallLetters(text)
    .replace(/-+>|=+>|=/g, (found) => '>'.padStart(found.length))
    .replace(/\bw\//g, 'w ')
    .replace(/\bn\.\s?v\.\s?c\b\.?/g, (found) => 'nvc'.padEnd(found.length))

/** The words of an observation with what they are; every one has its place. */
export function tokensOf(text: string): readonly Token[] {
  const plain = plainOf(text)
  const words = [...plain.matchAll(WORD)].map(wordAt)
  const tokens: Token[] = []
  for (let at = 0; at < words.length; ) {
    const first = words[at] as WordAt
    const found = first.word === '2' && !isBetweenColours(words, at) ? undefined : BOOK.at(words, at)
    if (found) {
      const span = [first.from, (words[at + found.took - 1] as WordAt).to] as const
      tokens.push({ ...found.entry, text: text.slice(...span), span })
      at += found.took
      continue
    }
    at++
    const span = [first.from, first.to] as const
    if (first.word === '.' && SHORTENED.test(plain.slice(Math.max(0, first.from - 12), first.from))) continue
    const whole = { text: text.slice(...span), span }
    if (STOPS.test(first.word)) tokens.push({ sort: 'join', is: first.word as Join, ...whole })
    else tokens.push({ sort: /^\d/.test(first.word) ? 'number' : 'unknown', is: first.word, ...whole })
  }
  return withColoursTogether(tokens, plain).map(asTurned)
}

/** "orange 2 green" is a change; "pH 2" and "2 layers" are numbers. */
const isBetweenColours = (words: readonly WordAt[], at: number) => {
  const isColour = (index: number) => BOOK.at(words, index)?.entry.sort === 'colour'
  return isColour(at + 1) && isColour(at - 1)
}

const TOGETHER = /^[\s./-]*$/

/** "Gone brown" is no vanishing. */
function asTurned(token: Token, index: number, tokens: readonly Token[]): Token {
  const isGone = token.sort === 'verb' && token.is === 'vanish' && /^gone$/i.test(token.text)
  const next = tokens[index + 1]
  const turned = next?.sort === 'colour' || (next?.sort === 'state' && next.is !== 'clear')
  return isGone && turned ? { ...token, sort: 'verb', is: 'become' } : token
}

/** Shades and colours side by side as one colour: `very pale blue`, `grey-green`. */
function withColoursTogether(tokens: readonly Token[], plain: string): readonly Token[] {
  const put: Token[] = []
  for (const token of tokens) {
    const last = put.at(-1)
    const isPair = last && token.sort === 'colour' && (last.sort === 'shade' || last.sort === 'colour')
    if (!isPair || !TOGETHER.test(plain.slice(last.span[1], token.span[0]))) {
      put.push(token)
      continue
    }
    const is = last.sort === 'shade' ? shadedColour(last.is, token.is) : bothColours(last.is, token.is)
    const span = [last.span[0], token.span[1]] as const
    put[put.length - 1] = { sort: 'colour', is, text: plain.slice(...span), span }
  }
  return put
}

import type { SeenColour } from '../palette/index.ts'
import type { Degree, State, Thing, Time, Token, Verb } from './tokens.ts'

/** Anything that a token may stand for. */
export type Word = Thing | Verb | State | Degree | Time | 'absent' | 'nothing'

/** A colour in a clause. */
export interface ColourAt {
  readonly is: SeenColour
  readonly at: number
  readonly denied: boolean
}

/** Verbs that say no more than that something was there: "was not seen", "did not happen". */
const isOfBeing = ({ sort, is, text }: Token) => sort === 'verb' && (is === 'form' || /^happen/i.test(text))

/**
 * A clause: words up to the next joint, with what is denied in it.
 *
 * A word that denies reaches to the end of its clause; nouns before it stand ("white ppt won't dissolve"). It reaches back,
 * too, when no verb follows but of being seen ("brown fumes were not seen", "ppt: none", "absent").
 */
export class Clause {
  readonly tokens: readonly Token[]
  /** Begun by "which": it is said of the thing before. */
  readonly relative: boolean
  /** Whether anything is denied in it. */
  readonly denies: boolean
  /** Where the word that denies stands; before everything when the clause before hands its denial on. */
  readonly notAt: number
  readonly colours: readonly ColourAt[]
  private readonly places = new Map<string, number>()
  /** Whether what stands before the word that denies is denied, too. */
  readonly reachesBack: boolean

  constructor(tokens: readonly Token[], handedOn: boolean, relative: boolean) {
    this.tokens = tokens
    this.relative = relative
    tokens.forEach(({ sort, is }, index) => {
      if (sort !== 'idle' && sort !== 'colour' && !this.places.has(is)) this.places.set(is, index)
    })
    const first = tokens.findIndex(({ sort }) => sort === 'not')
    this.denies = handedOn || first >= 0
    this.notAt = handedOn ? -1 : first < 0 ? Number.POSITIVE_INFINITY : first
    const after = tokens.filter((_, index) => index > this.notAt)
    const verbs = after.filter(({ sort }) => sort === 'verb')
    const onlySeen = verbs.length > 0 && verbs.every(isOfBeing)
    this.reachesBack = this.places.has('absent') || (this.denies && (onlySeen || after.every(({ is }) => is === 'there')))
    this.colours = tokens.flatMap((token, at) =>
      token.sort === 'colour' ? [{ is: token.is, at, denied: this.isDenied(at) }] : [],
    )
  }

  /** Where a word first stands, or -1. */
  at(word: Word): number {
    return this.places.get(word) ?? -1
  }

  has(...words: readonly Word[]): boolean {
    return words.some((word) => this.places.has(word))
  }

  /** The first of some words that stands in it. */
  first<Some extends Word>(words: readonly Some[]): Some | undefined {
    return words.find((word) => this.places.has(word))
  }

  /** Whether what stands at a place is denied. */
  isDenied(at: number): boolean {
    return this.denies && (at > this.notAt || this.reachesBack)
  }

  get lastColour(): ColourAt | undefined {
    return this.colours.at(-1)
  }

  /** The same clause where some of its colours are taken. */
  withoutColours(taken: (colour: ColourAt) => boolean): Clause {
    const gone = new Set(this.colours.filter(taken).map(({ at }) => at))
    if (gone.size === 0) return this
    const tokens = this.tokens.map((token, at) => (gone.has(at) ? { ...token, sort: 'idle' as const } : token))
    return new Clause(tokens, this.notAt === -1, this.relative)
  }

  /** Whether only a colour is said, of nothing that is named. */
  get isBareColour(): boolean {
    return this.colours.length > 0 && !this.tokens.some(({ sort }) => sort === 'thing' || sort === 'verb')
  }

  /** From the first word that says something to the last. */
  get span(): readonly [from: number, to: number] {
    const says = this.tokens.filter(({ sort }) => sort !== 'idle')
    const [first, last] = says.length > 0 ? [says[0], says.at(-1)] : [this.tokens[0], this.tokens.at(-1)]
    return [first?.span[0] ?? 0, last?.span[1] ?? 0]
  }
}

import { shadedColour } from './colours.ts'
import type { Join, Token } from './tokens.ts'

export const isJoin = (token: Token, ...joins: readonly Join[]): boolean => token.sort === 'join' && joins.includes(token.is)

/** What may stand between a word that denies and what it denies. */
const isAdjectival = ({ sort, text }: Token) =>
  sort === 'idle'
    ? /^(?:a|an|the|any|of|further|more)$/i.test(text)
    : ['degree', 'shade', 'colour', 'state', 'unknown'].includes(sort)

/** A clause while it is cut, with what was met in it so far: looked back for again, a long line would take minutes. */
export class Cutting {
  readonly tokens: Token[] = []
  readonly handedOn: boolean
  readonly relative: boolean
  /** Whether an "and" or "or" ends it. */
  goesOn = false
  not = false
  thing = false
  /** A verb and what it leads to: "went red". */
  said = false
  /** A thing right after the word that denies: "no ppt". */
  deniedThing = false
  /** "No change". */
  deniedChange = false
  deniedGas = false
  deniedColour = false
  private moved = false
  private bubbles = false

  constructor(handedOn: boolean, relative: boolean) {
    this.handedOn = handedOn
    this.relative = relative
  }

  put(token: Token): void {
    this.tokens.push(token)
    if (token.sort === 'not') this.not = true
    if (token.sort === 'thing') {
      this.thing = true
      this.deniedThing ||= this.not && this.tokens.slice(0, -1).findLast((one) => !isAdjectival(one))?.sort === 'not'
      this.deniedGas ||= this.deniedThing && token.is === 'gas'
      this.bubbles ||= token.is === 'bubbles'
    }
    this.deniedColour ||= this.not && token.sort === 'colour'
    if (token.sort === 'verb' && (token.is === 'change' || token.is === 'pop')) this.deniedChange ||= this.not
    if (token.sort === 'verb' && (token.is === 'become' || token.is === 'remain')) this.moved = true
    if (this.moved && (token.sort === 'colour' || token.sort === 'state')) this.said = true
  }

  /** "Green, pale". */
  shade(token: Token): void {
    const at = this.tokens.findLastIndex(({ sort }) => sort === 'colour')
    const colour = this.tokens[at]
    if (colour?.sort === 'colour' && token.sort === 'shade')
      this.tokens[at] = { ...colour, is: shadedColour(token.is, colour.is) }
  }

  /** Whether a comma only parts two adjectives: "a colourless, odourless gas". */
  isAmongAdjectives(before: Token | undefined, after: readonly Token[]): boolean {
    const gas = after.slice(0, 3).some(({ sort, is }) => sort === 'thing' && (is === 'gas' || is === 'fumes'))
    return before?.sort === 'colour' && (!this.thing || this.bubbles) && gas
  }
}

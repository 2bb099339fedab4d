import { Memory } from '../../memory/index.ts'
import { type ConclusionToken, conclusionTokens } from './tokens.ts'

/** What a conclusion says of an ion: that it is there, that it is not, or that it may be. */
export interface Claim {
  readonly ion: string
  readonly says: 'present' | 'absent' | 'perhaps'
  /** Any one of several that the word may mean: "iron", "a halide". */
  readonly any?: readonly string[]
}

type Says = Claim['says']

/** Ions named side by side, of which the same is said. */
interface Group {
  readonly ions: string[]
  says: Says
  any?: readonly string[]
  /** Whether something was said of them already. */
  settled: boolean
}

const VERDICTS: readonly ConclusionToken['sort'][] = ['not', 'absent', 'present', 'undecided', 'doubt']

/** Reads one sentence. */
class Sentence {
  groups: Group[] = []
  private now: Group | undefined
  private mode: Says = 'present'
  /** A denial by "not" ends at a comma; one by "no" goes on through a list. */
  private byNot = false
  private inEvidence = false
  private undecided = false
  /** Whether what is named was only thought before: "but" takes it back. */
  private thought = false
  /** The first ion of the part of the sentence that is read. */
  private partFrom = 0
  /** Whether the evidence began the sentence. */
  private leads = false

  private readonly tokens: readonly ConclusionToken[]

  constructor(tokens: readonly ConclusionToken[]) {
    this.tokens = tokens
  }

  read(): readonly Group[] {
    for (const [index, token] of this.tokens.entries()) this.take(token, index)
    this.thought = false
    this.endPart()
    return this.groups
  }

  private take(token: ConclusionToken, index: number): void {
    if (token.sort === 'so' || (token.sort === 'claims' && this.inEvidence)) this.conclude()
    // "The absence of a colour rules out sodium": the evidence ends where something is ruled out.
    else if (this.inEvidence && token.sort === 'not' && /^(?:rule|ruling|exclud)/.test(token.word)) {
      this.conclude()
      this.deny(token)
    } else if (this.inEvidence) this.passEvidence(token)
    // "Not sodium, its potassium".
    else if (token.sort === 'claims' && this.mode === 'absent' && this.groups.length > 0) this.restart()
    else if (token.sort === 'ion') this.name(token)
    else if (VERDICTS.includes(token.sort)) this.verdict(token, index)
    else this.turn(token, index)
  }

  /** "As no precipitate formed, sulfate is absent": evidence that begins a sentence ends at its comma. */
  private passEvidence({ sort }: ConclusionToken): void {
    if (sort !== 'comma' || !this.leads) return
    this.inEvidence = false
    this.leads = false
    this.restart()
  }

  /** Words that say what of ions. */
  private verdict(token: ConclusionToken, index: number): void {
    switch (token.sort) {
      case 'not':
        if (this.isVerdict(index)) this.settle('absent')
        else this.deny(token)
        break
      case 'absent':
        // "Ruled out: lead and zinc".
        if (this.groups.length === 0 && this.tokens[index + 1]?.sort === 'colon') this.deny(token)
        else this.settle('absent')
        break
      case 'present':
        this.settle((this.now ?? this.groups.at(-1))?.says ?? 'present')
        break
      case 'undecided':
        this.undecided = true
        break
      default:
        this.doubt(token, index)
        break
    }
  }

  private deny({ word }: ConclusionToken): void {
    this.close()
    this.mode = this.mode === 'perhaps' ? 'perhaps' : 'absent'
    this.byNot = /^(?:not|isn't|isnt)$/.test(word)
  }

  /** Words with which the sentence turns to something else. */
  private turn(token: ConclusionToken, index: number): void {
    switch (token.sort) {
      case 'seen':
        this.evidence()
        break
      case 'because':
        this.inEvidence = true
        this.leads = this.groups.length === 0
        break
      case 'colon':
        // "Sulfate: no", but "nickel chloride: green precipitate with …".
        this.inEvidence = !['not', 'present', 'absent', 'doubt', 'ion'].includes(
          this.tokens.slice(index + 1).find(({ sort }) => sort !== 'idle')?.sort ?? '',
        )
        break
      case 'or':
        if (this.now && this.now.says === 'present' && !this.now.settled) this.now.says = 'perhaps'
        break
      case 'comma':
        this.comma(index)
        break
      case 'but':
        this.endPart()
        this.restart()
        break
      default:
        // "Its not sodium its potassium".
        if (this.byNot && /^it/.test(token.word) && this.tokens[index - 1]?.sort === 'ion') this.restart()
        break
    }
  }

  /** "Sulfate: no", "carbonate yes, sulfate no": nothing comes after it that it could deny. */
  private isVerdict(index: number): boolean {
    const next = this.tokens.slice(index + 1).find(({ sort }) => sort !== 'idle')
    return this.groups.length > 0 && (next === undefined || next.sort === 'comma' || next.sort === 'and')
  }

  private name({ named }: ConclusionToken): void {
    if (!named) return
    if (named.any) {
      this.close()
      this.open(named.ions, named.ions)
      this.close()
      return
    }
    if (this.now && !this.now.settled) this.now.ions.push(...named.ions)
    else this.open(named.ions)
  }

  private open(ions: readonly string[], any?: readonly string[]): void {
    this.now = { ions: [...ions], says: this.mode, settled: false, ...(any ? { any } : {}) }
    this.groups.push(this.now)
  }

  private close(): void {
    this.now = undefined
  }

  /** What is left open is left open up to a "but": "zinc, but sulfate cannot be ruled out". */
  private endPart(): void {
    // "At first I thought zinc, but it is aluminium".
    if (this.thought) this.groups.splice(this.partFrom)
    this.thought = false
    if (this.undecided) for (const group of this.groups.slice(this.partFrom)) group.says = 'perhaps'
    this.undecided = false
    this.partFrom = this.groups.length
  }

  private restart(): void {
    this.close()
    this.mode = 'present'
  }

  /** Something is said of what was named last, or of all that "any" named. */
  private settle(says: Says): void {
    const group = this.now ?? this.groups.at(-1)
    if (group && !group.settled) {
      group.says = says
      group.settled = true
    }
    this.restart()
  }

  private doubt({ word }: ConclusionToken, index: number): void {
    this.thought ||= word === 'thought' || word === 'first'
    const group = this.now ?? this.groups.at(-1)
    const next = this.tokens.slice(index + 1).find(({ sort }) => sort !== 'idle')?.sort
    const isLast = next === undefined || next === 'comma' || next === 'but'
    // A question mark, and "I think" at the end, doubt what came before.
    const isSaidOf = isLast || next === 'present' || next === 'absent'
    if (group && !group.settled && (isSaidOf || word === '?' || word === 'i' || word === 'think')) {
      if (group.says === 'present') group.says = 'perhaps'
      return
    }
    // "Zinc is more likely than lead" decides neither.
    if (group && !group.settled && /^(?:more|likelier)$/.test(word)) group.says = 'perhaps'
    this.close()
    if (this.mode === 'present') this.mode = 'perhaps'
  }

  private comma(index: number): void {
    const next = this.tokens.slice(index + 1).find(({ sort }) => sort !== 'idle' && sort !== 'and')
    const listGoesOn = next?.sort === 'ion' && !(this.mode === 'absent' && this.byNot)
    if (!listGoesOn) this.restart()
  }

  /** What is seen is evidence, in which reagents are named. */
  private evidence(): void {
    if (this.now && !this.now.settled && this.mode !== 'present') this.groups = this.groups.filter((group) => group !== this.now)
    this.inEvidence = true
  }

  /** What was seen before "so" was evidence; what was concluded there stands. */
  private conclude(): void {
    const saw = this.tokens.some(({ sort }) => sort === 'seen') && this.inEvidence
    const settled = this.groups.filter((group) => group.settled || !saw)
    this.groups = settled
    this.inEvidence = false
    this.restart()
  }
}

function sentencesOf(tokens: readonly ConclusionToken[]): readonly (readonly ConclusionToken[])[] {
  const sentences: ConclusionToken[][] = [[]]
  for (const token of tokens) {
    if (token.sort === 'stop') sentences.push([])
    else sentences.at(-1)?.push(token)
  }
  return sentences
}

function read(text: string): readonly Claim[] {
  const claims = new Map<string, Claim>()
  for (const sentence of sentencesOf(conclusionTokens(text)))
    for (const { ions, says, any } of new Sentence(sentence).read())
      for (const ion of ions) {
        const kept = any && says === 'present' ? 'perhaps' : says
        claims.set(ion, { ion, says: kept, ...(any && says === 'present' ? { any } : {}) })
      }
  return withoutOthers([...claims.values()])
}

/** "A halide: bromide": once one of several is said to be there, the others are no longer meant. */
function withoutOthers(claims: readonly Claim[]): readonly Claim[] {
  const there = new Set(claims.filter(({ says }) => says === 'present').map(({ ion }) => ion))
  return claims.filter(({ says, any = [] }) => says !== 'perhaps' || !any.some((ion) => there.has(ion)))
}

const MOST_KNOWN = 200
const known = new Memory<string, readonly Claim[]>(MOST_KNOWN)

/**
 * Reads what is concluded of a sample: which ions are there, which are not, which may be. Evidence is passed over: reagents
 * that it names are not claimed. What is said of an ion last holds.
 */
export const readConclusion = (text: string): readonly Claim[] => known.recall(text, read)

import type { Read } from '../label/said.ts'
import type { Mention, MentionOf, Vessel } from '../mention/mention.ts'
import { ofKind } from '../mention/mention.ts'
import { clauseStarts, type Deed, deedsIn } from './verbs.ts'

/** A piece of a sentence in which one thing is done. */
export interface Clause {
  readonly read: Read
  readonly text: string
  /** Where it begins in the sheet. */
  readonly from: number
  readonly mentions: readonly Mention[]
  readonly deeds: ReadonlySet<Deed>
}

/** The clauses of a sentence, each with what it speaks of. */
export function clausesOf(read: Read): readonly Clause[] {
  const { sentence, mentions } = read
  const starts = clauseStarts(sentence.text)
  return starts.map((start, index) => {
    const end = starts[index + 1] ?? sentence.text.length
    const [from, to] = [sentence.from + start, sentence.from + end]
    const text = sentence.text.slice(start, end)
    return { read, text, from, mentions: mentions.filter((one) => one.from >= from && one.to <= to), deeds: deedsIn(text) }
  })
}

/** What a quantity is of: a bottle, a substance, or what was spoken of last. */
export type Target =
  | { readonly kind: 'label'; readonly mention: MentionOf<'label'> }
  | { readonly kind: 'substance'; readonly mention: MentionOf<'substance'> }
  | { readonly kind: 'it' }

/** Words that may stand between a quantity and what it is of. */
const BETWEEN =
  /^[\s,]*(?:(?:portions?|samples?|aliquots?|lots?|quantit(?:y|ies)|each|more|further|fresh|extra|of|the|your|this|that|some|solutions?|solid|powdered|crushed|dry|dried|clean|anhydrous|hydrated|dilute|diluted|aqueous|pure|distilled|deioni[sz]ed|cold|hot|warm|finely|ground|standard|unknown|acid|strip|length|piece|unlabelled|sample|prepared)[\s,]*)*[([]?(?:solution |solid )?$/i
/** "5.00 mL of the bleach Y": a noun that the label belongs to. */
const NOUN = /^\s*of (?:the |your |this )?[a-z-]+ \(?$/
const IT =
  /^\s*-?\s*(?:(?:portions?|aliquots?|samples?)\b\s*(?:of\s+(?:it|this|the (?:\w+ )?(?:solution|mixture|filtrate|liquid)|your solution)\b)?|of\s+(?:it|this|the (?:\w+ )?(?:solution|mixture|filtrate|liquid)|this solution|your solution)\b)/i

/** What a quantity of a clause is of, if it says so. */
export function targetOf(quantity: Mention, mentions: readonly Mention[], words: string): Target | undefined {
  let at = quantity.to
  let found: Target | undefined
  for (const mention of mentions.filter((one) => one.from >= quantity.to)) {
    const between = words.slice(at, mention.from)
    if (!BETWEEN.test(between) && !(mention.kind === 'label' && NOUN.test(between))) break
    at = mention.to
    if (mention.kind === 'label') return { kind: 'label', mention }
    if (mention.kind === 'substance') found ??= { kind: 'substance', mention }
    else if (mention.kind !== 'strength') break
  }
  return found ?? (IT.test(words.slice(quantity.to, quantity.to + 60)) ? { kind: 'it' } : undefined)
}

/** The vessels of a clause of some kinds. */
export const vesselIn = (mentions: readonly Mention[], ...vessels: readonly Vessel[]): MentionOf<'vessel'> | undefined =>
  ofKind(mentions, 'vessel').find(({ vessel }) => vessels.includes(vessel))

import type { Mention, MentionOf } from '../mention/mention.ts'
import { ofKind } from '../mention/mention.ts'
import type { Sentence } from '../text/sentences.ts'

/** A piece of the sheet that says what a label stands for. */
export interface Said {
  readonly label: string
  readonly from: number
  readonly to: number
  /** `noun`: what stands before it; `named`: it is only called so here, as what has just been made is. */
  readonly how: 'told' | 'noun' | 'named'
  /** It holds that, and may hold other things, too. */
  readonly holds?: boolean
}

/** A sentence with what it speaks of. */
export interface Read {
  readonly sentence: Sentence
  readonly mentions: readonly Mention[]
}

const TELLS =
  /^[)'"]?\s*(?:,\s*)?(?:which\s+|that\s+)?(?:(?:(?:is|are|was|were)(?!\s+(?:then\s+|now\s+|to be\s+)?(?:run|put)\b)(?!\s+(?:then\s+|now\s+|to be\s+)?(?!(?:called|labelled|obtained|extracted|pressed|crushed|powdered|dissolved|hydrated|prepared|diluted|saturated|contaminated|said|supposed|concentrated|unlabelled|dried|distilled|sold|supplied|provided|needed|red)\b)[a-z-]+ed\b)|contains?|containing|holds?|has|comes? from|consists? of|each (?:contains?|holds?|is))\b|[:=](?=\s)(?!\s*(?:add|warm|heat|dissolve|test|put|place|take|shake|boil|do|carry|pour|mix|hold|dip|use)\b))\s*/
/** A relative clause between a label and what is told of it: `E, found in the shed, is …`. */
const ASIDE = /^\s*,\s[^,.;]{3,60},\s+(?=(?:is|are|contains?|holds?)\b)/
const LIST = /^\s*(?:,|and|,\s*and|and of|or)\s*$/
/** Before a label that is told of: the beginning of a clause, or a noun that it names. */
const ASKED =
  /\b(?:of|in|percentage|what|which|how|whether|if|why|until|with|from|by|when)\s+(?:the\s+)?(?:solution\s+|solid\s+|sample\s+)?$/i
const ENDS_SAYING = /;|\bbecause\b|\breacts?\b|\b(?:is|are|has) to be\b|\bwill\b|, not\b|\byou\b|\?$/i
/** "0.100 M acid is supplied as solution J": what stands before it tells of it. */
const SUPPLIED =
  /^(.*?)\s+(?:is|are|will be) (?:supplied|provided|given|called|labelled|known)(?: to you)?(?: as| in)?(?: the)?(?: solution| bottle| solid)?\s*$/i
const NAMED =
  /\b(?:(?:call|label|mark|name)\s+(?:(?:it|this|the)\b\s*)?(?:(?:the\s+)?(?:new\s+|resulting\s+|diluted\s+)?(?:solution|mixture|flask|liquid|filtrate|solid)\s*)?(?:as\s+)?[:'"]?|(?:this|it|which|that)(?: (?:new |diluted )?(?:solution|mixture|liquid|filtrate))? is(?: now)?(?: called| labelled| your)?(?: solution| mixture)?|(?:to (?:give|make|form|obtain)|giving|labelled|as)\s+(?:the\s+)?(?:solution\s+)?|is (?:now )?(?:called|labelled)(?: solution)?|the (?:\w+ )?(?:solution|mixture|liquid|vinegar|juice|acid|sample) is(?: now)?(?: solution)?|^this is (?:now )?(?:the|your) (?:\w+ ){0,2}\w+,)\s*$/i
/** Whether a label is given to what the sentence before made. */
const isNaming = (before: string) => NAMED.test(before)

/** "The makers say that T holds 25 g in each dm3": a claim to be judged, and not what is told of the bottle. */
const CLAIMS = /\b(?:says?|claims?|states?|according to)\b[^.]*\b(?:that|holds|contains)\b/i

/** Whether a sentence only tells what somebody says of a bottle. */
export const isClaim = (text: string): boolean => CLAIMS.test(text)

/** What the sheet says its labels are, in the order in which it says it. */
export function saidOf(reads: readonly Read[]): readonly Said[] {
  return reads.flatMap((read) => [...saidIn(read)])
}

function* saidIn({ sentence, mentions }: Read): Generator<Said> {
  const { text, from } = sentence
  const labels = ofKind(mentions, 'label')
  if (sentence.cell || isClaim(text)) return
  const isAsked = text.endsWith('?')
  for (const [index, mention] of labels.entries()) {
    const at = mention.from - from
    const before = text.slice(0, at)
    const after = text.slice(mention.to - from)
    const next = labels[index + 1]
    const supplied = SUPPLIED.exec(before)?.[1]
    if (supplied !== undefined && !/^(?:this|it|that|which|the (?:\w+ )?(?:solution|mixture|filtrate))\b/i.test(supplied)) {
      yield { label: mention.label, from, to: from + supplied.length, how: 'told' }
      continue
    }
    if (isNaming(before) && !/\((?:\w+ )?$/.test(before)) {
      yield { label: mention.label, from: mention.from, to: mention.to, how: 'named' }
      continue
    }
    if (isAsked) continue
    yield* toldAfter(sentence, mention, after, next)
    yield* toldBefore(sentence, mention, before, after)
  }
  const [named] = labels
  if (named && !isAsked) yield* toldOfIt(sentence, named.label, named.to)
  if (!isAsked) yield* toldOfList(sentence, labels)
}

const HOLDS = /\b(?:contain|hold)/
const OF_IT = /;\s*(?:it|its [a-z -]{1,40}?)\s+(?:is|contains|holds)\s+/i

/** "B is used for …; its active substance is …": told of the same label. */
function* toldOfIt({ text, from }: Sentence, label: string, begun: number): Generator<Said> {
  const it = OF_IT.exec(text.slice(begun - from))
  if (it) yield { label, from: begun + it.index + it[0].length, to: from + text.length, how: 'told' }
}

/** Where what is said of a label ends: at the next label that something is told of, or where the sentence turns to something else. */
function endOf(sentence: Sentence, begun: number, next: MentionOf<'label'> | undefined): number {
  const rest = sentence.text.slice(begun - sentence.from)
  const turn = ENDS_SAYING.exec(rest)?.index ?? rest.length
  const nextTold = next && TELLS.test(sentence.text.slice(next.to - sentence.from)) ? next.from - begun : rest.length
  return begun + Math.min(turn, Math.max(nextTold, 0), rest.length)
}

function* toldAfter(
  sentence: Sentence,
  { label, from, to }: MentionOf<'label'>,
  after: string,
  next: MentionOf<'label'> | undefined,
): Generator<Said> {
  const before = sentence.text.slice(0, from - sentence.from)
  const aside = ASIDE.exec(after)?.[0].length ?? 0
  const tells = TELLS.exec(after.slice(aside))
  if (tells && (!ASKED.test(before) || /^,?\s*(?:which|that)\b/.test(after))) {
    if (aside > 0) yield { label, from: to, to: to + aside, how: 'told' }
    const begun = to + aside + tells[0].length
    const end = endOf(sentence, begun, next)
    // A relative clause ends at its comma: "G, which is 1.00 mol dm-3 sodium hydroxide, from a pipette".
    const comma = /\b(?:which|that)\b/.test(tells[0]) ? sentence.text.slice(begun - sentence.from).search(/,(?=\s)/) : -1
    yield {
      label,
      from: begun,
      to: comma > 0 ? Math.min(end, begun + comma) : end,
      how: 'told',
      ...(HOLDS.test(tells[0]) ? { holds: true } : {}),
    }
    return
  }
  // "with J, 0.100 mol dm-3 hydrochloric acid, using …": an apposition, up to the next comma.
  // A list of bottles in brackets tells of each before it: "2 M acid (A), 1 M alkali (B)".
  if (/\((?:\w+ )?$/.test(before) && /^\),[^;()]*\(/.test(after)) return
  const apposed =
    /^\)?,?\s*(?:which is\s+|being\s+|an?\s+|of\s+)?(?:concentration\s+)?(?:\()?((?:about |exactly )?\d[^;,)]*|(?:dilute|aqueous|concentrated|powdered|solid|a solution of) [^;,)]*)/.exec(
      after,
    )
  // In a list of what is provided all that follows is told: "K1, the crystals".
  if (before.trim() === '' && sentence.opens && /^,\s/.test(after)) {
    yield { label, from: to, to: sentence.to, how: 'told' }
    return
  }
  if (apposed && /^(?:\)?,|\s*\()/.test(after)) yield { label, from: to, to: to + apposed[0].length, how: 'told' }
}

/** What stands between the words that are said of a label and those before them. */
const BOUNDARY =
  /.*(?:[;:]|\((?![IVX]+\))|(?<!\([IVX]{1,3})\)(?: of\b)?|[.,](?=\s)|\b(?:with|into|to|from|using|against|by|in (?:an?|the|some)|weigh|titrate|pipette|add|fill|and|dissolve|measure|sells|uses|is|compares?|of (?:the|your))\b)/is

/** "potassium manganate(VII), 0.0204 M (solution K)": a strength alone tells of what is named before its comma. */
function nameBefore(phrase: string, begun: number): number {
  if (!/^\s*(?:about |of )?\d[\d.]*\s*(?:M|mol\b.*|g\b.*|%.*)\s*$/.test(phrase.slice(begun))) return begun
  const name = phrase.slice(0, begun).replace(/[,(]\s*$/, '')
  return BOUNDARY.exec(name)?.[0].length ?? 0
}

function* toldBefore(sentence: Sentence, { label, from }: MentionOf<'label'>, before: string, after: string): Generator<Said> {
  const bracket =
    /\(\s*(?:(?:about |exactly )?\d[^(),]*,\s*)?((?:solution|solid|acid|label|labelled|bottle|sample|liquid|powder|unknown)\s+)?$/i.exec(
      before,
    )
  if (bracket && /^[),]/.test(after)) {
    const phrase = before.slice(0, bracket.index)
    const begun = BOUNDARY.exec(phrase.trimEnd().slice(0, -1))?.[0].length ?? 0
    // A strength may stand before a boundary word: "0.0100 mol dm-3 EDTA (solution E)".
    yield {
      label,
      from: sentence.from + Math.min(nameBefore(phrase, begun), phrase.length),
      to: sentence.from + phrase.length,
      how: 'told',
    }
    const close = after.indexOf(')')
    if (after.startsWith(',') && close > 0)
      yield { label, from: from + label.length, to: from + label.length + close, how: 'told' }
    return
  }
  const apposed = /,\s*(?:(?:solution|solid|acid|bottle|sample|liquid|powder|label|labelled)\s+)?$/i.exec(before)
  if (apposed && /^(?:[,.;]|\s+(?:is|was)\b|$)/.test(after)) {
    const phrase = before.slice(0, apposed.index)
    // A bracket at its end, "aspirin (C9H8O4), sample X", belongs to it.
    const begun = BOUNDARY.exec(phrase.endsWith(')') ? phrase.slice(0, -1) : phrase)?.[0].length ?? 0
    yield { label, from: sentence.from + begun, to: sentence.from + phrase.length, how: 'told' }
    return
  }
  const begun = BOUNDARY.exec(before)?.[0].length ?? 0
  const noun = /^\s*((?:[A-Za-z-]+(?:\([IVX]+\))? ){0,4}[A-Za-z]{3,}) $/.exec(before.slice(begun))
  if (noun && !/\b(?:and|of|with|the|into|from|each|for|add|titrate|both|than|weigh|are|is)$/i.test(noun[1] ?? ''))
    yield { label, from: sentence.from + before.length - (noun[1]?.length ?? 0) - 1, to: from, how: 'noun' }
}

/** "Solutions S1 and S2 each contain one salt", "V3 and V4 are solids": told of every label of the list. */
function* toldOfList(sentence: Sentence, labels: readonly MentionOf<'label'>[]): Generator<Said> {
  const { text, from } = sentence
  for (let first = 0; first < labels.length - 1; first++) {
    let last = first
    while (
      last + 1 < labels.length &&
      LIST.test(text.slice((labels[last] as Mention).to - from, (labels[last + 1] as Mention).from - from))
    )
      last++
    if (last === first) continue
    const end = (labels[last] as Mention).to
    const tells = TELLS.exec(text.slice(end - from))
    const noun = /([A-Za-z-]+)\s*,?\s*$/.exec(text.slice(0, (labels[first] as Mention).from - from))
    for (const { label } of labels.slice(first, last + 1)) {
      if (tells)
        yield { label, from: end + tells[0].length, to: endOf(sentence, end + tells[0].length, labels[last + 1]), how: 'told' }
      if (noun) yield { label, from: from + noun.index, to: from + noun.index + (noun[1]?.length ?? 0), how: 'noun' }
    }
    first = last
  }
}

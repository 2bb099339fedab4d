import { substancesIn } from '../../substance/index.ts'
import { thingsIn } from '../mention/things.ts'
import type { Sentence } from '../text/sentences.ts'
import { CODE, isNoLabel, WHOLE_CODE, WORD_CODE } from './code.ts'

/** Nouns that are followed by the label of what they name. */
const NOUN =
  /\b(?:solutions?|solns?|solids?|acids?|bases?|alkalis?|samples?|bottles?|jars?|vials?|beakers?|liquids?|mixtures?|unknowns?|salts?|powders?|crystals|substances?|compounds?|metals?|oils?|waters?|juices?|extracts?|inks?|dyes?|icings?|tablets?|stones?|rocks?|ash|pigments?|bleach|fertilisers?|fertilizers?|cleaners?|vinegars?|brines?|hydrates?|reagents?|titrants?|analytes?|labels?|labelled|labeled|called|portion|stock|standard|pens?)\s*[:,]?\s*\(?$/i
const NAMED =
  /\b(?:call|label|mark|name)\s+(?:(?:it|this|the)\b\s*)?(?:(?:the\s+)?(?:new\s+|resulting\s+|diluted\s+)?(?:solution|mixture|flask|liquid|filtrate|solid)\s*)?(?:as\s+)?[:'"]?$|\b(?:this|it)(?: solution| mixture| liquid| filtrate)? is(?: now)?(?: called| labelled)?(?: solution)?\s*$/i
const TELLS =
  /^[)'"]?\s*(?:,\s*(?:which|that)\s+)?(?:(?:is|are|was|were|contains?|containing|holds?|has been|has|comes? from|consists?|each)\b|[:=]\s)/
const BRACKETED = /\((?:(?:solution|solid|acid|label|labelled|bottle|sample|liquid|powder|unknown)\s+)?$/i
const CLOSED = /^[),]/
const APPOSED = /,\s$/
const MEASURED = /\b(?:of|from|with|into|in|to|and|or|add|both|between|titrate|pipette|transfer|measure)\s+(?:the\s+)?$/i

/** Enough evidence that a code is a label. */
const ENOUGH = 3

interface Surroundings {
  /** A quantity of it is spoken of. */
  readonly measured: boolean
  /** The name of a substance stands right before it. */
  readonly named: boolean
}

/** How much the surroundings of a code speak for its being a label. */
function evidenceOf(text: string, from: number, to: number, { measured, named }: Surroundings): number {
  const [before, after] = [text.slice(Math.max(0, from - 60), from), text.slice(to, to + 40)]
  const code = text.slice(from, to)
  const looksLikeFormula = /\d/.test(code) && substancesIn(code).length > 0 && /^(?:[A-Z]\d*){2,}$|^[HNOFI]2$/.test(code)
  const isOwn = /\d/.test(code) && !/^(?:[A-Z]\d*){3,}$/.test(code) && !/^[HNOFI]2$|^[PO][348]$/.test(code.replace(' ', ''))
  let score = isOwn ? 1 : 0
  if (!looksLikeFormula && NOUN.test(before)) score += 3
  if (NAMED.test(before)) score += 3
  if (TELLS.test(after) && /(?:^|[;,.]\s*(?:and\s+)?|\band\s+|[a-z]\s+|\()$/.test(before))
    score += before.trim() === '' || isOwn || /[:=]/.test(after.slice(0, 2)) ? 3 : 2
  if (BRACKETED.test(before) && CLOSED.test(after)) score += 3
  if (!looksLikeFormula && APPOSED.test(before) && /^[,.;]|^ is\b/.test(after)) score += 3
  if (measured) score += 2
  if (named) score += /^ ?[,;.(]/.test(after) ? 3 : 2
  if (MEASURED.test(before)) score += 1
  return score
}

const ALL = new RegExp(`(?<![A-Za-z0-9])(?:${CODE})(?![A-Za-z0-9])`, 'g')
/** A list of codes or of plain numbers after a noun in the plural: `Bottles 1, 2, 3 and 4`. */
const NUMBERED =
  /\b(?:bottles|jars|tubes|samples|solutions|unknowns|inks|pens|liquids|solids|powders|salts|vials)[, ]+((?:\d(?!\.\d|\d)(?:, and |, | and | to |-)?){2,})(?![\d.])/gi
const RANGE = /\b([A-Z]{0,3} ?)(\d{1,2})\s*(?:to|-)\s*\1(\d{1,2})(?![\d.])/g
const DEFINED_WORD = new RegExp(`(?:^|[:;.]\\s*)(${WORD_CODE})\\s*(?:=|:\\s|(?:is|are|contains)\\b)`, 'g')
const KEYWORDS =
  /^(?:NOTE|CARE|CAUTION|WARNING|DANGER|METHOD|PROCEDURE|AIM|TASK|PART|TABLE|RESULTS?|QUESTIONS?|DATA|EDTA|NAOH|KHP|TEST|APPARATUS|CHEMICALS|MATERIALS|REAGENTS|SAFETY|SOLNS?|INTRODUCTION|CALCULATIONS?|THEORY)$/

/** A whole line in capitals is a heading. */
const isHeading = (text: string) => text === text.toUpperCase() && /[A-Z]{4}/.test(text) && !/[=:]/.test(text)

/** Codes of a sheet that its own words make labels of. */
export function findLabels(sentences: readonly Sentence[]): ReadonlySet<string> {
  const scores = new Map<string, number>()
  const found = new Set<string>()
  for (const sentence of sentences) {
    const { text } = sentence
    if (isHeading(text)) continue
    const all = thingsIn(text)
    const things = all.filter(({ kind }) => kind !== 'substance')
    for (const match of text.matchAll(ALL)) {
      const [from, to] = [match.index, match.index + match[0].length]
      if (isNoLabel(text, from, to) || things.some((one) => from < one.to && one.from < to)) continue
      const measured = things.some(
        (one) =>
          one.kind === 'quantity' &&
          one.to <= from &&
          /^\s*(?:portions?\s*)?(?:each\s*)?(?:of\s+)?(?:the\s+)?(?:solution\s+|solid\s+)?$/.test(text.slice(one.to, from)),
      )
      const alone = sentence.cell?.column === 0 && text === match[0]
      const named = all.some((one) => one.kind === 'substance' && one.written === 'name' && text.slice(one.to, from) === ' ')
      scores.set(match[0], (scores.get(match[0]) ?? 0) + (alone ? ENOUGH : evidenceOf(text, from, to, { measured, named })))
    }
    for (const label of [...numberedIn(text), ...rangesIn(text), ...wordsIn(text)]) found.add(label)
  }
  for (const [code, score] of scores) if (score >= ENOUGH) found.add(code)
  return withNeighbours(found, scores, sentences)
}

function* numberedIn(text: string): Generator<string> {
  for (const match of text.matchAll(NUMBERED)) for (const digit of (match[1] ?? '').match(/\d/g) ?? []) yield digit
}

/** `FA 1 to FA 4` are four. */
function* rangesIn(text: string): Generator<string> {
  for (const [, letters = '', first = '', last = ''] of text.matchAll(RANGE)) {
    if (letters.trim() === '' || Number(last) - Number(first) > 12) continue
    for (let n = Number(first); n <= Number(last); n++) yield `${letters}${n}`
  }
}

function* wordsIn(text: string): Generator<string> {
  for (const [, word = ''] of text.matchAll(DEFINED_WORD)) if (!KEYWORDS.test(word)) yield word
}

const shapeOf = (code: string) => code.replace(/\d+$/, '#')
const JOINED = /^\s*(?:,|and|or|&|, and|and of|and in|with)\s*$/

/** What is listed beside a label and is written like it is one, too. */
function withNeighbours(
  labels: ReadonlySet<string>,
  scores: ReadonlyMap<string, number>,
  sentences: readonly Sentence[],
): ReadonlySet<string> {
  const all = new Set(labels)
  for (const { text } of sentences) {
    const codes = [...text.matchAll(ALL)].filter((match) => !isNoLabel(text, match.index, match.index + match[0].length))
    codes.forEach((match, index) => {
      const next = codes[index + 1]
      if (!next || !JOINED.test(text.slice(match.index + match[0].length, next.index))) return
      for (const [one, other] of [
        [match[0], next[0]],
        [next[0], match[0]],
      ] as const)
        if (all.has(one) && !all.has(other) && shapeOf(one).length === shapeOf(other).length && scores.has(other)) all.add(other)
    })
  }
  return all
}

/** Whether a label is a code, `FA 3` or `Q`, and not the name of what is in the bottle. */
export const isCode = (label: string): boolean => WHOLE_CODE.test(label) || /^(?:[A-Z]{3,10}\d?|\d)$/.test(label)

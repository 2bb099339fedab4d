import { gasTestNamed } from '../gas/index.ts'
import type { PartOf } from '../record/index.ts'
import { reagentNamed } from '../tube/index.ts'
import { findReagent } from './reagentWords.ts'

type Step = PartOf<'rack'>['samples'][number]['tubes'][number]['steps'][number]

/** What a student typed as done, as the record keeps it. */
export type Action = Pick<Step, 'do' | 'reagent' | 'amount' | 'order'>

/** An action; one with a reagent that is known by nothing but the student's words; or what of the text was not understood. */
export type ReadAction =
  | { readonly kind: 'action'; readonly action: Action }
  | { readonly kind: 'asWritten'; readonly action: Action; readonly says: string }
  | { readonly kind: 'notUnderstood'; readonly says: string }

const ACTS: readonly (readonly [pattern: RegExp, act: Action['do']])[] = [
  [/\bboil/i, 'boil'],
  [/\bwarm|\bheat(?:ed)?\s+(?:gently|carefully)|\bgently\s+heat/i, 'warm'],
  [/\bheat/i, 'heat'],
  [/\b(?:cool|let\s+it\s+cool)/i, 'cool'],
  [/\b(?:stand|stood|left|leave|wait)/i, 'stand'],
  [/\b(?:filter|decant|centrifug)/i, 'filter'],
  [/\b(?:flame|nichrome|platinum\s+wire|bunsen)/i, 'flame'],
  [/\b(?:shak|stir|swirl)/i, 'shake'],
  [/\b(?:smell|waft|sniff)/i, 'smell'],
  [/\b(?:look|appearance|at\s+first)/i, 'look'],
]

const EXCESS = /\b(?:xs|excess|till\s+no\s+(?:further|more)\s+change)\b/i
const DROPS = /\b(?:(\d+|a\s+few|few|one|two|three|some)\s+)?(?:drops?|gtt)\b/i
const VOLUME = /(\d+(?:[.,]\d+)?)\s*(?:cm3|cm³|cm\^3|ml|cc)(?![a-z0-9])/i
const EQUAL = /\b(?:equal|same)\s+vol(?:ume)?/i
const SOLID = /\b(?:spatula|measure|solid|pinch)\b/i
const REVERSED = /\b(?:sample|it|solution)\s+(?:in)?to\b|\breverse/i
/** Patterns of how much was added. */
export const AMOUNT = [EXCESS, DROPS, VOLUME, EQUAL, SOLID] as const
/** Words that say how something is added, not what. */
const HOW =
  /\b(?:add(?:ed)?|more|further|another|again|a|an|few|little|some|of|the|then|same|to|in|into|with|until|till|dropwise|drop\s+by\s+drop|and|mix(?:ed)?|it|observe|watch|note|test|collect|the\s+gas|gas)\b/gi
/** Papers held at the mouth of the tube, not dipped. */
const AT_MOUTH = /\b(?:damp|moist|wet|gas|mouth)\b/i
/** What is held at the mouth of a tube, or led through. */
const HELD = /litmus|splint|lime ?water|paper|\brod\b|smell|waft|cobalt|anhydrous/i

/** What is never anything else, said by itself; anhydrous copper(II) sulfate is also put into a liquid. */
const HELD_ALONE = /splint|lime ?water|paper|\brod\b/i

/** Whether a text is of what is held at the mouth of a tube, rather than put into it. */
export const isAtMouth = (text: string): boolean => HELD.test(text) && gasTestNamed(text) !== undefined

const WATER = 'H2O(l)'

function amountIn(text: string, reagent: string): string {
  if (EXCESS.test(text)) return 'excess'
  const volume = VOLUME.exec(text)?.[1]
  if (volume !== undefined) return `${volume.replace(',', '.')} cm3`
  if (EQUAL.test(text)) return 'equal'
  if (DROPS.test(text)) return 'drops'
  if (reagent === WATER || reagentNamed(reagent)?.special === 'floats') return 'equal'
  if (reagentNamed(reagent)?.element !== undefined) return 'piece'
  return reagentNamed(reagent)?.state === 's' || SOLID.test(text) ? 'solid' : 'drops'
}

const WHICH_LITMUS = 'Which litmus? Red turns blue in ammonia and other alkalis, blue turns red in acids; damp, for a gas.'
const EXAMPLES = '3 drops NaOH, xs, warm with damp red litmus, boil, flame'

/**
 * Reads what was done, as it is typed at the bench: `3 drops NaOH`, `xs`, `warm, damp red litmus`, `2 cm3 conc HCl`.
 *
 * @param last - the reagent of the step before, which `xs` alone goes on with
 */
export function readAction(text: string, last?: string): ReadAction {
  const typed = text.trim()
  const act = ACTS.find(([pattern]) => pattern.test(typed))?.[1]
  const test = isAtMouth(typed) ? gasTestNamed(typed) : undefined
  const paper = /\b(?:red|blue)\s+litmus\b|\buniversal\b|\bpH\s+paper\b/i.exec(typed)
  if (/\blitmus\b/i.test(typed) && !/\b(?:red|blue)\s+litmus\b/i.test(typed)) return { kind: 'notUnderstood', says: WHICH_LITMUS }
  if (act !== undefined) {
    // A reagent beside an act is a test of the gas, held at the mouth.
    return { kind: 'action', action: { do: act, ...(test && act !== 'smell' ? { reagent: testText(typed, test) } : {}) } }
  }
  if (/\bdissolv/i.test(typed)) {
    const named = findReagent(typed)
    return { kind: 'action', action: { do: 'dissolve', ...(named ? { reagent: named.formula } : {}) } }
  }
  if (test && (AT_MOUTH.test(typed) || (!paper && HELD_ALONE.test(typed))))
    return { kind: 'action', action: { do: 'gas', reagent: testText(typed, test) } }
  if (paper) {
    const dipped = /universal|pH/i.test(typed) ? 'universal indicator' : paper[0].toLowerCase().replace(/\s+/g, ' ')
    return { kind: 'action', action: { do: 'add', reagent: dipped } }
  }
  const named = findReagent(typed)
  if (named) {
    const order = REVERSED.test(typed) ? { order: 'sample into reagent' } : {}
    const dry = named.formula.replace(/\(aq\)$/, '(s)')
    const formula = SOLID.test(typed) && reagentNamed(dry) ? dry : named.formula
    return { kind: 'action', action: { do: 'add', reagent: formula, amount: amountIn(typed, formula), ...order } }
  }
  const what = whatIn(typed)
  if (/\p{L}/u.test(what)) return asWritten(typed, what)
  if (AMOUNT.some((pattern) => pattern.test(typed)))
    return last === undefined
      ? { kind: 'notUnderstood', says: 'Of which reagent? Nothing has been added in this tube yet.' }
      : { kind: 'action', action: { do: 'add', reagent: last, amount: amountIn(typed, last) } }
  return { kind: 'notUnderstood', says: `Type what you did, for example ${EXAMPLES}.` }
}

const NOT_WHAT = [...AMOUNT.map(({ source }) => new RegExp(source, 'gi')), HOW]

/** What of a text is left when how much of it was added is taken out. */
const whatIn = (typed: string): string =>
  NOT_WHAT.reduce((text, pattern) => text.replace(pattern, ' '), typed)
    .replace(/[\s,.;:]+/g, ' ')
    .trim()

/** Whether a text says nothing of what was done, beyond how much. */
export const isTrivial = (text: string): boolean => !/\p{L}/u.test(whatIn(text))

/** A reagent that no bottle here has the name of is kept in the student's words. */
function asWritten(typed: string, reagent: string): ReadAction {
  const measured = AMOUNT.some((pattern) => pattern.test(typed))
  return {
    kind: 'asWritten',
    action: measured ? { do: 'add', reagent, amount: amountIn(typed, reagent) } : { do: 'add', reagent: typed },
    says: `“${measured ? reagent : typed}” is no bottle or act known here. It is kept as you wrote it, and tells the board nothing.`,
  }
}

/** Litmus that was not said to be damp is kept as it was said, so that it can be asked about. */
function testText(typed: string, test: string): string {
  return test.startsWith('damp') && !/\b(?:damp|moist|wet)\b/i.test(typed) ? test.replace('damp ', '') : test
}

const AMOUNT_WORDS: Readonly<Record<string, (reagent: string) => string>> = {
  drops: (reagent) => `3 drops ${reagent}`,
  excess: (reagent) => `${reagent} to excess`,
  equal: (reagent) => `equal volume of ${reagent}`,
  solid: (reagent) => `a measure of ${reagent}`,
  piece: (reagent) => `a piece of ${reagent}`,
}

const DONE: Readonly<Record<Action['do'], string>> = {
  look: 'appearance',
  smell: 'smelt, by wafting',
  dissolve: 'dissolved in water',
  add: 'added',
  shake: 'shaken',
  warm: 'warmed gently',
  heat: 'heated',
  boil: 'boiled',
  cool: 'cooled',
  stand: 'left to stand',
  filter: 'filtered',
  flame: 'flame test',
  gas: 'gas test',
}

/** An action as the record shows it: `3 drops NaOH(aq)`, `warmed gently, damp red litmus paper`. */
export function sayAction({ do: act, reagent, amount, order }: Action): string {
  const reversed = order === undefined ? '' : ', sample into reagent'
  if (act === 'add' && reagent !== undefined) {
    const bottle = reagentNamed(reagent)
    if (bottle?.paper) return `${reagent} paper`
    if (!bottle && amount === undefined) return reagent
    const volume = amount?.replace('cm3', 'cm³')
    return `${AMOUNT_WORDS[amount ?? 'drops']?.(reagent) ?? `${volume} ${reagent}`}${reversed}`
  }
  if (act === 'dissolve' && reagent !== undefined) return reagent === WATER ? DONE.dissolve : `dissolved in ${reagent}`
  return reagent === undefined ? DONE[act] : `${act === 'gas' ? '' : `${DONE[act]}, `}${reagent}`
}

import type { StepContext } from './context.ts'
import type { ObservedFact } from './facts.ts'
import { readObservation } from './read.ts'

/** A better way to put something, with where the words stand. */
export interface WordingAdvice {
  readonly code: string
  readonly says: string
  /** What to write instead, where that can be said. */
  readonly instead?: string
  readonly span: readonly [from: number, to: number]
}

interface Rule {
  readonly code: string
  readonly pattern: RegExp
  readonly says: (match: RegExpExecArray) => string
  readonly instead?: (match: RegExpExecArray) => string
  /** Whether it is right where it stands. */
  readonly isRight?: (step: StepContext) => boolean
}

/** Things that are seen: that they are present is no conclusion. */
const SEEN =
  'precipitates?|ppts?|pptn|solids?|residues?|bubbles|droplets|layers?|colou?r|gas|smell|fumes|smoke|crystals|suspension|flame|tinge|ring|condensation|moisture'

/** Ways of putting things that cost marks (common practice of marking). */
const RULES: readonly Rule[] = [
  {
    code: 'wording.nothing',
    pattern: /\bnothing(?:\s+(?:happen(?:ed|s)?|occur(?:red|s)?|seen|observed))?\b|\bno\s+reaction\b/i,
    says: ([words]) => `“${words}” says less than was seen: a reaction could be invisible.`,
    instead: () => 'no visible change',
  },
  {
    code: 'wording.clear',
    pattern:
      /\b(?:turns?|goes|went|turned|became|becomes|gives?|giving)\s+(?:a\s+)?clear\b(?!\s+(?:colou?rless|blue|green|yellow))|^\s*clear(?:\s+(?:solution|soln|liquid))?\s*$/i,
    says: () => 'Clear means that one can see through it; a solution without colour is colourless.',
    // Limewater is clear or milky; a tube clears when its precipitate goes.
    isRight: ({ test, precipitate }) => test === 'limewater' || precipitate === true,
    instead: ([words]) => words.replace(/clear/i, 'colourless'),
  },
  {
    code: 'wording.dissolvesForDecolourised',
    pattern: /\b(?:purple|manganate|permanganate|orange|bromine|colou?r)\s+(?:colou?r\s+)?(?:dissolves?|dissolved)\b/i,
    says: () => 'A solid dissolves; a colour that goes is decolourised.',
    instead: ([words]) => words.replace(/dissolv(?:es|ed|e)/i, 'decolourised'),
  },
  {
    code: 'wording.conclusion',
    pattern:
      /\b(?:ammonia|ammonium|carbon\s+dioxide|co2|hydrogen|oxygen|chlorine|sul(?:ph|f)ur\s+dioxide|so2|hydrogen\s+sul(?:ph|f)ide|h2s|nh3|nitrogen\s+dioxide|no2)\s+(?:gas\s+)?(?:is\s+|was\s+)?(?:evolved|given\s+off|produced|released|formed|present|detected)\b/i,
    says: ([words]) => `“${words}” is a conclusion. Write what the gas did in its test.`,
  },
  {
    code: 'wording.conclusion',
    pattern: new RegExp(
      String.raw`\b(?:(?:contains?|presence\s+of)\s+(?!(?:an?\s+)?(?:\w+\s+)?(?:${SEEN})\b)\w+|(?!(?:${SEEN})\b)\w+(?:\s+ions?)?\s+(?:is|are)\s+present|\w+\s+ions?\s+present|(?:carbonate|sul(?:ph|f)ate|chloride|bromide|iodide|nitrate)\s+present|(?:acidic|basic|alkaline)\s+gas)\b`,
      'i',
    ),
    says: ([words]) => `“${words}” is a conclusion: it belongs under what it means. Write what was seen.`,
  },
  {
    code: 'wording.dryLitmus',
    pattern: /(?<!damp\s)(?<!moist\s)(?<!wet\s)\b(?:red|blue)\s+litmus/i,
    says: () => 'Dry litmus shows nothing of a gas: say that it was damp.',
    // The act said so, or the paper was dipped.
    isRight: ({ do: act, reagent = '' }) => /\b(?:damp|moist|wet)/i.test(reagent) || (act === 'add' && /litmus/.test(reagent)),
    instead: ([words]) => `damp ${words}`,
  },
  {
    code: 'wording.halogenOrHalide',
    pattern: /\b(?:chlorine|bromine|iodine)\s+(?:ions?|salt|precipitate|ppt)\b/i,
    says: () => 'The ion is a halide: chloride, bromide, iodide. Chlorine, bromine and iodine are the elements.',
    instead: ([words]) =>
      words
        .replace(/chlorine/i, 'chloride')
        .replace(/bromine/i, 'bromide')
        .replace(/iodine/i, 'iodide'),
  },
  {
    code: 'wording.ammoniaOrAmmonium',
    pattern: /\bammonia\s+ions?\b|\bammonium\s+gas\b/i,
    says: () => 'Ammonium is the ion, ammonia the gas.',
    instead: ([words]) => (/gas/i.test(words) ? words.replace(/ammonium/i, 'ammonia') : words.replace(/ammonia/i, 'ammonium')),
  },
]

const has = (facts: readonly ObservedFact[], ...kinds: readonly ObservedFact['kind'][]) =>
  facts.some(({ kind }) => kinds.includes(kind))

/** Advice that goes without saying beside another. */
const SAYS_TOO: Readonly<Record<string, string>> = {
  'wording.dissolvesForDecolourised': 'wording.givingMissing',
  'wording.conclusion': 'wording.gasUntested',
}

/**
 * Advice on the wording of an observation: conclusions in place of observations, words that say something else, and what
 * is missing.
 *
 * @param step - where the observation stands, which bears on what should be said
 */
export function adviseWording(text: string, step?: StepContext): readonly WordingAdvice[] {
  if (text.trim() === '') return []
  const ruled = RULES.flatMap(({ code, pattern, says, instead, isRight }): WordingAdvice[] => {
    const match = pattern.exec(text)
    if (!match || (step && isRight?.(step))) return []
    return [
      {
        code,
        says: says(match),
        span: [match.index, match.index + match[0].length],
        ...(instead ? { instead: instead(match) } : {}),
      },
    ]
  })
  const saidAlready = ruled.map(({ code }) => SAYS_TOO[code])
  const all = [...ruled, ...missingFrom(text, step).filter(({ code }) => !saidAlready.includes(code))]
  return all.filter(({ code }, index) => all.findIndex((one) => one.code === code) === index)
}

function missingFrom(text: string, step: StepContext | undefined): readonly WordingAdvice[] {
  const { facts } = readObservation(text, step)
  const plain = facts.map(({ fact }) => fact)
  const advice: WordingAdvice[] = []
  const uncoloured = facts.find(({ fact }) => fact.kind === 'precipitate' && fact.colour === undefined)
  if (uncoloured) advice.push({ code: 'wording.colourMissing', says: 'Which colour is the precipitate?', span: uncoloured.span })
  const effervescence = facts.find(({ fact }) => fact.kind === 'effervescence')
  const tested = step?.test !== undefined || plain.some((fact) => fact.kind === 'not' && fact.of.kind === 'gas')
  if (effervescence && !tested && !has(plain, 'gas', 'smell'))
    advice.push({
      code: 'wording.gasUntested',
      says: 'A gas is known by its test: which was done, and what was seen?',
      span: effervescence.span,
    })
  if (step?.amount === 'excess' && has(plain, 'precipitate') && !has(plain, 'dissolves', 'insoluble'))
    advice.push({
      code: 'wording.solubilityMissing',
      says: 'After excess, say whether the precipitate dissolves or not.',
      span: [0, text.length],
    })
  const dissolves = facts.find(({ fact }) => fact.kind === 'dissolves' && fact.how === 'completely' && fact.giving === undefined)
  if (dissolves)
    advice.push({ code: 'wording.givingMissing', says: 'Which colour is the solution it gives?', span: dissolves.span })
  return advice
}

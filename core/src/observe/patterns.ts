import { COLOUR, colourNamed, ofColour } from './colours.ts'
import type { ObservedFact } from './facts.ts'
import { SOLID_PATTERNS } from './solidPatterns.ts'
import { type Pattern, PPT, pattern, SOLN } from './words.ts'

const EXCESS = '(?:xs|excess)'
const PARTLY = '(?:partly|partially|part|slightly|sparingly|some(?:what)?)'
const SLIGHT = '(?:slight|faint|little|small|trace of(?: a)?|very little|thin|weak|few specks of)'
const HEAVY = '(?:thick|dense|heavy|gelatinous|cloudy|jelly-like|curdy|fine|crystalline|large)'
const REAGENT = '(?:naoh|nh3|nh4oh|ammonia|reagent|alkali|acid|hno3|hcl|dilute\\s+\\w+|conc\\.?\\s+\\w+)(?:\\s*\\(aq\\))?'

const precipitate = (colour: string | undefined, words: string | undefined): ObservedFact => {
  const named = colourNamed(colour)
  return {
    kind: 'precipitate',
    slight: words !== undefined && new RegExp(SLIGHT, 'i').test(words),
    ...(named ? { colour: named } : {}),
  }
}

const UPPER = '(?:upper|top|organic|cyclohexane|hexane)'

const layer = (colour: string | undefined): ObservedFact => {
  const named = colourNamed(colour)
  return { kind: 'layer', ...(named ? { colour: named } : {}) }
}

const dissolving = (text: string, giving: string | undefined): ObservedFact => {
  const named = colourNamed(giving)
  const how = new RegExp(PARTLY, 'i').test(text) ? 'partly' : 'completely'
  return { kind: 'dissolves', how, ...(named ? { giving: named } : {}) }
}

/** The language of observations: words, abbreviations and orders in which students write them (common practice). */
export const PATTERNS: readonly Pattern[] = [
  ...SOLID_PATTERNS,
  // The upper layer is the organic one; what is said of the lower is said of the solution.
  {
    pattern: pattern(
      `(?:(${COLOUR})\\s+)?(?:${UPPER}\\s+)(?:(${COLOUR})\\s+)?layer(?:\\s+(?:is|was|turn\\w*|goes|went|becomes?|became))?(?:\\s+(?:a\\s+)?(${COLOUR}))?|(${COLOUR})\\s+(?:colou?r\\s+)?in\\s+(?:the\\s+)?${UPPER}\\s+layer`,
    ),
    read: (match) => [layer(match[1] ?? match[2] ?? match[3] ?? match[4])],
  },
  {
    pattern: pattern(
      `(?:(${COLOUR})\\s+)?(?:lower|bottom|aqueous|water)\\s+(?:(${COLOUR})\\s+)?layer(?:\\s+(?:is|was|stays?|turn\\w*|goes|went|becomes?|became))?(?:\\s+(?:a\\s+)?(${COLOUR}))?`,
    ),
    read: (match) => ofColour(match[1] ?? match[2] ?? match[3], (to) => ({ kind: 'solution', to })),
  },
  {
    pattern: pattern(`(?:two|2)\\s+(?:(${COLOUR})\\s+)?layers(?:\\s+(?:form(?:ed)?|seen|separate\\w*))?`),
    read: (match) => [layer(match[1])],
  },
  {
    pattern: pattern(`(${COLOUR})\\s+flame|flame\\s+(?:is|was|turn\\w*|goes|went|colou?r(?:ed)?)?\\s*(?:is\\s+)?(${COLOUR})`),
    read: (match) => ofColour(match[1] ?? match[2], (colour) => ({ kind: 'flame', colour })),
  },
  {
    pattern: pattern(
      '(?:smell(?:s|ing|ed|t)?\\s+(?:of|like)\\s+|)(rotten\\s+eggs?|bad\\s+eggs?|vinegar|swimming\\s+pools?|burning\\s+sulphur|burnt\\s+matches)',
    ),
    read: (match) => [{ kind: 'smell', of: (match[1] ?? '').replace(/\s+/g, ' ').toLowerCase() }],
  },
  {
    pattern: pattern('(pungent|choking|sharp|acrid)(?:(?:\\s+(?:smell(?:ing)?|odou?r))+|(?=\\s+gas))'),
    read: (match) => [{ kind: 'smell', of: (match[1] ?? '').toLowerCase() }],
  },
  // What did not happen, before what did.
  {
    pattern: pattern(
      '(?:no\\s+(?:visible\\s+|apparent\\s+|obvious\\s+|observable\\s+)?(?:changes?|reaction|rxn|effect|observation)(?:\\s+(?:seen|observed|occurred|visible))?|nothing(?:\\s+(?:happen(?:ed|s)?|seen|observed|occurs?|occurred|visible))?|n\\.?v\\.?c\\b\\.?|unchanged|(?:stays?|remain(?:s|ed)?)\\s+the\\s+same|no\\s+difference)',
    ),
    read: () => [{ kind: 'noChange' }],
  },
  {
    pattern: pattern(
      `(?:no|without(?:\\s+a)?|not\\s+a)\\s+(?:further\\s+|more\\s+)?(?:${COLOUR}\\s+)?${PPT}(?:\\s+(?:formed|forms|seen|observed|appear(?:s|ed)))?`,
    ),
    read: () => [{ kind: 'noPrecipitate' }],
  },
  {
    pattern: pattern(`(?:did|does)\\s*(?:n[o']t|not)\\s+(?:give\\s+(?:a\\s+)?|form\\s+(?:a\\s+)?|produce\\s+(?:a\\s+)?)${PPT}`),
    read: () => [{ kind: 'noPrecipitate' }],
  },
  {
    pattern: pattern(
      'no\\s+(?:gas|effervescence|bubbles?|bubbling|fizz(?:ing)?)(?:\\s+(?:evolved|given off|seen|produced|observed))?',
    ),
    read: () => [{ kind: 'noGas' }],
  },
  {
    pattern: pattern(
      `(?:(${COLOUR})\\s+)?${PPT}\\s+(?:which\\s+|that\\s+)?(?:then\\s+)?(?:slowly\\s+)?(?:turn\\w*|goes|went|becomes?|became|changes?|changed|darkens?)\\s+(?:colou?r\\s+)?(?:from\\s+${COLOUR}\\s+)?(?:to\\s+)?(?:an?\\s+)?(${COLOUR})(?:\\s+(?:(?:on|after|when)\\s+(?:standing|left)|in\\s+(?:the\\s+)?air|(?:on|at)\\s+(?:the\\s+)?(?:top|surface)))?`,
    ),
    read: (match) => [
      ...(match[1] ? [precipitate(match[1], undefined)] : []),
      ...ofColour(match[2], (to) => ({ kind: 'precipitateTurns', to })),
    ],
  },
  // A precipitate with its colour, before what it does in excess takes the word.
  {
    pattern: pattern(
      `(${SLIGHT}\\s+|${HEAVY}\\s+)?(?:amount\\s+of\\s+)?(${COLOUR})\\s+(${SLIGHT}\\s+|${HEAVY}\\s+)?(?:colou?red\\s+)?${PPT}(?:\\s+(?:is|was|has|been))*(?:\\s+(?:formed|forms?|seen|observed|appear(?:s|ed)|produced|given|obtained))?`,
    ),
    read: (match) => [precipitate(match[2], `${match[1] ?? ''}${match[3] ?? ''}`)],
  },
  {
    pattern: pattern(
      `${PPT}\\s+(?:(?:is\\s+|was\\s+)?(?:formed|forms)\\s+)?(?:which\\s+|that\\s+)?(?:is|was)\\s+(?:an?\\s+)?(${COLOUR})`,
    ),
    read: (match) => [precipitate(match[1], undefined)],
  },
  {
    pattern: pattern(
      `(?:${PPT}\\s+)?(?:which\\s+)?(?:then\\s+)?(?:slowly\\s+)?(?:turn\\w*|goes|went|darkens?(?:\\s+to)?|becom\\w+)\\s+(${COLOUR})\\s+(?:(?:on|after|when)\\s+(?:standing|left|shaking)|in\\s+(?:the\\s+)?air|(?:on|at)\\s+(?:the\\s+)?(?:top|surface))`,
    ),
    read: (match) => ofColour(match[1], (to) => ({ kind: 'precipitateTurns', to })),
  },
  // Whether a precipitate goes in excess.
  {
    pattern: pattern(`${PPT}\\s+(?:then\\s+)?(?:disappear(?:s|ed)?|goes\\s+away|cleared|vanish(?:es|ed)?)`),
    read: () => [{ kind: 'dissolves', how: 'completely' }],
  },
  {
    pattern: pattern(
      `(?:${PPT}\\s+)?(?:(?:is|was|remain(?:s|ed)|which\\s+is|which\\s+was)\\s+)?(?:insol(?:uble)?\\.?|not\\s+sol(?:uble)?\\.?|un-?dissolved)(?:\\s+in\\s+(?:an?\\s+)?${EXCESS}(?:\\s+${REAGENT})?)?`,
    ),
    read: () => [{ kind: 'insoluble' }],
  },
  {
    pattern: pattern(
      `(?:${PPT}\\s+)?(?:did|does|do)\\s*(?:n[o']t|not)\\s+(?:re-?)?dissolve(?:\\s+in\\s+${EXCESS}(?:\\s+${REAGENT})?)?`,
    ),
    read: () => [{ kind: 'insoluble' }],
  },
  {
    pattern: pattern(
      `${PPT}\\s+(?:still\\s+(?:there|present)|remain(?:s|ed)?|stay(?:s|ed)?|persist(?:s|ed)?)(?:\\s+in\\s+${EXCESS})?`,
    ),
    read: () => [{ kind: 'insoluble' }],
  },
  {
    pattern: pattern(
      `(?:${PPT}\\s+)?(?:(?:is|was|which\\s+is|which|it|then)\\s+)?(?:(?:completely|fully|readily|all|just|${PARTLY})\\s+)?(?:(?:re-?)?dissol(?:ves?|ved|ving)|sol(?:uble)?\\.?(?!utio|n\\b))(?:\\s+(?:completely|fully|${PARTLY}))?(?:\\s+(?:in|with|on\\s+adding)\\s+(?:an?\\s+)?(?:${EXCESS}(?:\\s+${REAGENT})?|${REAGENT}))?(?:\\s*,?\\s*(?:to\\s+)?(?:giv(?:e|es|ing)|form(?:s|ing)?|leav(?:es|ing)|produc(?:es|ing)|mak(?:es|ing))\\s+(?:an?\\s+)?(?:clear\\s+)?(${COLOUR})(?:\\s+${SOLN})?)?`,
    ),
    read: (match) => [dissolving(match[0], match[1])],
  },
  // Precipitates.
  {
    pattern: pattern(
      `(${SLIGHT}\\s+|${HEAVY}\\s+)?(?:amount\\s+of\\s+)?(?:(${COLOUR})\\s+)?(${SLIGHT}\\s+|${HEAVY}\\s+)?(?:(${COLOUR})\\s+)?${PPT}(?:\\s+(?:is|was|has|be(?:en)?|which\\s+is))?(?:\\s+(?:formed|forms?|seen|observed|appear(?:s|ed)|produced|given|obtained|settles))?(?:\\s+(?:is|was|which\\s+was)?\\s*(${COLOUR})(?=\\s*(?:$|[,.;])))?`,
    ),
    read: (match) => [precipitate(match[2] ?? match[4] ?? match[5], `${match[1] ?? ''}${match[3] ?? ''}`)],
  },
  {
    pattern: pattern(
      `(?:turn\\w*|goes|went|becomes?|became)\\s+(slightly\\s+)?(?:(${COLOUR})\\s+(?:and\\s+)?)?(?:cloudy|milky|opaque|turbid)`,
    ),
    read: (match) => {
      const colour = colourNamed(match[2]) ?? (/milky/i.test(match[0]) ? 'white' : undefined)
      return [{ kind: 'precipitate', slight: match[1] !== undefined, ...(colour ? { colour } : {}) }]
    },
  },
  // Gas without its test.
  {
    pattern: pattern(
      '(?:effervesc\\w*|fizz\\w*|bubbl(?:es|ed|ing|e)|gas\\s+(?:is\\s+|was\\s+)?(?:evolved|given\\s+off|produced|released|comes?\\s+off))',
    ),
    read: () => [{ kind: 'effervescence' }],
  },
  // Colours of solutions.
  {
    pattern: pattern(
      `${COLOUR}\\s+(?:${SOLN}\\s+|colou?r\\s+)?(?:turn\\w*\\s+|goes\\s+|went\\s+|chang\\w*\\s+|becomes?\\s+)?(?:to|>|->|into)\\s*(?:an?\\s+)?(${COLOUR})(?:\\s+${SOLN})?`,
    ),
    read: (match) => ofColour(match[1], (to) => ({ kind: 'solution', to })),
  },
  {
    pattern: pattern(
      `(?:${COLOUR}|colou?r)?\\s*(?:colou?r\\s+)?(?:is\\s+|was\\s+)?(?:decolou?ri[sz]e[sd]?|disappear(?:s|ed)|fades|faded)`,
    ),
    read: () => [{ kind: 'decolourised' }],
  },
  {
    pattern: pattern(
      `(?:${SOLN}\\s+)?(?:turn\\w*|goes|went|becomes?|became|chang\\w*)\\s+(?:colou?r\\s+)?(?:from\\s+${COLOUR}\\s+)?(?:to\\s+)?(?:an?\\s+)?(${COLOUR})(?:\\s+${SOLN})?`,
    ),
    read: (match) => ofColour(match[1], (to) => ({ kind: 'solution', to })),
  },
  {
    pattern: pattern(`(${COLOUR})\\s+(?:clear\\s+)?(?:${SOLN}|colou?r(?:ation)?)(?:\\s+(?:formed|forms|seen|results?))?`),
    read: (match) => ofColour(match[1], (to) => ({ kind: 'solution', to })),
  },
  {
    pattern: pattern(`${SOLN}\\s+(?:is|was|stays?|remain(?:s|ed)?)\\s+(${COLOUR})`),
    read: (match) => ofColour(match[1], (to) => ({ kind: 'solution', to })),
  },
]

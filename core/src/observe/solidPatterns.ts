import { COLOUR, colourNamed, ofColour } from './colours.ts'
import type { ObservedFact } from './facts.ts'
import { type Pattern, PPT, pattern } from './words.ts'

const turns = (colour: string | undefined, when: 'hot' | 'cold'): readonly ObservedFact[] => {
  const to = colourNamed(colour)
  return to ? [{ kind: 'solidTurns', to, when }] : []
}

const HOT = '(?:when|while|whilst|on\\s+being)?\\s*(?:it\\s+is\\s+)?hot\\b'
const COLD = '(?:when|on|after|while)?\\s*(?:it\\s+is\\s+)?(?:cold|cool\\w*)'
const BECOMES = '(?:turn\\w*|goes|went|becomes?|became|is|was|stays?)'

/** Dry solids, what heating does to them, and tests of what comes off then. Before colours are looked for. */
export const SOLID_PATTERNS: readonly Pattern[] = [
  {
    pattern: pattern(
      `(?:${PPT}\\s+|residue\\s+)?(?:${BECOMES}\\s+)?(?:from\\s+${COLOUR}\\s+to\\s+)?(${COLOUR})\\s+${HOT}(?:\\s*(?:,|;|and|then|but)*\\s*(?:${BECOMES}\\s+)?(?:back\\s+)?(?:to\\s+)?(${COLOUR})(?:\\s+again)?\\s+${COLD})?`,
    ),
    read: (match) => [...turns(match[1], 'hot'), ...turns(match[2], 'cold')],
  },
  {
    pattern: pattern(
      `(?:${PPT}\\s+|residue\\s+)?(?:${BECOMES}\\s+)?(?:from\\s+${COLOUR}\\s+)?(?:back\\s+)?(?:to\\s+)?(${COLOUR})(?:\\s+again)?\\s+(?:when|on|after)\\s+(?:cold|cool\\w*)`,
    ),
    read: (match) => turns(match[1], 'cold'),
  },
  {
    pattern: pattern(
      `(?:sublim\\w*(?:\\s+(?:to|as|giving)\\s+(?:an?\\s+)?${COLOUR}\\s+(?:solid|deposit))?|(?:${COLOUR}\\s+)?(?:solid|deposit|ring|coating|sublimate|crystals)\\s+(?:form\\w*|appear\\w*|collect\\w*|seen|condens\\w*)?\\s*(?:on|at|near|in|high(?:er)?\\s+up)\\s+(?:on\\s+)?(?:the\\s+)?(?:cool\\w*|cold|top|upper|sides?|walls?)(?:\\s+(?:part|parts|end|half|side|sides))?(?:\\s+of\\s+the\\s+(?:test\\s+)?tube)?)`,
    ),
    read: () => [{ kind: 'sublimes' }],
  },
  { pattern: pattern('(?:solid\\s+)?melt(?:s|ed|ing)?\\b'), read: () => [{ kind: 'melts' }] },
  {
    pattern: pattern(
      `(?:colou?rless\\s+)?(?:droplets(?:\\s+of\\s+(?:an?\\s+)?(?:${COLOUR}\\s+)?(?:liquid|water|moisture))?|drops\\s+of\\s+(?:a\\s+)?(?:colou?rless\\s+)?(?:liquid|water|moisture)|condensation|moisture|steam)(?:\\s+(?:form\\w*|appear\\w*|seen|condens\\w*|collect\\w*))?(?:\\s+(?:on|at|near|in|high)\\s+(?:up\\s+)?(?:on\\s+)?(?:the\\s+)?(?:in\\s+the\\s+)?(?:cool\\w*|cold|top|upper|sides?|walls?|mouth|tube)(?:\\s+part)?(?:\\s+of\\s+the\\s+(?:test\\s+)?tube)?)?`,
    ),
    read: () => [{ kind: 'droplets' }],
  },
  { pattern: pattern(`(${COLOUR})\\s+ring\\b`), read: (match) => ofColour(match[1], (colour) => ({ kind: 'ring', colour })) },
  {
    pattern: pattern(
      `(?:(?:momentary|brief|temporary|transient)\\s+(?:(${COLOUR})\\s+)?${PPT}|(?:(${COLOUR})\\s+)?${PPT}\\s+(?:where\\s+the\\s+drops?\\s+(?:fell|falls?|enters?)\\s*)?(?:form\\w*\\s*)?(?:,|which|that|but|and|then|\\s)*\\s*(?:is\\s+|was\\s+)?(?:gone|disappear\\w*|vanish\\w*|(?:re-?)?dissolv\\w*|clear\\w*)\\s+(?:again\\s+)?(?:on|when|with|after)\\s+(?:being\\s+)?(?:shaking|shaken|stirring|stirred|swirling|swirled))`,
    ),
    read: (match) => {
      const colour = colourNamed(match[1] ?? match[2])
      return [{ kind: 'transient', ...(colour ? { colour } : {}) }]
    },
  },
  {
    pattern: pattern(`(${COLOUR})\\s+(?:crystal\\w*|powder|lumps?|granules|pellets)(?:\\s+solid)?`),
    read: (match) => ofColour(match[1], (colour) => ({ kind: 'solid', colour })),
  },
  {
    pattern: pattern(
      '(?:(?:tube|mixture|it|sol(?:utio)?n)\\s+)?(?:gets?|got|becomes?|became|feels?|felt|turns?|turned)\\s+(?:very\\s+|quite\\s+)?(?:hot|warm)(?:er)?\\b|\\bheat\\s+(?:is\\s+|was\\s+)?(?:given\\s+out|given\\s+off|evolved|produced)|\\btemperature\\s+(?:rises?|rose)',
    ),
    read: () => [{ kind: 'warmsUp' }],
  },
  {
    pattern: pattern(
      `(?:burn[ts]?|burned|catches\\s+fire|caught\\s+fire|ignit\\w*)(?:\\s+with\\s+(?:an?\\s+)?(?:\\w+\\s+)?(?:(?:${COLOUR})\\s+)?(?:smoky\\s+|sooty\\s+)?(?:${COLOUR}\\s+)?flame|\\s+easily|\\s+readily|(?=\\s*(?:$|[,.;])))`,
    ),
    read: () => [{ kind: 'burns' }],
  },
]

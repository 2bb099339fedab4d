import { NUMBER, numberOf } from '../numbers.ts'
import { always, counted, type Rule } from './rule.ts'

const OF = String.raw`(?:\s+of)?`
const CM3 = String.raw`(?:cm3|cm\^3|ml|cc|cubic\s+centimetres?|mls)(?![a-z0-9])`
const SMALL = String.raw`(?:a\s+)?(?:very\s+)?(?:small|tiny)\s+`

/** How much, and what stands in for it (common practice). */
export const AMOUNTS: readonly Rule[] = [
  [
    String.raw`(?:use|using|with|from)\s+an?\s+(?:clean\s+|dry\s+|teat\s+|dropping\s+)?(?:spatula|dropper|pipette)(?:\s+to)?`,
    'idle',
    always(''),
  ],
  // A wire that is cleaned in acid: no act on the sample.
  [
    String.raw`(?:rinse|clean|dip|wash|put)(?:ed|d|p?ed)?\s+(?:a|the|my)?\s*(?:flame\s+test\s+|nichrome\s+|platinum\s+)?(?:wire|loop)\s+(?:in|with)\s+(?:some\s+)?(?:conc(?:\.|entrated)?\s+|dil(?:\.|ute)?\s+)?(?:hydrochloric\s+acid|hydrochloric|hcl|acid)(?![a-z])`,
    'idle',
    always(''),
  ],
  // "Heat, gently then strongly".
  [String.raw`heat(?:ed)?\s*,\s*gently`, 'act', always('warm')],
  // "Gently, then strongly".
  [String.raw`(?<=then\s)(?:more\s+)?strongly`, 'act', always('heat')],
  ['bit\\s+by\\s+bit|(?:a\\s+)?little\\s+(?:by\\s+little|at\\s+a\\s+time)', 'how', always('slowly')],
  ['lead\\s+(?:the|it|any)', 'idle', always('')],
  // How much.
  [
    String.raw`(?:until|till|til)\s+(?:the\s+)?(?:efferv\w*|fizz\w*|bubbl\w*)\s+(?:stops?|ceases?|has\s+stopped|stopped)|(?:until|till|til)\s+no\s+(?:further|more)\s+(?:change|precipitate|ppt|solid|effervescence|reaction)\s+(?:is|was)\s+(?:seen|observed|formed|produced)`,
    'amount',
    always('excess'),
  ],
  [
    String.raw`(?:until|till|til|'til)\s+(?:there\s+(?:is|was)\s+)?(?:no\s+(?:further|more|furthr)?\s*(?:change|reaction|ppt|precipitate)(?:\s+(?:forms|formed|occurs))?|nothing\s+(?:else|more)\s+happen(?:s|ed)|(?:it\s+(?:is|was)\s+)?(?:in\s+)?(?:xs|excess|exess))`,
    'amount',
    always('excess'),
  ],
  [
    String.raw`(?:until|till|til)\s+(?:the\s+)?(?:precipitate|ppt|solid|mixture|it)\s+(?:no\s+longer\s+changes|stops\s+changing|does\s+not\s+change)`,
    'amount',
    always('excess'),
  ],
  [String.raw`(?:(?:to|in|an|with)\s+)?(?:xs|excess|exess|exces|excesss)\b${OF}`, 'amount', always('excess')],
  [
    String.raw`(?:loads|lots)(?:\s+more|\s+of)?|plenty${OF}|a\s+lot(?:\s+more|\s+of)?|much\s+more|far\s+more`,
    'amount',
    always('excess'),
  ],
  [String.raw`(?:up\s+)?to\s+${NUMBER}\s*${CM3}(?!\s+of)`, 'amount', (match) => `to ${numberOf(match[1])} cm3`],
  [
    String.raw`(?:about\s+|approx\.?\s+|bout\s+)?(?:a\s+)?${NUMBER}\s*(?:a\s+)?${CM3}${OF}`,
    'amount',
    (match) => `${numberOf(match[1])} cm3`,
  ],
  [
    String.raw`(?:an?\s+)?(?:about\s+)?(?:a\s+)?${NUMBER}\s*cm\s*(?:depth|deep|layer)${OF}`,
    'amount',
    (match) => `${numberOf(match[1])} cm depth`,
  ],
  [
    String.raw`(?:a\s+)?drop\s+at\s+a\s+time|drop\s*(?:by|-by-|-)\s*drop|drop\s?-?\s?wise|dropwize|d\/w`,
    'how',
    always('dropwise'),
  ],
  [
    String.raw`${NUMBER}\s*(?:or\s+(?:two|three|four|\d)\s*)?(?:more\s+)?(?:(?:drops?|drps?|gtt|drosp)\b|dr\b\.?)${OF}`,
    'amount',
    (match) => `${numberOf(match[1])} drops`,
  ],
  [
    String.raw`(?:a\s+)?(?:few|some|several|couple(?:\s+of)?)?\s*(?:more\s+)?(?:drops|drps|drosp)\b${OF}`,
    'amount',
    always('drops'),
  ],
  [String.raw`(?:a|one|1|another)\s+(?:single\s+)?(?:more\s+)?drop\b${OF}`, 'amount', always('1 drops')],
  [
    String.raw`(?:an?\s+)?(?:equal|same|=|similar)\s*(?:vol(?:ume)?s?\.?|amount|amnt|amunt|amout|quantity)${OF}|as\s+much|equal\s+(?:parts|quantities)(?:\s+of)?`,
    'amount',
    always('equal'),
  ],
  [
    String.raw`${NUMBER}\s*(?:spatulas?|measures?|spatula\s+(?:measures|tips|loads))${OF}`,
    'amount',
    counted('measures', 'solid'),
  ],
  [
    String.raw`(?:a\s+)?(?:half\s+a?\s*)?(?:spatula(?:\s*(?:-|\s)?(?:measure|tip|end|full|load|ful))?s?|measure|pinch|spatulaful|heap(?:ed)?\s+spatula)\b${OF}|(?:on\s+)?the\s+(?:end|tip)\s+of\s+a\s+spatula`,
    'amount',
    always('solid'),
  ],
  [String.raw`${NUMBER}\s*(?:squeezes|squirts|pipettefuls|pipettes|pipetfuls)${OF}`, 'amount', counted('squeezes', 'squeeze')],
  [
    String.raw`(?:a\s+)?(?:(?:squeeze|squirt)(?!\s+(?:in|into)\b)|pipette(?:\s?-?ful{1,2}|(?=\s+of))|dropper(?:\s?-?ful{1,2}))\b${OF}`,
    'amount',
    always('squeeze'),
  ],
  [
    String.raw`(?:just\s+)?(?:a\s+)?(?:little|tiny\s+bit|wee\s+bit|bit|abit|splash|dash)(?:\s+(?:bit|more))?${OF}|${SMALL}(?:amount|quantity|volume|portion)${OF}`,
    'amount',
    always('little'),
  ],
  [String.raw`(?:a\s+)?(?:small\s+)?(?:strip|piece|bit|lump|coil|length|chip|granule|scrap)s?\s+of`, 'idle', always('')],
  // "Until the solution is just acidic".
  [
    String.raw`(?:until|till|til)\s+(?:the|it|there)\s+(?!is\s+(?:no|in)\b|was\s+no\b)[^,.;]*?(?=\s*(?:$|[,.;]|\bthen\b|\band\b))`,
    'idle',
    always(''),
  ],
]

import { always, type Rule } from './rule.ts'

/** Which tube it is done in, what is poured where, and where one act ends (common practice). */
export const JOINTS: readonly Rule[] = [
  [String.raw`(?:in|into|to)\s+another\s+(?:test[\s-]?)?tube`, 'place', always('fresh')],
  [
    String.raw`(?:(?:to|into|in|onto|on|take|using|with|of)\s+)?(?:a|another|the|one)?\s*(?:fresh|new|clean|separate|second|different|unused)\s+(?:\d+\s*cm3?\s+)?(?:portion|sample|tube|test\s+tube|lot|bit|amount|solution)s?(?:\s+of\s+(?:the\s+)?(?:sample|solution|original|it))?`,
    'place',
    always('fresh'),
  ],
  [
    String.raw`(?:to|into|from|with|of|on)\s+(?:the\s+)?(?:filtrate|supernatant|liquid\s+(?:above|on\s+top))|(?:the\s+)?filtrate`,
    'place',
    always('filtrate'),
  ],
  [
    String.raw`(?:to|into|from|with|of|on)\s+(?:the\s+)?(?:washed\s+)?residue|(?:the\s+)?(?:washed\s+)?residue`,
    'place',
    always('residue'),
  ],
  // Joints.
  [
    String.raw`;|\.(?=\s|$)|,|&|(?<=\s)\/(?=\s)|\+(?!\+)|>|followed\s+(?:by|with)|and\s+then|after\s+that|afterwards?|before\s+adding|next|then|thn|plus|and\b|n(?=\s)|until|till`,
    'join',
    (match) => (/then|thn|follow|after|before|next|>/i.test(match[0]) ? 'then' : match[0].toLowerCase()),
  ],
  [String.raw`after\b(?!\s+(?:that|each|shaking|standing))|(?:in|on)?to\b|in\b|on\b|onto\b`, 'to', always('')],
  [String.raw`(?:with|w\/|w|using|by\s+adding)(?=\s)`, 'with', always('')],
  [
    String.raw`(?:through|thru|test(?:ed|ing)?\s+(?:the\s+|any\s+)?gas|gas(?:es)?(?:\s+(?:given\s+off|evolved|produced|through|into|test))?|bubbl(?:e|ed|ing)|(?:at|over|in|near|to)\s+(?:the\s+)?(?:mouth|top)(?:\s+of\s+(?:the\s+)?(?:test\s+)?tube)?|vapours?|fumes|held|hold|over(?:\s+(?:it|(?:the\s+)?(?:test\s+)?tube))?|pass(?:ed)?)\b`,
    'gas',
    always(''),
  ],
  [
    String.raw`(?:dil(?:ute)?\.?\s+|conc(?:\.|entrated)?\s+)?acid(?![a-z])|(?:dil(?:ute)?\.?\s+)?(?:alkali(?![a-z])|alkaline\s+solution(?=\s*$))`,
    'vague',
    (match) => match[0],
  ],
]

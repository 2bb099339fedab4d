import { NUMBER } from '../numbers.ts'
import { always, type Rule } from './rule.ts'

/** How it is done (common practice). */
export const MANNER: readonly Rule[] = [
  [
    String.raw`(?:with|while|w\/|w|whilst)\s+(?:constant(?:ly)?\s+|gentle\s+|vigorous\s+|thorough\s+|continuous\s+)?(?:shaking|stirring|swirling|agitation|mixing)(?:\s+(?:well|gently|all\s+the\s+time|constantly))?|(?:shaking|stirring|swirling)\s+(?:all\s+the\s+time|well|constantly|gently|after\s+each(?:\s+(?:drop|addition))?|continuously)|,\s*(?:shaking|stirring|swirling)(?=\s*(?:$|[,.;]))`,
    'how',
    always('shaking'),
  ],
  [
    String.raw`(?:without|no|not)\s+(?:shaking|stirring|swirling|mixing|shaken)|do\s+not\s+shake|don'?t\s+shake`,
    'how',
    always('without shaking'),
  ],
  [String.raw`without\s+adding\s+(?:anything|any\s+more|more)(?:\s+else)?`, 'idle', always('')],
  ['slowly|gradually', 'how', always('slowly')],
  [String.raw`carefully|cautiously|with\s+care|careful`, 'how', always('carefully')],
  [
    String.raw`(?:poured\s+|run\s+)?down\s+(?:the\s+)?(?:in)?(?:side|wall)s?(?:\s+of\s+(?:the|a)\s+(?:test\s+)?tube)?(?:\s+held\s+at\s+an\s+angle)?`,
    'how',
    always('down the side'),
  ],
  ['strong(?:ly|ley)|gently|vigorously|well|hard|thoroughly|briefly', 'idle', always('')],
  [
    String.raw`(?:for\s+)?(?:about\s+|around\s+)?(?:an?\s+)?${NUMBER}?\s*(?:min(?:ute)?s?|sec(?:ond)?s?|hours?|hrs?)\b|overnight|overnite|for\s+a\s+(?:while|bit|moment)|a\s+while`,
    'idle',
    always(''),
  ],
]

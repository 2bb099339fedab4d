/** What is done, by the words for it (common practice in task sheets of papers, workbooks and manuals). */
export type Deed =
  | 'weigh'
  | 'fill'
  | 'portion'
  | 'add'
  | 'make up'
  | 'titrate'
  | 'dissolve'
  | 'transfer'
  | 'heat'
  | 'cool'
  | 'boil'
  | 'stir'
  | 'rinse'
  | 'filter'
  | 'wait'
  | 'repeat'
  | 'record'
  | 'time'
  | 'plot'
  | 'label'
  | 'set up'
  | 'spot'
  | 'test'
  | 'use'

const DEEDS: readonly (readonly [deed: Deed, pattern: RegExp])[] = [
  ['titrate', /\b(?:titrat(?:e[sd]?|ing)|titrations?|run(?:ning)? in|ran in|run (?:it )?(?:from|into)|end[- ]?points?)\b/i],
  [
    'make up',
    /\b(?:ma(?:k|d)(?:e|ing) (?:it |the (?:solution|liquid|volume|contents|flask) |this |them )?up\b|dilut(?:e|ed|ing)\b|to the (?:graduation |calibration )?mark\b|to volume\b|bring (?:it |the volume )?to|top(?:ped)? up)/i,
  ],
  ['weigh', /\b(?:re-?)?weigh(?:s|ed|ing|ings)?\b|\bfind (?:its|the|their)(?: new)? mass|\btare\b/i],
  ['fill', /\b(?:re)?fill(?:ed|ing)?\b|\bcharge[ds]?\b|\bload\b/i],
  ['portion', /\bpipett?(?:e|es|ed|ing)?\b|\bmeasur(?:e|ed|ing)\b|\btake\b|\btaken\b|\bdraw off\b|\bwithdraw\b/i],
  ['transfer', /\b(?:transfer(?:red|ring)?|pour(?:ed|ing)?|tip(?:ped)?|wash(?:ed)?|decant|empty)\b/i],
  ['dissolve', /\bdissolv(?:e|ed|es|ing)\b|\bsuspend\b/i],
  ['add', /\b(?:add(?:ed|ing|s)?|put|place[ds]?|drop in|mix(?:ed)?|introduce[ds]?|scatter)\b/i],
  ['heat', /\b(?:re-?)?(?:heat(?:ed|ing|s)?(?!-)|ignite|roast)\b/i],
  ['boil', /\b(?:boil(?:ed|ing)?|simmer|warm(?:ed|ing)?|reflux)\b/i],
  ['cool', /\bcool(?:ed|ing)?\b|\bdesiccator\b/i],
  ['stir', /\b(?:stir(?:red|ring)?|swirl(?:ed|ing)?|shak(?:e|en|ing)|invert|crush(?:ed)?|grind|agitate)\b/i],
  ['rinse', /\brins(?:e|ed|ing|ings)\b|\bclean\b/i],
  ['filter', /\bfilter(?:ed|ing)?\b|\bdecant\b/i],
  ['wait', /\b(?:leave|stand|settle|wait|allow|let|until no more|until all|dry|dried)\b/i],
  [
    'repeat',
    /\b(?:repeat(?:ed|ing|s)?|again|concordan(?:t|ce)|agree|as many times|further (?:accurate )?titrations?|trials?|runs?|do this|times)\b/i,
  ],
  ['record', /\b(?:record|note|write down|read|readings?|tabulate|table|results?)\b/i],
  ['time', /\b(?:tim(?:er|ing|e[ds]?)|stop[- ]?(?:watch|clock)|clock)\b/i],
  ['plot', /\b(?:plot|draw|graph|sketch|extrapolate|curve|axes|axis|tangent)\b/i],
  ['label', /\b(?:call|label|mark|name)\b/i],
  [
    'set up',
    /\b(?:set up|assemble|support|clamp|fit|connect|stopper|bung|close|insert|attach|light|put on|wear|switch|prepare|arrange|wrap|cover|replace|return|collect|obtain|choose|select|check|make sure|ensure|hold|keep|remove|lower|raise|turn|open)\b/i,
  ],
  ['spot', /\b(?:spot(?:s|ted)?|dip|pencil|solvent front|chromatogra\w+|ninhydrin|develop(?:ed)?)\b/i],
  ['test', /\b(?:tests?|observ(?:e|ations?)|carry out|perform|flame)\b/i],
  ['use', /\b(?:us(?:e|ed|ing)|follow|work|do|go on|continue|carry on)\b/i],
]

/** What some words say is done, in the order of the table. */
export function deedsIn(text: string): ReadonlySet<Deed> {
  return new Set(DEEDS.filter(([, pattern]) => pattern.test(text)).map(([deed]) => deed))
}

/** Verbs that a clause can begin with, as a sheet orders: what follows "and" or a comma is then a clause of its own. */
const ORDERS =
  'add|allow|boil|bring|call|carefully|carry|charge|close|collect|continue|cool|crush|dilute|dissolve|draw|drop|dry|empty|fill|filter|find|fit|go|heat|hold|invert|label|leave|let|make|mark|measure|mix|note|pipet|pipette|place|plot|pour|put|read|record|refill|reheat|repeat|replace|reweigh|re-weigh|rinse|run|shake|simmer|stand|start|stir|stopper|swirl|take|test|tip|titrate|top|transfer|use|wait|warm|wash|weigh|write'
const CUTS = new RegExp(
  `(?:[,;]\\s*(?:and\\s+)?(?:then\\s+|now\\s+|next\\s+)?|\\b(?:and|then)\\s+(?:then\\s+|now\\s+)?)(?=(?:(?:carefully|gently|slowly|quickly|at once|immediately|accurately|finally)\\s+)?(?:${ORDERS})\\b)|;\\s+|:\\s+(?=\\w)`,
  'gi',
)

const BEGINS = new RegExp(
  `^(?:(?:then|now|next|carefully|gently|slowly|accurately|finally),? )?(?:${ORDERS}|do|set|clean|keep|insert|lower|cover|connect)\\b`,
  'i',
)

/** Whether a sentence begins with an order, "Add …", and does not only tell of something that happens. */
export const isOrdered = (text: string): boolean => BEGINS.test(text)

/** Where the clauses of a sentence begin, from 0. */
export function clauseStarts(text: string): readonly number[] {
  return [0, ...[...text.matchAll(CUTS)].map((match) => match.index + match[0].length).filter((at) => at < text.length)]
}

import { always, DAMP, type Rule } from './rule.ts'

/** A rod with a drop of something, in either order. */
const rodWith = (name: string) =>
  String.raw`(?:glass\s+)?rod\s+(?:(?:dipped\s+in|with|of|wetted\s+with)\s+)?(?:a\s+drop\s+of\s+)?${name}|${name}\s+(?:on\s+(?:an?\s+|the\s+)?)?(?:glass\s+)?rod\b`

const MANGANATE = String.raw`(?:potassium\s+)?(?:manganate(?:\s*\(vii\))?|permanganate|kmno4)`

/** What is held at the mouth of a tube or dipped (common practice). */
export const HELD: readonly Rule[] = [
  [
    String.raw`(?:(?:test(?:ed)?\s+for\s+)(?:hydrogen|h2)|hydrogen\s+test|(?:squeaky\s+)?pop\s+test|(?:light|ignite)(?:ed|d)?\s+the\s+gas)\b`,
    'test',
    always('lighted splint'),
  ],
  [String.raw`(?:test(?:ed)?\s+for\s+)(?:oxygen|o2)\b|oxygen\s+test`, 'test', always('glowing splint')],
  [String.raw`(?:test(?:ed)?\s+for\s+)(?:carbon\s+dioxide|co2)\b|(?:carbon\s+dioxide|co2)\s+test`, 'test', always('limewater')],
  [String.raw`(?:test(?:ed)?\s+for\s+)ammonia\s+gas|ammonia\s+test`, 'test', always('damp red litmus paper')],
  [
    String.raw`(?:red\s+litm[ui]s(?:\s+paper)?|litm[ui]s(?:\s+paper)?\s*[,(]?\s*red\)?)\s*[,(]\s*(?:damp|moist|wet)\)?`,
    'test',
    always('damp red litmus paper'),
  ],
  [
    String.raw`(?:blue\s+litm[ui]s(?:\s+paper)?|litm[ui]s(?:\s+paper)?\s*[,(]?\s*blue\)?)\s*[,(]\s*(?:damp|moist|wet)\)?`,
    'test',
    always('damp blue litmus paper'),
  ],
  [String.raw`${DAMP}litm[ui]s(?:\s+paper)?\s*[,(]?\s*red\)?`, 'test', always('damp red litmus paper')],
  [String.raw`${DAMP}litm[ui]s(?:\s+paper)?\s*[,(]?\s*blue\)?`, 'test', always('damp blue litmus paper')],
  [String.raw`litm[ui]s(?:\s+paper)?\s*[,(]?\s*red\)?`, 'reagent', always('red litmus')],
  [String.raw`litm[ui]s(?:\s+paper)?\s*[,(]?\s*blue\)?`, 'reagent', always('blue litmus')],
  [
    String.raw`lime\s*water\s+test|test(?:ed)?\s+(?:it\s+|the\s+gas\s+)?(?:with|w\/|using|in)\s+lime\s*water`,
    'test',
    always('limewater'),
  ],
  [String.raw`${DAMP}red\s+litm[ui]s(?:\s+(?:paper|ppr|pappr))?`, 'test', always('damp red litmus paper')],
  [String.raw`${DAMP}blue\s+litm[ui]s(?:\s+(?:paper|ppr|pappr))?`, 'test', always('damp blue litmus paper')],
  [
    String.raw`(?:light(?:ed)?\s+(?:it\s+)?with\s+an?\s+|(?:lit|lite|lighted|burning|flaming|lightd|a\s+light)\s+)(?:splint|spill|match)(?:\s+test)?`,
    'test',
    always('lighted splint'),
  ],
  [String.raw`glow(?:ing|in)?\s+(?:splint|spill)(?:\s+test)?`, 'test', always('glowing splint')],
  [
    String.raw`lead(?:\s*\(ii\))?\s+(?:ethanoate|acetate|nitrate)\s+paper|lead\s+paper`,
    'test',
    always('lead(II) ethanoate paper'),
  ],
  [
    String.raw`(?:acidified\s+)?${MANGANATE}\s+paper|(?:(?:filter\s+)?paper\s+)?(?:soaked|dipped|moistened|wetted)\s+(?:in|with)\s+(?:acidified\s+)?${MANGANATE}|filter\s+paper\s+(?:with|w\/|w|in)\s*(?:acidified\s+)?${MANGANATE}`,
    'test',
    always('acidified manganate(VII) paper'),
  ],
  [String.raw`cobalt(?:\s*\(ii\))?\s+chloride\s+paper|cobalt\s+paper`, 'test', always('cobalt(II) chloride paper')],
  [
    rodWith(String.raw`(?:conc(?:\.|entrated)?\s+)?(?:hydrochloric(?:\s+acid)?|hcl)(?:\s*\(conc\))?`),
    'test',
    always('glass rod with concentrated hydrochloric acid'),
  ],
  [rodWith(String.raw`(?:conc(?:\.|entrated)?\s+|aqueous\s+)?(?:ammonia|nh3)`), 'test', always('glass rod with aqueous ammonia')],
  [String.raw`(?:red)\s+litm[ui]s(?:\s+(?:paper|ppr|pappr))?`, 'reagent', always('red litmus')],
  [String.raw`(?:blue)\s+litm[ui]s(?:\s+(?:paper|ppr|pappr))?`, 'reagent', always('blue litmus')],
  [
    String.raw`(?:(?:full\s+range\s+)?universal\s+ind(?:icator|icater|\.)?|ui|ph|indicator)(?:\s+(?:paper|soln|solution|strip))?(?![a-z])`,
    'reagent',
    always('universal indicator'),
  ],
  [String.raw`(?:filter|filtre)\s+paper|paper`, 'idle', always('')],
  [
    String.raw`(?:with\s+a\s+|over\s+a\s+|in\s+a\s+|using\s+a\s+)?(?:blue\s+|roaring\s+)?bunsen(?:\s+(?:burner|flame))?(?!\s+(?:test|tst))|(?:boiling|ignition|test|hard\s+glass)\s+tube|watch\s+glass|spirit\s+burner`,
    'idle',
    always(''),
  ],
  [
    String.raw`(?:burn(?:ed|t)?(?!\s*(?:ing|er))|set\s+(?:it\s+)?(?:alight|light\s+to(?:\s+it)?)|flame|nichrome|ni-?cr|platinum|wire\s+loop|flame-test)(?:\s*-?(?:test|tst|wire|loop|flame|tested))*(?:\s+in\s+(?:the\s+|a\s+)?(?:blue\s+)?(?:bunsen\s+)?flame)?`,
    'act',
    always('flame'),
  ],
  [
    String.raw`ammoniacal|acidified(?:\s+with\s+(?:dilute\s+)?(?:nitric|hydrochloric|sul(?:f|ph)uric)(?:\s+acid)?)?|acid\.(?=\s*[a-z])`,
    'acidified',
    (match) => match[0],
  ],
]

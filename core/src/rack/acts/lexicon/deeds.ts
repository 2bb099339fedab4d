import { always, type Rule } from './rule.ts'

/** What is done besides adding (common practice). */
export const DEEDS: readonly Rule[] = [
  [
    String.raw`(?:place|put|stand|warm|heat|leave)(?:ed)?\s+(?:it\s+|the\s+tube\s+|the\s+test\s+tube\s+)?in\s+(?:a\s+)?(?:beaker\s+of\s+)?(?:boiling|hot|warm)\s+water(?:\s+bath)?|(?:in\s+)?(?:a\s+)?(?:beaker\s+of\s+)?(?:boiling|hot|warm)\s+water(?:\s+bath)?|water\s*-?bath`,
    'act',
    always('warm in hot water'),
  ],
  [
    String.raw`Δ|(?:gently\s+)?warm(?:ed|ing|in|d)?(?:\s+(?:it\s+)?gently)?|gently\s+heat(?:ed|ing)?|heat(?:ed|ing)?\s+(?:it\s+|the\s+\w+\s+)?(?:gently|carefully|slightly)|heat(?:ed)?\s+(?:the\s+\w+\s+)?gently`,
    'act',
    always('warm'),
  ],
  ['(?:re)?heat(?:ed|ing|in|d)?|roast(?:ed)?', 'act', always('heat')],
  [
    String.raw`(?:re)?-?boil(?:ed|ing|in|d)?|bring\s+to\s+(?:the|a)\s+boil|brought\s+to\s+(?:the|a)\s+boil`,
    'act',
    always('boil'),
  ],
  [
    String.raw`(?:let|allow(?:ed)?|left|leave)\s+(?:it|the\s+(?:tube|mixture|solution|contents))?\s*(?:to\s+)?cool(?:\s+down)?|cool(?:ed|ing|d)?(?:\s+(?:it|down|under\s+(?:the\s+|a\s+)?(?:cold\s+)?tap|in\s+(?:ice|cold\s+water)))*`,
    'act',
    always('cool'),
  ],
  [
    String.raw`shak(?:e|en|es|ed|ing)|shook|stir(?:red|ring|rd)?|swirl(?:ed|ing)?|agitate[ds]?|mix(?:ed|ing)?(?!\s*(?:ture|(?:it\s+|the\s+\w+\s+)?(?:with|w|w\/))\b)`,
    'act',
    always('shake'),
  ],
  [
    String.raw`(?:through|thru)\s+(?:a\s+|some\s+)?filter(?:\s+paper)?|filter(?:ed|ing|d)?(?!\s+paper)|filtr(?:e|ed|er|ation)|centrifug(?:e|ed|ing|ation)|decant(?:ed|ing)?|spun\s+down|strain(?:ed)?`,
    'act',
    always('filter'),
  ],
  [
    String.raw`(?:leave|left|let|allow(?:ed)?)(?:\s+(?:it|the\s+(?:test\s+)?(?:tube|mixture|solution|contents)))?(?:\s+(?:to\s+)?(?:stand(?:ing)?|settle))?|stand(?:ing)?|stood|wait(?:ed)?|settle`,
    'act',
    always('stand'),
  ],
  [
    String.raw`smell(?:ed|ing|t)?|smelt|waft(?:ed|ing)?(?:\s+(?:towards?|to)\s+(?:my|your|the)?\s*nose)?|sniff(?:ed)?`,
    'act',
    always('smell'),
  ],
  ['(?:re)?diss?olv(?:ed|es|ing|e)', 'act', always('dissolve')],
  [
    String.raw`appearance|look(?:ed)?(?:\s+at(?:\s+(?:it|the\s+\w+))?)?|observe\s+the\s+(?:colour|appearance|solid|solution|sample)|at\s+first\s+sight|examine[d]?`,
    'act',
    always('look'),
  ],
  [
    String.raw`(?:dilut(?:e|ed|ing)|water(?:ed)?\s+(?:it\s+)?down)(?:\s+with)?(?!\s+(?:\w+ic\s+acid|hcl|hno3|h2so4|nitric|hydrochloric|sul|ethanoic|acid|ammonia|solution))`,
    'act',
    always('dilute'),
  ],
  [
    String.raw`(?:instead\s+of|rather\s+than|in\s+place\s+of|without\s+(?:adding\s+)?(?:any\s+)?(?!shak|stir|swirl)|(?:but\s+)?not|no)\b`,
    'not',
    always(''),
  ],
]

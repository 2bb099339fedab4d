import type { GasTest, ObservedFact } from './facts.ts'
import { type Pattern, pattern } from './words.ts'

const gas = (test: GasTest): readonly ObservedFact[] => [{ kind: 'gas', test }]

/** Tests that are known by colours of their own (damp red litmus turned blue): they take their words before colours are looked for. */
export const GAS_PATTERNS: readonly Pattern[] = [
  {
    pattern: pattern(
      `(?:turn\\w*|goes|went|made|makes)?\\s*(?:the\\s+)?lime\\s*water\\s+(?:to\\s+)?(?:turn\\w*|goes|went|becomes?|became|is)?\\s*(?:a\\s+)?(?:milky|cloudy|chalky|white)`,
    ),
    read: () => gas('limewater milky'),
  },
  { pattern: pattern('(?:milky|cloudy)\\s+lime\\s*water'), read: () => gas('limewater milky') },
  {
    pattern: pattern(
      '(?:turn\\w*|goes|went|changed?)?\\s*(?:the\\s+)?(?:damp|moist|wet)?\\s*red\\s+litmus(?:\\s+paper)?\\s*(?:turn\\w*|goes|went|to|becomes?|became|from\\s+red\\s+to|->)*\\s*blue',
    ),
    read: () => gas('red litmus blue'),
  },
  {
    pattern: pattern('litmus(?:\\s+paper)?\\s+(?:turn\\w*|goes|went|changed?)\\s+(?:from\\s+red\\s+to\\s+)?blue'),
    read: () => gas('red litmus blue'),
  },
  {
    pattern: pattern(
      '(?:turn\\w*|goes|went|changed?)?\\s*(?:the\\s+)?(?:damp|moist|wet)?\\s*blue\\s+litmus(?:\\s+paper)?\\s*(?:turn\\w*|goes|went|to|becomes?|became|->)*\\s*red',
    ),
    read: () => gas('blue litmus red'),
  },
  {
    pattern: pattern(
      '(?:bleach\\w*\\s+(?:damp\\s+|moist\\s+)?(?:\\w+\\s+)?litmus(?:\\s+paper)?|litmus(?:\\s+paper)?\\s+(?:is\\s+|was\\s+)?bleach\\w*)',
    ),
    read: () => gas('litmus bleached'),
  },
  {
    pattern: pattern('(?:re-?lit|re-?lights?|rekindle[sd]?|re-?ignite[sd]?)\\s+(?:a\\s+)?(?:the\\s+)?(?:glowing\\s+)?splint'),
    read: () => gas('relights splint'),
  },
  {
    pattern: pattern('glowing\\s+splint\\s+(?:re-?lit|re-?lights?|relighted|rekindled|reignites?)'),
    read: () => gas('relights splint'),
  },
  {
    pattern: pattern(
      '(?:(?:burn[ts]?|burnt|burned)\\s+with\\s+a\\s+(?:squeaky\\s+)?pop|(?:squeaky\\s+)?pop(?:s|ped)?(?:\\s+(?:with|at|sound|when)?(?:\\s+(?:a|the))?\\s*(?:lit|lighted|burning)?\\s*splint)?)',
    ),
    read: () => gas('pops'),
  },
  {
    pattern: pattern(
      '(?:(?:acidified\\s+)?(?:potassium\\s+)?(?:manganate(?:\\(vii\\))?|permanganate|kmno4)(?:\\s+paper)?\\s+(?:turn\\w*|goes|went|from|is|was)?\\s*(?:from\\s+)?(?:purple\\s+to\\s+)?(?:colou?rless|decolou?ri[sz]ed)|decolou?ri[sz]e[sd]?\\s+(?:acidified\\s+)?(?:potassium\\s+)?(?:manganate|permanganate|kmno4)\\w*(?:\\(vii\\))?(?:\\s+paper)?)',
    ),
    read: () => gas('manganate paper decolourised'),
  },
  {
    pattern: pattern(
      'lead(?:\\(ii\\))?\\s+(?:ethanoate|acetate|nitrate)(?:\\s+paper)?\\s+(?:turn\\w*|goes|went|is|was)?\\s*black',
    ),
    read: () => gas('lead paper black'),
  },
  {
    pattern: pattern('(?:reddish[\\s-])?brown\\s+(?:gas|fumes|vapou?r)(?:\\s+(?:evolved|given off|seen|produced))?'),
    read: () => gas('brown gas'),
  },
  {
    pattern: pattern(
      '(?:cobalt(?:\\(ii\\))?\\s+chloride(?:\\s+paper)?|(?:cobalt|CoCl2)\\s+paper)\\s+(?:turn\\w*|goes|went|changed?|is|was)?\\s*(?:from\\s+)?(?:blue\\s+to\\s+)?pink',
    ),
    read: () => gas('cobalt paper pink'),
  },
  {
    pattern: pattern(
      'anhydrous\\s+(?:copper(?:\\(ii\\))?\\s+sul(?:f|ph)ate|CuSO4)\\s+(?:turn\\w*|goes|went|changed?|is|was)?\\s*(?:from\\s+)?(?:white\\s+to\\s+)?blue',
    ),
    read: () => gas('cobalt paper pink'),
  },
  { pattern: pattern('(?:dense\\s+|thick\\s+)?white\\s+(?:smoke|fumes)'), read: () => gas('white smoke') },
  { pattern: pattern('(?:purple|violet)\\s+(?:vapou?rs?|fumes|gas)'), read: () => gas('purple vapour') },
  { pattern: pattern('(?:steamy|misty)\\s+(?:acidic\\s+)?fumes'), read: () => gas('steamy fumes') },
  {
    pattern: pattern(
      '(?:(?:lighted|lit|burning|glowing)?\\s*splint\\s+(?:(?:goes|went|is|was)\\s+)?(?:out|extinguished)|(?:extinguish\\w*|puts?\\s+out)\\s+(?:the\\s+|a\\s+)?(?:lighted\\s+|lit\\s+|burning\\s+|glowing\\s+)?splint)',
    ),
    read: () => gas('splint out'),
  },
]

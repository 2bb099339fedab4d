/** A result of a test for a gas as it is read from an observation: in which words it is written, and how it is drawn. */
interface GasReadingRow {
  readonly reading: string
  /** Regular expressions, of which each is a way of writing it; `observe` compiles them. */
  readonly written: readonly string[]
  /** A paper at the mouth: what it was and what it turned. */
  readonly paper?: readonly [from: string, to: string]
  /** Something is held there that burns. */
  readonly flame?: true
}

const SMOKE = '(?:dense\\s+|thick\\s+)?white\\s+(?:smoke|fumes)'
const ROD = '(?:[\\w()]+\\s+){0,7}?'
const HYDROCHLORIC = '(?:hydrochloric\\s+acid|hcl)'
const AMMONIA = '(?:ammonia|nh3)'
const TURNS = '(?:turn\\w*|goes|went|changed?|is|was)?'

/** The readings, those that another's words are part of first. Their words take precedence over colours. */
export const GAS_READINGS = [
  {
    reading: 'limewater milky',
    written: [
      '(?:turn\\w*|goes|went|made|makes)?\\s*(?:the\\s+)?lime\\s*water\\s+(?:to\\s+)?(?:turn\\w*|goes|went|becomes?|became|is)?\\s*(?:a\\s+)?(?:milky|cloudy|chalky|white)',
      '(?:milky|cloudy)\\s+lime\\s*water',
    ],
  },
  {
    reading: 'red litmus blue',
    paper: ['red', 'blue'],
    written: [
      '(?:turn\\w*|goes|went|changed?)?\\s*(?:the\\s+)?(?:damp|moist|wet)?\\s*red\\s+litmus(?:\\s+paper)?\\s*(?:turn\\w*|goes|went|to|becomes?|became|from\\s+red\\s+to|->)*\\s*blue',
      'litmus(?:\\s+paper)?\\s+(?:turn\\w*|goes|went|changed?)\\s+(?:from\\s+red\\s+to\\s+)?blue',
    ],
  },
  {
    reading: 'blue litmus red',
    paper: ['blue', 'red'],
    written: [
      '(?:turn\\w*|goes|went|changed?)?\\s*(?:the\\s+)?(?:damp|moist|wet)?\\s*blue\\s+litmus(?:\\s+paper)?\\s*(?:turn\\w*|goes|went|to|becomes?|became|->)*\\s*red',
    ],
  },
  {
    reading: 'litmus bleached',
    paper: ['blue', 'white'],
    written: [
      '(?:bleach\\w*\\s+(?:damp\\s+|moist\\s+)?(?:\\w+\\s+)?litmus(?:\\s+paper)?|litmus(?:\\s+paper)?\\s+(?:is\\s+|was\\s+)?bleach\\w*)',
    ],
  },
  {
    reading: 'relights splint',
    flame: true,
    written: [
      '(?:re-?lit|re-?lights?|rekindle[sd]?|re-?ignite[sd]?)\\s+(?:a\\s+)?(?:the\\s+)?(?:glowing\\s+)?splint',
      'glowing\\s+splint\\s+(?:re-?lit|re-?lights?|relighted|rekindled|reignites?)',
    ],
  },
  {
    reading: 'pops',
    flame: true,
    written: [
      '(?:(?:burn[ts]?|burnt|burned)\\s+with\\s+a\\s+(?:squeaky\\s+)?pop|(?:squeaky\\s+)?pop(?:s|ped)?(?:\\s+(?:with|at|sound|when)?(?:\\s+(?:a|the))?\\s*(?:lit|lighted|burning)?\\s*splint)?)',
    ],
  },
  {
    reading: 'manganate paper decolourised',
    paper: ['purple', 'white'],
    written: [
      '(?:(?:acidified\\s+)?(?:potassium\\s+)?(?:manganate(?:\\(vii\\))?|permanganate|kmno4)(?:\\s+paper)?\\s+(?:turn\\w*|goes|went|from|is|was)?\\s*(?:from\\s+)?(?:purple\\s+to\\s+)?(?:colou?rless|decolou?ri[sz]ed)|decolou?ri[sz]e[sd]?\\s+(?:acidified\\s+)?(?:potassium\\s+)?(?:manganate|permanganate|kmno4)\\w*(?:\\(vii\\))?(?:\\s+paper)?)',
    ],
  },
  {
    reading: 'lead paper black',
    paper: ['white', 'black'],
    written: ['lead(?:\\(ii\\))?\\s+(?:ethanoate|acetate|nitrate)(?:\\s+paper)?\\s+(?:turn\\w*|goes|went|is|was)?\\s*black'],
  },
  {
    reading: 'brown gas',
    written: ['(?:reddish[\\s-])?brown\\s+(?:gas|fumes|vapou?r)(?:\\s+(?:evolved|given off|seen|produced))?'],
  },
  {
    reading: 'cobalt paper pink',
    paper: ['blue', 'pink'],
    written: [
      `(?:cobalt(?:\\(ii\\))?\\s+chloride(?:\\s+paper)?|(?:cobalt|CoCl2)\\s+paper)\\s+${TURNS}\\s*(?:from\\s+)?(?:blue\\s+to\\s+)?pink`,
      `anhydrous\\s+(?:copper(?:\\(ii\\))?\\s+sul(?:f|ph)ate|CuSO4)\\s+${TURNS}\\s*(?:from\\s+)?(?:white\\s+to\\s+)?blue`,
    ],
  },
  {
    reading: 'white smoke with hydrochloric acid',
    written: [`${SMOKE}\\s+${ROD}${HYDROCHLORIC}`, `${HYDROCHLORIC}\\s+${ROD}${SMOKE}`],
  },
  {
    reading: 'white smoke with ammonia',
    written: [`${SMOKE}\\s+${ROD}${AMMONIA}`, `${AMMONIA}\\s+${ROD}${SMOKE}`],
  },
  { reading: 'white smoke', written: [SMOKE] },
  { reading: 'purple vapour', written: ['(?:purple|violet)\\s+(?:vapou?rs?|fumes|gas)'] },
  { reading: 'steamy fumes', written: ['(?:steamy|misty)\\s+(?:acidic\\s+)?fumes'] },
  {
    reading: 'splint out',
    flame: true,
    written: [
      '(?:(?:lighted|lit|burning|glowing)?\\s*splint\\s+(?:(?:goes|went|is|was)\\s+)?(?:out|extinguished)|(?:extinguish\\w*|puts?\\s+out)\\s+(?:the\\s+|a\\s+)?(?:lighted\\s+|lit\\s+|burning\\s+|glowing\\s+)?splint)',
    ],
  },
  { reading: 'smell of rotten eggs', written: [] },
] as const satisfies readonly GasReadingRow[]

/** A result of a test for a gas. */
export type GasReading = (typeof GAS_READINGS)[number]['reading']

const BY_NAME: ReadonlyMap<string, GasReadingRow> = new Map(GAS_READINGS.map((row) => [row.reading, row]))

/** The row of a reading. */
export const gasReading = (reading: GasReading): GasReadingRow => BY_NAME.get(reading) ?? { reading, written: [] }

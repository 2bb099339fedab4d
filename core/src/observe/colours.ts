import { type SeenColour, SHADES } from '../palette/index.ts'

/** Colours as students write them, by the name used here (common practice); blanks stand for hyphens and slashes, too. */
const COLOUR_WORDS: Readonly<Record<SeenColour, readonly string[]>> = {
  white: ['white', 'whitish', 'snow white', 'whites'],
  'off-white': [
    'off white',
    'dirty white',
    'beige',
    'buff',
    'greyish white',
    'grey white',
    'pinkish white',
    'ivory',
    'brownish white',
  ],
  cream: [
    'cream',
    'creamy',
    'cream coloured',
    'creamy white',
    'pale cream',
    'yellowish white',
    'yellow white',
    'off white cream',
    'creamy yellow',
  ],
  'pale yellow': ['pale yellow', 'light yellow', 'faint yellow', 'lemon', 'lemon yellow', 'primrose', 'creamish yellow'],
  yellow: ['yellow', 'yellowish', 'straw', 'straw yellow', 'yellows', 'yellow orange', 'amber'],
  'yellow-green': ['yellow green', 'yellowish green', 'greenish yellow', 'lime green', 'green yellow', 'lime'],
  'bright yellow': [
    'bright yellow',
    'golden yellow',
    'canary yellow',
    'canary',
    'deep yellow',
    'golden',
    'gold',
    'strong yellow',
    'vivid yellow',
  ],
  orange: ['orange', 'oranges', 'orangish', 'orange yellow'],
  brown: ['brown', 'brownish', 'dark brown', 'browns', 'chocolate', 'chocolate brown', 'browned', 'browning', 'coffee'],
  'red-brown': [
    'red brown',
    'reddish brown',
    'rust',
    'rusty',
    'rust brown',
    'rust coloured',
    'foxy red',
    'rusty brown',
    'orange brown',
    'brown red',
    'rusty red',
    'brownish red',
    'rusty orange',
    'brown orange',
    'red orange',
    'orange red',
    'brownish orange',
    'reddish orange',
    'russet',
    'ginger',
    'reddish',
  ],
  'yellow-brown': ['yellow brown', 'yellowish brown', 'straw brown', 'brownish yellow', 'brown yellow', 'tan', 'ochre', 'tea'],
  'brick-red': ['brick red', 'brick', 'terracotta'],
  red: ['red', 'crimson', 'scarlet', 'cherry red', 'reddened', 'reddens', 'redden', 'bright red', 'reds', 'ruby'],
  'blood red': ['blood red', 'deep red', 'dark red', 'intense red', 'blood', 'blood like red', 'red as blood', 'like blood'],
  pink: ['pink', 'pinkish', 'rose', 'salmon', 'salmon pink', 'pinks', 'rosy'],
  'pale pink': ['pale pink', 'light pink', 'faint pink', 'very pale pink'],
  purple: [
    'purple',
    'violet',
    'magenta',
    'mauve purple',
    'purplish',
    'purples',
    'reddish purple',
    'indigo',
    'pinkish purple',
    'pink purple',
    'red violet',
  ],
  lilac: ['lilac', 'mauve', 'pale purple', 'light purple', 'lavender', 'pale violet', 'light violet', 'lilacy'],
  blue: ['blue', 'bluish', 'blues', 'bright blue', 'royal'],
  'pale blue': ['pale blue', 'light blue', 'sky blue', 'faint blue', 'baby blue', 'powder blue'],
  'deep blue': [
    'deep blue',
    'dark blue',
    'royal blue',
    'intense blue',
    'inky blue',
    'prussian blue',
    'navy',
    'navy blue',
    'ink blue',
    'very dark blue',
    'deep royal blue',
  ],
  'blue-black': ['blue black', 'bluish black', 'black blue', 'dark blue black', 'inky black', 'inky'],
  'blue-green': ['blue green', 'turquoise', 'bluish green', 'green blue', 'greenish blue', 'aqua', 'teal', 'cyan', 'aquamarine'],
  green: ['green', 'greenish', 'apple green', 'emerald', 'emerald green', 'bright green', 'greens', 'grass green', 'leaf green'],
  'pale green': ['pale green', 'light green', 'faint green', 'mint', 'mint green', 'pastel green'],
  'dirty green': [
    'dirty green',
    'dark green',
    'muddy green',
    'olive green',
    'olive',
    'mucky green',
    'murky green',
    'swampy green',
    'sludgy green',
    'deep green',
    'bottle green',
    'seaweed green',
  ],
  'grey-green': [
    'grey green',
    'gray green',
    'greyish green',
    'greenish grey',
    'green grey',
    'grayish green',
    'greeny grey',
    'sage green',
  ],
  grey: ['grey', 'gray', 'greyish', 'grayish', 'silvery', 'silver grey', 'purple grey', 'greys'],
  black: [
    'black',
    'blackish',
    'jet black',
    'blackens',
    'blackening',
    'blackened',
    'blacks',
    'soot black',
    'brown black',
    'brownish black',
    'dark grey black',
  ],
  colourless: ['colourless', 'colorless', 'without colour', 'without color', 'clear colourless', 'colour less', 'water white'],
}

/** Colours as they are misspelt or cut short, by a word of the table; slips of a letter are mended anyway. */
const SHORT_FOR: Readonly<Record<string, string>> = {
  wh: 'white',
  wht: 'white',
  whit: 'white',
  brite: 'bright',
  oranjy: 'orange',
  oranj: 'orange',
  in2: 'into',
  lite: 'light',
  wite: 'white',
  whte: 'white',
  grn: 'green',
  gn: 'green',
  gr: 'green',
  brn: 'brown',
  brwn: 'brown',
  bn: 'brown',
  blk: 'black',
  bk: 'black',
  bl: 'blue',
  yel: 'yellow',
  yell: 'yellow',
  ylw: 'yellow',
  yw: 'yellow',
  or: 'or',
  prpl: 'purple',
  purp: 'purple',
  pk: 'pink',
  dk: 'dark',
  lt: 'light',
  blud: 'blood',
  brik: 'brick',
  collourless: 'colourless',
  clourless: 'colourless',
}

/** Words that make a colour paler, deeper or dirtier. */
const SHADE_WORDS = {
  pale: ['pale', 'light', 'very pale', 'v pale', 'very light', 'v light', 'washed out', 'lightish', 'watery', 'soft', 'palest'],
  deep: [
    'deep',
    'dark',
    'intense',
    'royal',
    'inky',
    'very dark',
    'v dark',
    'darker',
    'deeper',
    'rich',
    'strong',
    'darkish',
    'very deep',
  ],
  bright: ['bright', 'vivid', 'brilliant', 'brighter', 'neon'],
  dirty: ['dirty', 'muddy', 'mucky', 'murky', 'sludgy', 'dull', 'off'],
} as const

/** A kind of shade. */
export type Shade = keyof typeof SHADE_WORDS

const NAMES = Object.keys(COLOUR_WORDS) as readonly SeenColour[]

/** Every way to write a colour, with its name here. */
export const COLOUR_PHRASES: readonly (readonly [words: string, colour: SeenColour])[] = [
  ...NAMES.flatMap((name) => COLOUR_WORDS[name].map((words) => [words, name] as const)),
  ...(Object.entries(SHADES) as [string, SeenColour][]),
]

/** Every way to write a shade. */
export const SHADE_PHRASES: readonly (readonly [words: string, shade: Shade])[] = (Object.keys(SHADE_WORDS) as Shade[]).flatMap(
  (shade) => SHADE_WORDS[shade].map((words) => [words, shade] as const),
)

const BY_WORDS: ReadonlyMap<string, SeenColour> = new Map(COLOUR_PHRASES)

/** A word as it is in the table: cut short, or with the ending that makes it only nearly that colour. */
export function colourWord(word: string): string {
  const short = SHORT_FOR[word]
  if (short !== undefined) return short
  const [, stem] = /^([a-z]{3,})(?:ish|y|ey)$/.exec(word) ?? []
  const whole = stem === undefined ? undefined : [stem, `${stem}e`, stem.replace(/(.)\1$/, '$1')].find((one) => BY_WORDS.has(one))
  return BY_WORDS.has(word) || whole === undefined ? word : whole
}

/** What a shade makes of a colour where the two have no name of their own. */
const SHADED: Readonly<Record<Shade, Readonly<Partial<Record<SeenColour, SeenColour>>>>> = {
  pale: {
    purple: 'lilac',
    yellow: 'pale yellow',
    green: 'pale green',
    blue: 'pale blue',
    pink: 'pale pink',
    'bright yellow': 'yellow',
  },
  deep: {
    blue: 'deep blue',
    green: 'dirty green',
    red: 'blood red',
    yellow: 'bright yellow',
    lilac: 'purple',
    'pale blue': 'blue',
  },
  bright: { yellow: 'bright yellow' },
  dirty: { green: 'dirty green', white: 'off-white' },
}

/** A colour with a shade before it. */
export const shadedColour = (shade: Shade, colour: SeenColour): SeenColour => SHADED[shade][colour] ?? colour

/** Two colours that make one, as `grey green` do; where the pair has no name, the second is the colour and the first its shade. */
export const bothColours = (first: SeenColour, second: SeenColour): SeenColour =>
  BY_WORDS.get(`${first} ${second}`.replaceAll('-', ' ')) ?? second

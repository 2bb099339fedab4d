import { type SeenColour, SHADES } from '../palette/index.ts'
import type { ObservedFact } from './facts.ts'

/** Colours as students write them, by the name used here (common practice). The longest that fits is taken. */
const COLOUR_WORDS: Readonly<Record<SeenColour, readonly string[]>> = {
  white: ['white', 'whitish', 'chalky', 'milky white'],
  'off-white': ['off-white', 'off white', 'dirty white', 'beige', 'buff'],
  cream: ['cream', 'creamy', 'cream coloured', 'cream-coloured', 'creamy white', 'pale cream'],
  'pale yellow': ['pale yellow', 'light yellow', 'pale-yellow', 'faint yellow'],
  yellow: ['yellow', 'yellowish', 'straw', 'straw yellow'],
  'yellow-green': ['yellow-green', 'yellow green', 'yellowish green', 'greenish yellow', 'lime green'],
  'bright yellow': ['bright yellow', 'golden yellow', 'canary yellow', 'deep yellow'],
  orange: ['orange'],
  brown: ['brown', 'brownish', 'dark brown'],
  'red-brown': [
    'red-brown',
    'red brown',
    'reddish brown',
    'reddish-brown',
    'rust',
    'rusty',
    'rust brown',
    'foxy red',
    'rusty brown',
    'orange-brown',
    'orange brown',
    'brown-red',
  ],
  'yellow-brown': ['yellow-brown', 'yellow brown', 'yellowish brown', 'straw brown', 'brownish yellow'],
  'brick-red': ['brick red', 'brick-red'],
  red: ['red', 'crimson'],
  'blood red': ['blood red', 'blood-red', 'deep red', 'dark red'],
  pink: ['pink', 'pinkish', 'rose'],
  'pale pink': ['pale pink', 'light pink'],
  purple: ['purple', 'violet', 'magenta'],
  lilac: ['lilac', 'mauve'],
  blue: ['blue', 'bluish'],
  'pale blue': ['pale blue', 'light blue', 'sky blue', 'pale-blue'],
  'deep blue': ['deep blue', 'dark blue', 'royal blue', 'intense blue', 'inky blue'],
  'blue-black': ['blue-black', 'blue black', 'blue/black'],
  'blue-green': ['blue-green', 'blue green', 'turquoise', 'bluish green'],
  green: ['green', 'greenish'],
  'pale green': ['pale green', 'light green'],
  'dirty green': ['dirty green', 'dark green', 'muddy green', 'olive green'],
  'grey-green': ['grey-green', 'grey green', 'gray-green', 'gray green', 'greyish green'],
  grey: ['grey', 'gray', 'greyish'],
  black: ['black'],
  colourless: ['colourless', 'colorless'],
}

/** Every colour by the name used here. */
const NAMES = Object.keys(COLOUR_WORDS) as readonly SeenColour[]
const WORDS: readonly (readonly [words: string, name: SeenColour])[] = [
  ...NAMES.flatMap((name) => COLOUR_WORDS[name].map((words) => [words, name] as const)),
  ...(Object.entries(SHADES) as [string, SeenColour][]),
]
const NAMED = new Map(WORDS)

/*
 * Colours are found first, in one pass, and each is written as one sign and as many fillers as make up its length. The
 * patterns of the language then need only look for a sign: with every colour spelt out in every one of them, they would
 * take a third of a second to compile.
 */
export const FIRST_SIGN = '\uE000'
export const FILLER = '\uE0FF'

/** A pattern for any colour, once colours are signs. */
export const COLOUR = `[${FIRST_SIGN}-\uE0FE]${FILLER}*`

const escaped = (text: string) => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&').replace(/ /g, '\\s+')
const ANY = new RegExp(
  `\\b(?:${WORDS.map(([words]) => words)
    .toSorted((a, b) => b.length - a.length)
    .map(escaped)
    .join('|')})\\b`,
  'gi',
)

/** The text with every colour as a sign, as long as it was. */
export function withColourSigns(text: string): string {
  return text.replace(ANY, (words) => {
    const name = NAMED.get(words.toLowerCase().replace(/\s+/g, ' ').trim()) as SeenColour
    return String.fromCharCode(FIRST_SIGN.charCodeAt(0) + NAMES.indexOf(name)) + FILLER.repeat(words.length - 1)
  })
}

/** The name of a colour from its sign, or undefined. */
export function colourNamed(sign: string | undefined): SeenColour | undefined {
  return sign === undefined ? undefined : NAMES[sign.charCodeAt(0) - FIRST_SIGN.charCodeAt(0)]
}

/** The fact that a sign tells of; none where the sign is no colour. */
export function ofColour(sign: string | undefined, fact: (colour: SeenColour) => ObservedFact): readonly ObservedFact[] {
  const colour = colourNamed(sign)
  return colour === undefined ? [] : [fact(colour)]
}

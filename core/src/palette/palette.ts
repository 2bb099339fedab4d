/**
 * Colours of substances, by the names they are called by. Used only where glass is drawn and in chips that say the
 * name beside them.
 */
export const CHEMICAL_COLOURS = {
  colourless: '#DCE9EE',
  'deep purple': '#6A1B6E',
  'red-brown': '#8A4A1F',
  orange: '#E07B1A',
  yellow: '#F0D04A',
  'yellow-green': '#C3CB4E',
  'yellow-brown': '#C79A3A',
  blue: '#4A90C8',
  'pale green': '#BFDDBB',
  green: '#5FA45F',
  pink: '#E9A3BC',
  'very pale pink': '#F3DCE2',
  red: '#C7382E',
  'wine red': '#8C2547',
  purple: '#7C4A9C',
  'blue-black': '#232A4D',
  grey: '#9A9A96',
  white: '#FBFBF7',
  'off-white': '#EDE6D6',
  cream: '#F3E7C2',
  'pale yellow': '#F3E9A6',
  'bright yellow': '#F2C81E',
  brown: '#6E4523',
  'brick-red': '#A8432F',
  'blood red': '#8E1B1F',
  'pale pink': '#F2D3DA',
  lilac: '#C3A6D8',
  'pale blue': '#A9D0EA',
  'deep blue': '#1E3F8F',
  'blue-green': '#3C9C93',
  'dirty green': '#56704C',
  'grey-green': '#8AA08C',
  black: '#26272B',
} as const satisfies Record<string, string>

/** The one vocabulary of colours: what the model says, the reader of observations understands, pages draw and list. */
export type ChemicalColour = keyof typeof CHEMICAL_COLOURS

/** Shades told apart where an end point is watched, by the colour that they are read as in an observation. */
export const SHADES = {
  'deep purple': 'purple',
  'very pale pink': 'pale pink',
  'wine red': 'red',
} as const satisfies Partial<Record<ChemicalColour, ChemicalColour>>

/** A colour as an observation is read and the model says it: any but a shade. */
export type SeenColour = Exclude<ChemicalColour, keyof typeof SHADES>

const isShade = (colour: ChemicalColour): colour is keyof typeof SHADES => Object.hasOwn(SHADES, colour)

/** A colour as it is read in an observation: a shade as the colour it is a shade of. */
export const seenAs = (colour: ChemicalColour): SeenColour => (isShade(colour) ? SHADES[colour] : colour)

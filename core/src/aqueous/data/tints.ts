import type { SeenColour } from '../../palette/index.ts'

/** What colours a solution: the colour, and from which concentration of its species together it shows, mol/dm³. */
interface TintRow {
  readonly colour: SeenColour
  readonly from: number
}

/**
 * Tints of dissolved species, named by what bears them (common practice; concentrations at which they show: judgement).
 * Strongest shades first. A species has one by its row in the tables.
 */
export const TINTS = {
  permanganate: { colour: 'purple', from: 2e-5 },
  'manganate(VI)': { colour: 'green', from: 1e-4 },
  'iron(III) thiocyanate': { colour: 'blood red', from: 1e-5 },
  'iron(III) ethanoate': { colour: 'blood red', from: 0.002 },
  iodine: { colour: 'brown', from: 0.0003 },
  bromine: { colour: 'orange', from: 0.001 },
  dichromate: { colour: 'orange', from: 0.0002 },
  chromate: { colour: 'yellow', from: 0.0002 },
  'copper(II) ammine': { colour: 'deep blue', from: 0.0003 },
  'cuprate(II)': { colour: 'deep blue', from: 0.002 },
  'chlorocuprate(II)': { colour: 'yellow-green', from: 0.006 },
  'chlorocobaltate(II)': { colour: 'blue', from: 0.003 },
  'cobalt(II) ammine': { colour: 'yellow-brown', from: 0.003 },
  'nickel(II) ammine': { colour: 'blue', from: 0.006 },
  'hexacyanoferrate(III)': { colour: 'yellow', from: 0.001 },
  'hexacyanoferrate(II)': { colour: 'pale yellow', from: 0.02 },
  'iron(III)': { colour: 'yellow', from: 0.003 },
  'chromium(III)': { colour: 'green', from: 0.003 },
  'chromate(III)': { colour: 'green', from: 0.003 },
  'copper(II)': { colour: 'blue', from: 0.005 },
  'nickel(II)': { colour: 'green', from: 0.008 },
  'cobalt(II)': { colour: 'pink', from: 0.006 },
  'iron(II)': { colour: 'pale green', from: 0.04 },
} as const satisfies Record<string, TintRow>

export type Tint = keyof typeof TINTS

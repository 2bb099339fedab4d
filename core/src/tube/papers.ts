import { describe, type Stepped } from './playing.ts'
import type { Paper } from './reagent.ts'
import type { Tube } from './tubeState.ts'

/** Universal indicator by pH: the colour up to each (common practice). */
const UNIVERSAL: readonly (readonly [upTo: number, colour: string])[] = [
  [2.5, 'red'],
  [5, 'orange'],
  [6.5, 'yellow'],
  [7.5, 'green'],
  [10, 'blue'],
  [14.5, 'purple'],
]

/** Litmus: red below, blue above, unchanged between (its range is 5 to 8). */
const RED_BELOW = 5
const BLUE_ABOVE = 8

/** The colour of universal indicator at a pH. */
export const universalColourAt = (pH: number): string => UNIVERSAL.find(([upTo]) => pH < upTo)?.[1] ?? 'purple'

/** The colour a paper turns at a pH, or undefined where it stays as it is. */
function paperAt(paper: Paper, pH: number): string | undefined {
  if (paper === 'universal indicator') return universalColourAt(pH)
  if (paper === 'red litmus') return pH > BLUE_ABOVE ? 'blue' : undefined
  return pH < RED_BELOW ? 'red' : undefined
}

/** Touches a paper with a drop of the tube; the tube itself does not change. */
export function testPaper(tube: Tube, paper: Paper): Stepped {
  const turns = paperAt(paper, tube.view.equilibrium.pH)
  const facts = turns === undefined ? [{ kind: 'noChange' as const }] : [{ kind: 'paper' as const, paper, turns }]
  return { tube, shown: describe(facts, tube.view, []) }
}

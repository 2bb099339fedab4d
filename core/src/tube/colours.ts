import { COMPONENTS, type Equilibrium, TINTS, type Tint } from '../aqueous/index.ts'
import type { SeenColour } from '../palette/index.ts'

const NAMES = Object.keys(TINTS) as Tint[]
const PLACES = Object.fromEntries(NAMES.map((name, place) => [name, place])) as Readonly<Record<Tint, number>>

/**
 * Free chloride, mol/dm³, above which copper(II) and cobalt(II) are chloro complexes: there the activities of dilute solutions,
 * by which equilibrium reckons, say nothing (common practice: concentrated hydrochloric acid turns them).
 */
const MUCH_CHLORIDE = 4
const IN_CHLORIDE: Readonly<Partial<Record<Tint, Tint>>> = {
  'copper(II)': 'chlorocuprate(II)',
  'cobalt(II)': 'chlorocobaltate(II)',
}

/** The colour of a solution: of what is plainest, by how far above the concentration at which it shows it is. */
export function colourOf(state: Equilibrium): SeenColour {
  const { tinted, spectators } = state.system
  const sums = new Float64Array(NAMES.length)
  const chloride = (state.species.get('Cl-') ?? 0) > MUCH_CHLORIDE
  const add = (own: Tint, concentration: number) => {
    const tint = (chloride && IN_CHLORIDE[own]) || own
    sums[PLACES[tint]] = (sums[PLACES[tint]] as number) + concentration
  }
  for (const { place, tint } of tinted) add(tint, state.concentrations[place] as number)
  for (const name of spectators) {
    const { formula, tint } = COMPONENTS[name]
    if (tint) add(tint, state.species.get(formula) ?? 0)
  }
  let [plainest, colour]: [number, SeenColour] = [1, 'colourless']
  NAMES.forEach((name, place) => {
    const shows = (sums[place] as number) / TINTS[name].from
    if (shows > plainest) [plainest, colour] = [shows, TINTS[name].colour]
  })
  return colour
}

import { COMPONENTS, type Equilibrium, TINTS, type Tint } from '../aqueous/index.ts'
import type { SeenColour } from '../palette/index.ts'

const NAMES = Object.keys(TINTS) as Tint[]
const PLACES = Object.fromEntries(NAMES.map((name, place) => [name, place])) as Readonly<Record<Tint, number>>

/** The colour of a solution: of what is plainest, by how far above the concentration at which it shows it is. */
export function colourOf(state: Equilibrium): SeenColour {
  const { tinted, spectators } = state.system
  const sums = new Float64Array(NAMES.length)
  const add = (tint: Tint, concentration: number) => {
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

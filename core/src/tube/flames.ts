import { type Component, componentsOf } from '../aqueous/index.ts'
import type { SeenColour } from '../palette/index.ts'
import { ION_TABLE } from '../substance/index.ts'
import { type Contents, isDry } from './contents.ts'

/** Flame colours by ion, the one that covers the others first. */
export const FLAME_COLOURS: readonly { readonly ion: string; readonly colour: SeenColour }[] = ION_TABLE.flatMap(
  ({ ion, flame }) => (flame ? [{ ion, ...flame }] : []),
).toSorted((a, b) => a.covers - b.covers)

const FLAMES: readonly (readonly [component: Component, colour: SeenColour])[] = FLAME_COLOURS.map(({ ion, colour }) => {
  const [component] = Object.keys(componentsOf(ion))
  return [component as Component, colour]
})

/** Least concentration that colours a flame plainly, mol/dm³. */
const COLOURS_FROM = 0.01

/** The colour that contents give a flame, and what it would be through blue glass, where that tells more. */
export function flameOf(
  contents: Contents,
  dryParts: Readonly<Partial<Record<Component, number>>> = {},
): {
  readonly colour: SeenColour | undefined
  readonly throughBlueGlass?: SeenColour
} {
  const { amounts, volume } = contents
  const dry = isDry(contents)
  const has = (component: Component) =>
    dry ? (dryParts[component] ?? 0) > 0 : ((amounts[component] ?? 0) * 1000) / (volume || 1) > COLOURS_FROM
  const colours = FLAMES.filter(([component]) => has(component))
  const [first] = colours
  // Cobalt glass takes the yellow of sodium away, so that potassium shows beside it.
  return { colour: first?.[1], ...(first?.[0] === 'Na' && has('K') ? { throughBlueGlass: 'lilac' } : {}) }
}

import type { SeenColour } from '../palette/index.ts'
import { type Contents, type Floating, settle, withAmounts } from './contents.ts'
import { type Fact, look, type View } from './facts.ts'
import { describe, type Stepped } from './playing.ts'
import type { Tube } from './tubeState.ts'

/** Halogens that go from water into a hydrocarbon over it, with their colour there (common practice), the deepest first. */
const HALOGENS = [
  { name: 'I2', from: 2e-4, colour: 'purple' },
  { name: 'Br2', from: 1e-3, colour: 'orange' },
  { name: 'Cl2', from: 5e-3, colour: 'pale green' },
] as const

/** How much of a halogen goes into the upper layer when the tube is shaken (distribution ratios near 100: from memory of Vogel). */
const SHAKEN_OUT = 0.99

/** The colour of an upper layer. */
function colourOfLayer({ volume, amounts }: Floating): SeenColour {
  const seen = HALOGENS.find(({ name, from }) => (1000 * (amounts[name] ?? 0)) / volume > from)
  return seen?.colour ?? 'colourless'
}

/** Puts a liquid on top of a tube. */
export function float(contents: Contents, cm3: number): Contents {
  const { floating } = contents
  return { ...contents, floating: { volume: (floating?.volume ?? 0) + cm3, amounts: floating?.amounts ?? {} } }
}

/** What a step did in a tube with an upper layer, once it has been shaken: halogens are in the layer, and show there. */
export function shakenOut(before: Tube, stepped: Stepped): Stepped {
  const { contents } = stepped.tube
  if (!contents.floating) return stepped
  const { volume, amounts } = contents.floating
  const moved = Object.fromEntries(HALOGENS.map(({ name }) => [name, SHAKEN_OUT * (contents.amounts[name] ?? 0)]))
  const inLayer = Object.fromEntries(HALOGENS.map(({ name }) => [name, (amounts[name] ?? 0) + (moved[name] ?? 0)]))
  const left: Contents = {
    ...withAmounts(contents, moved, -1),
    floating: { volume, amounts: inLayer },
  }
  const view = look(left, settle(left))
  const colour = colourOfLayer({ volume, amounts: inLayer })
  const had = before.contents.floating && colourOfLayer(before.contents.floating)
  const layer: readonly Fact[] = colour === had ? [] : [{ kind: 'layer', colour }]
  const others = stepped.shown.facts.filter(({ kind }) => kind !== 'noChange' && kind !== 'solution')
  const dissolved = others.some(({ kind }) => kind === 'dissolves')
  const seen = [...layer, ...others, ...(dissolved ? [] : turned(before.view, view))]
  const facts: readonly Fact[] = seen.length > 0 ? seen : [{ kind: 'noChange' }]
  return {
    tube: { ...stepped.tube, contents: left, view },
    shown: describe(facts, view, stepped.tube.above, () => stepped.shown.equations),
  }
}

/** The colour of the water under the layer, where it changed and no solid hides it. */
function turned({ solution: from }: View, { solution: to, solids }: View): readonly Fact[] {
  return from === to || solids.length > 0 ? [] : [{ kind: 'solution', from, to }]
}

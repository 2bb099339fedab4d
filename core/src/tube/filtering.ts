import type { Component } from '../aqueous/index.ts'
import { type Contents, EMPTY, isDry, NONE, settle, withAmounts } from './contents.ts'
import { look, looksLike } from './facts.ts'
import { describe, type Stepped } from './playing.ts'
import { solidFacts } from './solids.ts'
import { type Tube, tubeOf } from './tubeState.ts'

/** Water that a washed residue is taken up in, cm³. */
const TAKEN_UP_IN = 1

function amountsInSolids(contents: Contents): Readonly<Partial<Record<Component, number>>> {
  const dm3 = contents.volume / 1000
  const sum: Partial<Record<Component, number>> = {}
  for (const [solid, concentration] of settle(contents).solids)
    for (const [name, count] of Object.entries(solidFacts(solid)?.madeOf ?? {}))
      sum[name as Component] = (sum[name as Component] ?? 0) + count * concentration * dm3
  return sum
}

/** Filters: what is dissolved goes on in the tube, what is solid stays in the paper, washed. */
export function filter(tube: Tube): Stepped {
  const { contents } = tube
  if (isDry(contents)) return { tube, shown: describe([{ kind: 'noChange' }], tube.view, []) }
  const solid = amountsInSolids(contents)
  const filtrate: Contents = { ...withAmounts(contents, solid, -1), inert: NONE, dry: NONE }
  const residue: Contents = { ...EMPTY, volume: TAKEN_UP_IN, amounts: solid, inert: contents.inert, dry: contents.dry }
  const view = look(filtrate, settle(filtrate))
  return {
    tube: { ...tube, contents: filtrate, view, peak: 0, above: [], residue },
    shown: describe(looksLike(view), view, []),
  }
}

/** The residue of a tube that was filtered, in a little water, or undefined where there was none. */
export function residueOf({ residue }: Tube): Tube | undefined {
  if (!residue) return undefined
  const tube = tubeOf(residue)
  return { ...tube, peak: tube.view.solids.reduce((sum, { amount }) => sum + amount, 0) }
}

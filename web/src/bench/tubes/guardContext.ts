import { type Action, drawTube, type GuardContext } from '@hop-lark/core/rack'
import type { PartOf } from '@hop-lark/core/record'
import { findTube, type Tube } from './rackEdits.ts'

/** Everything done in a tube and in those it was begun from. */
export function doneBefore(part: PartOf<'rack'>, tube: Tube, depth = 0): readonly Action[] {
  const parent = tube.from === undefined || depth > 20 ? undefined : findTube(part, tube.from)?.tube
  return [...(parent ? doneBefore(part, parent, depth + 1) : []), ...tube.steps]
}

/** What stands around an act in a tube: what was done in it, how full it is, the sample's other tubes. */
export function contextOf(part: PartOf<'rack'>, tube: Tube, before: readonly Action[]): GuardContext {
  const all = new Map(part.samples.flatMap(({ tubes }) => tubes.map((one) => [one.id, one] as const)))
  const own = findTube(part, tube.id)?.sample.tubes ?? []
  return { before, volume: drawTube(tube, all).volume, tubes: own }
}

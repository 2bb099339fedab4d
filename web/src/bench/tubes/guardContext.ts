import { type Action, drawTube, type GuardContext } from '@hop-lark/core/rack'
import { type PartOf, tubeLine, tubesById } from '@hop-lark/core/record'
import { findTube, type Tube } from './rackEdits.ts'

/** Everything done in a tube and in those it was begun from. */
export function doneBefore(part: PartOf<'rack'>, tube: Tube): readonly Action[] {
  return tubeLine(tube, tubesById(part.samples)).flatMap(({ steps }) => steps)
}

/** What stands around an act in a tube: what was done in it, how full it is, the sample's other tubes. */
export function contextOf(part: PartOf<'rack'>, tube: Tube, before: readonly Action[]): GuardContext {
  const own = findTube(part, tube.id)?.sample.tubes ?? []
  const [first = tube] = tubeLine(tube, tubesById(part.samples))
  return {
    before,
    volume: drawTube(tube, tubesById(part.samples)).volume,
    portion: Number(first.cm3 ?? 1),
    ...(part.dropsPerCm3 === undefined ? {} : { dropsPerCm3: Number(part.dropsPerCm3) }),
    tubes: own,
  }
}

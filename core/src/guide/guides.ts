import { FLAMES } from './flames.ts'
import { GASES } from './gases.ts'
import type { Guide } from './guide.ts'
import { SEPARATING } from './separating.ts'
import { SOLIDS } from './solids.ts'
import { VOLUMES } from './volumes.ts'

/** How the hands do what a sheet asks for, in the order of a bench from left to right. */
export const GUIDES: readonly Guide[] = [...SOLIDS, ...VOLUMES, ...SEPARATING, ...FLAMES, ...GASES]

/** More than these under one step are not read. */
const MOST = 3

/**
 * The guides that a step wants, the one that its words name first.
 *
 * @param text - a sentence of a sheet that orders something
 */
export function guidesFor(text: string): readonly Guide[] {
  const at = (guide: Guide) => guide.when.exec(text)?.index ?? Number.POSITIVE_INFINITY
  return GUIDES.filter(({ when }) => when.test(text))
    .toSorted((one, other) => at(one) - at(other))
    .slice(0, MOST)
}

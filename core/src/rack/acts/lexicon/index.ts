import { AMOUNTS } from './amounts.ts'
import { DEEDS } from './deeds.ts'
import { HELD } from './held.ts'
import { JOINTS } from './joints.ts'
import { MANNER } from './manner.ts'
import type { Is, Kind } from './rule.ts'

export { IDLE } from './idle.ts'
export type { Kind } from './rule.ts'

/**
 * Patterns of the words of acts that are tried where the reader stands, in this order: the more exact first. Typographic
 * signs are plain ones by then.
 */
export const RULES: readonly (readonly [pattern: RegExp, kind: Kind, is: Is])[] = [AMOUNTS, MANNER, HELD, DEEDS, JOINTS]
  .flat()
  .map(([pattern, kind, is]) => [new RegExp(pattern, 'iy'), kind, is])

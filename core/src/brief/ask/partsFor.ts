import type { Draft } from '../draft/Draft.ts'
import type { DraftPart } from '../draft/parts.ts'

/** The parts a question can be about: those of its own question of the sheet, or all of them where it has none. */
export function partsFor(draft: Draft, block: number): readonly DraftPart[] {
  const own = draft.parts.filter((part) => part.block === block)
  return own.length > 0 ? own : draft.parts
}

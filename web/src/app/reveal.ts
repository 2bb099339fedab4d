import type { Path } from '@hop-lark/core/record'

/** Draws what a path names, if it can; says whether it does. */
type Reveal = (at: Path) => boolean

const known = new Set<Reveal>()

/** Long tables draw only what is in sight: one that is on the page says here how the rest is brought there. */
export function canReveal(reveal: Reveal): () => void {
  known.add(reveal)
  return () => known.delete(reveal)
}

/** Has a place of the record drawn that is out of sight; says whether anything will. */
export const reveal = (at: Path): boolean => [...known].some((one) => one(at))

import { isClipped } from './acts/names.ts'
import { actTokensOf } from './acts/tokens.ts'
import { completeReagent, findReagent } from './reagentWords.ts'

/** Acts as they are typed, the usual ones first. */
const ACTS = [
  'warm, damp red litmus',
  'warm',
  'boil',
  'heat strongly',
  'heat strongly, limewater',
  'cool',
  'filter',
  'flame test',
  'left to stand',
  'shake',
  'smell, by wafting',
  'dissolve in water',
  'red litmus paper',
  'blue litmus paper',
  'universal indicator paper',
  'gas: limewater',
  'gas: lighted splint',
  'gas: glowing splint',
  'appearance',
] as const

/** Shorter words complete to half the shelf. */
const LEAST = 2
const MOST = 5
/** Words at the end of a text that may be the beginning of one name, the most first: `barium nit`. */
const ENDS = [/\S+\s+\S+$/, /[^\s,]+$/] as const

/** Whether a fragment ends a name that is not known: "citric acid" is not to become another acid. */
const isOfOtherName = (typed: string, fragment: string) =>
  actTokensOf(typed.slice(0, typed.length - fragment.length)).at(-1)?.kind === 'unknown'

/**
 * What a half-typed act may become: the whole line with a bottle in the place of its last words, or an act that begins so.
 */
export function completeAction(typed: string): readonly string[] {
  const begun = typed.trimStart().toLowerCase()
  const acts = ACTS.filter((act) => begun.length >= LEAST && act.startsWith(begun))
  // What is already there in full needs no completing.
  const fragments = ENDS.map((end) => [end, end.exec(typed)?.[0] ?? ''] as const)
  const there = fragments.some(([, fragment]) => findReagent(fragment)?.span[1] === fragment.length && !isClipped(fragment))
  if (there || acts.some((act) => act === begun)) return []
  for (const [end, fragment] of fragments) {
    const bottles = fragment.length < LEAST || isOfOtherName(typed, fragment) ? [] : completeReagent(fragment, MOST)
    if (bottles.length > 0) return [...acts, ...bottles.map((bottle) => typed.replace(end, bottle))].slice(0, MOST)
  }
  return acts.slice(0, MOST)
}

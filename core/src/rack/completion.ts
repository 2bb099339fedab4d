import { completeReagent } from './reagentWords.ts'

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
const LAST_WORD = /[^\s,]+$/

/** What a half-typed act may become: the whole line with a bottle in the place of its last word, or an act that begins so. */
export function completeAction(typed: string): readonly string[] {
  const begun = typed.trimStart().toLowerCase()
  const word = LAST_WORD.exec(typed)?.[0] ?? ''
  if (word.length < LEAST) return []
  const acts = ACTS.filter((act) => act.startsWith(begun))
  const bottles = completeReagent(word, MOST)
  // What is already there in full needs no completing.
  const there = acts.some((act) => act === begun) || bottles.some((one) => one === word || one.replace(/\(aq\)$/, '') === word)
  return there ? [] : [...acts, ...bottles.map((bottle) => typed.replace(LAST_WORD, bottle))].slice(0, MOST)
}

import type { Gap } from '../mend/gap.ts'
import type { Score } from './score.ts'

/** Accepting all. */
const ACCEPT = 1
/** What is asked is answered by one key; where it is typed, this long (a strength, an equation is pasted). */
const TYPED = 6
/** Finding a wrong thing, opening its field, typing over it. */
const MENDED_BY_HAND = 9

/** Things that are wrong in a reading: what is missing and what stands in its place are one. */
export function faultsIn({ wrong }: Pick<Score, 'wrong'>): number {
  const kinds = new Map<string, { missing: number; extra: number }>()
  for (const line of wrong) {
    const [, kind = '', how] = /^(\w+) (missing|extra)/.exec(line) ?? []
    const counted = kinds.get(kind) ?? { missing: 0, extra: 0 }
    kinds.set(kind, how === 'missing' ? { ...counted, missing: counted.missing + 1 } : { ...counted, extra: counted.extra + 1 })
  }
  return [...kinds.values()].reduce((sum, { missing, extra }) => sum + Math.max(missing, extra), 0)
}

/** Keys from a pasted sheet to a task that is ready for readings, with everything in it right. */
export const keysTo = (score: Pick<Score, 'wrong'>, gaps: readonly Gap[]): number =>
  ACCEPT + gaps.reduce((sum, { candidates }) => sum + (candidates.length > 0 ? 1 : TYPED), 0) + faultsIn(score) * MENDED_BY_HAND

/** The value below which a part of some numbers lies. */
export function quantile(numbers: readonly number[], part: number): number {
  const sorted = numbers.toSorted((a, b) => a - b)
  return sorted[Math.min(sorted.length - 1, Math.floor(part * sorted.length))] ?? Number.NaN
}

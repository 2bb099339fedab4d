import type { Level, Problem } from '../problem/index.ts'
import { writePath } from '../record/index.ts'

const ORDER: Readonly<Record<Level, number>> = { error: 0, query: 1, advice: 2 }

/** The most serious level of what is wrong at each place, by written path. */
export function worstByPlace(problems: readonly Problem[]): ReadonlyMap<string, Level> {
  const worst = new Map<string, Level>()
  for (const { at, level } of problems) {
    const place = writePath(at)
    const before = worst.get(place)
    if (before === undefined || ORDER[level] < ORDER[before]) worst.set(place, level)
  }
  return worst
}

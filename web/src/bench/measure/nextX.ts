import { decimalPlaces, Exact } from '@hop-lark/core/number'

/** What the next x is likely to be: as far from the last as that was from the one before, or 0 to begin with. */
export function nextX(taken: readonly string[]): string | undefined {
  const [before, last] = taken.slice(-2)
  if (before === undefined) return undefined
  if (last === undefined) return undefined
  const step = new Exact(last).sub(before)
  return step.isZero() ? undefined : step.add(last).toFixed(Math.max(decimalPlaces(before), decimalPlaces(last)))
}

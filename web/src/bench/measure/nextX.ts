import { decimalPlaces, Exact } from '@hop-lark/core/number'
import { entryText, type PartOf } from '@hop-lark/core/record'

/** The x of the plan at which nothing has been read yet, in its order. */
export function plannedLeft({ planned = [], points }: PartOf<'series'>): readonly string[] {
  const taken = points.map(({ x }) => new Exact(entryText(x)))
  return planned.filter((x) => !taken.some((one) => one.eq(x)))
}

/** The x that is read at next: the next of the plan, else what follows from those before. */
export const foreseenX = (part: PartOf<'series'>): string | undefined =>
  plannedLeft(part)[0] ?? nextX(part.points.map(({ x }) => entryText(x)))

/** What the next x is likely to be: as far from the last as that was from the one before, or 0 to begin with. */
export function nextX(taken: readonly string[]): string | undefined {
  const [before, last] = taken.slice(-2)
  if (before === undefined) return undefined
  if (last === undefined) return undefined
  const step = new Exact(last).sub(before)
  return step.isZero() ? undefined : step.add(last).toFixed(Math.max(decimalPlaces(before), decimalPlaces(last)))
}

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

/** How many times the last changes a reading may lie from the last one and still be what was expected. */
const AS_BEFORE = 1.5
/** So many changes tell how much it changes by. */
const LOOKED_BACK = 3

/** Whether a reading goes on as those before it did, so that nobody need ask whether it is one. */
export function goesOn(taken: readonly string[], next: string): boolean {
  const last = taken.slice(-LOOKED_BACK - 1)
  const changes = last.slice(1).map((reading, index) => new Exact(reading).sub(last[index] ?? reading).abs())
  const from = last.at(-1)
  if (from === undefined || changes.length === 0) return false
  return new Exact(next)
    .sub(from)
    .abs()
    .lte(Exact.max(...changes).mul(AS_BEFORE))
}

/** What the next x is likely to be: as far from the last as that was from the one before, or 0 to begin with. */
export function nextX(taken: readonly string[]): string | undefined {
  const [before, last] = taken.slice(-2)
  if (before === undefined) return undefined
  if (last === undefined) return undefined
  const step = new Exact(last).sub(before)
  return step.isZero() ? undefined : step.add(last).toFixed(Math.max(decimalPlaces(before), decimalPlaces(last)))
}

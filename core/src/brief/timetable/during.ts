import type { PlannedStep, Progress, Timetable } from './problem.ts'

/** What is done with free hands while something goes on by itself. */
export interface During {
  /** The step that waits. */
  readonly id: string
  readonly minutes: number
  /** Steps that are done meanwhile, in order. */
  readonly does: readonly string[]
}

const SAME = 1e-9

/** For each wait of a timetable what is done in it. */
export function duringWaits(steps: readonly PlannedStep[], { starts }: Pick<Timetable, 'starts'>): readonly During[] {
  const at = (id: string) => starts.get(id) ?? 0
  return steps
    .filter(({ wait }) => wait > 0)
    .map(({ id, hands, wait }) => {
      const [from, to] = [at(id) + hands, at(id) + hands + wait]
      const does = steps
        .filter((other) => other.id !== id && other.hands > 0 && at(other.id) >= from - SAME && at(other.id) < to - SAME)
        .toSorted((a, b) => at(a.id) - at(b.id))
        .map((other) => other.id)
      return { id, minutes: wait, does }
    })
    .toSorted((a, b) => at(a.id) - at(b.id))
}

/** What is under way, and what comes next, at the moment. */
export interface NextSteps {
  readonly underWay: readonly string[]
  readonly next?: string
  /** Minutes from now until the next one is to begin. */
  readonly inMinutes: number
}

/** Where the student is in a timetable. */
export function nextIn(
  steps: readonly PlannedStep[],
  { starts }: Pick<Timetable, 'starts'>,
  { now, begun }: Progress,
): NextSteps {
  const known = new Set(begun.map(({ id }) => id))
  const waiting = steps.filter(({ id }) => !known.has(id)).toSorted((a, b) => (starts.get(a.id) ?? 0) - (starts.get(b.id) ?? 0))
  const [next] = waiting
  return {
    underWay: begun.filter(({ end }) => end > now + SAME).map(({ id }) => id),
    ...(next === undefined ? {} : { next: next.id }),
    inMinutes: next === undefined ? 0 : Math.max(0, (starts.get(next.id) ?? now) - now),
  }
}

import type { PlannedStep, Timetable } from './problem.ts'

/** A bar of a drawn timetable, in minutes. */
export interface Bar {
  readonly id: string
  readonly from: number
  readonly to: number
}

export interface Lanes {
  /** A lane for each pair of hands. */
  readonly hands: readonly (readonly Bar[])[]
  /** Waits, in as few lanes as they do not overlap in. */
  readonly waits: readonly (readonly Bar[])[]
}

/** Puts bars into lanes in which they follow one another, in the order in which they begin. */
function inLanes(bars: readonly Bar[]): readonly (readonly Bar[])[] {
  const lanes: Bar[][] = []
  for (const bar of bars.toSorted((a, b) => a.from - b.from || a.to - b.to)) {
    const free = lanes.find((lane) => (lane.at(-1)?.to ?? 0) <= bar.from + 1e-9)
    if (free) free.push(bar)
    else lanes.push([bar])
  }
  return lanes
}

/** A timetable as bars on a time axis. */
export function lanesOf(steps: readonly PlannedStep[], { starts }: Pick<Timetable, 'starts'>): Lanes {
  const at = (id: string) => starts.get(id) ?? 0
  const hands = steps.flatMap(({ id, hands: busy }) => (busy > 0 ? [{ id, from: at(id), to: at(id) + busy }] : []))
  const waits = steps.flatMap(({ id, hands: busy, wait }) =>
    wait > 0 ? [{ id, from: at(id) + busy, to: at(id) + busy + wait }] : [],
  )
  return { hands: inLanes(hands), waits: inLanes(waits) }
}

/** Steps that can be done without when time is short, the most expendable first: runs beyond two, then what is written afterwards. */
export function expendable<Step extends { readonly kind: string; readonly minutes: { readonly hands: number } }>(
  steps: readonly Step[],
): readonly Step[] {
  const rank = (step: Step) => ['repeat', 'question'].indexOf(step.kind)
  return steps.filter((step) => rank(step) >= 0 && step.minutes.hands > 0).toSorted((a, b) => rank(a) - rank(b))
}

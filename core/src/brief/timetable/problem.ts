/** A step that is to be put into a timetable; times in minutes. */
export interface PlannedStep {
  readonly id: string
  /** With hands on it. */
  readonly hands: number
  /** By itself, after that. */
  readonly wait: number
  /** Things it needs, each from its start: until its hands are free again, or to its very end. */
  readonly uses: readonly { readonly thing: string; readonly through: 'hands' | 'wait' }[]
  /** Steps that must have ended before it begins. */
  readonly after: readonly string[]
}

/** A step that has been begun: when, when hands were free again, and when it ended or is expected to. */
export interface Begun {
  readonly id: string
  readonly start: number
  readonly free: number
  readonly end: number
}

export interface Progress {
  /** Nothing that has not begun starts before now. */
  readonly now: number
  readonly begun: readonly Begun[]
}

/** A timetable: when each step starts, and when all is done. */
export interface Timetable {
  readonly starts: ReadonlyMap<string, number>
  readonly ends: number
  /** Whether no timetable can end sooner. */
  readonly proved: boolean
  /** No timetable ends sooner than this. */
  readonly atLeast: number
}

/** Steps as the search has them: by number, with what follows from their order worked out once. */
export interface Laid {
  readonly steps: readonly PlannedStep[]
  readonly length: readonly number[]
  readonly before: readonly (readonly number[])[]
  readonly later: readonly (readonly number[])[]
  /** The longest way from the start of a step to the end of all. */
  readonly way: readonly number[]
  readonly uses: readonly (readonly { readonly thing: number; readonly through: boolean }[])[]
  readonly things: number
}

/** Lays steps out by number; needs that lead in a circle or nowhere are left out. */
export function layOut(steps: readonly PlannedStep[]): Laid {
  const number = new Map(steps.map(({ id }, index) => [id, index]))
  const names = [...new Set(steps.flatMap(({ uses }) => uses.map(({ thing }) => thing)))]
  const length = steps.map(({ hands, wait }) => hands + wait)
  const before = withoutCircles(steps.map(({ after }) => after.flatMap((id) => number.get(id) ?? [])))
  const later = steps.map((_, index) => before.flatMap((needed, other) => (needed.includes(index) ? [other] : [])))
  const way: number[] = steps.map(() => -1)
  const wayFrom = (step: number): number => {
    const known = way[step] as number
    if (known >= 0) return known
    const longest = Math.max(0, ...(later[step] as readonly number[]).map(wayFrom))
    way[step] = (length[step] as number) + longest
    return way[step] as number
  }
  for (const step of steps.keys()) wayFrom(step)
  return {
    steps,
    length,
    before,
    later,
    way,
    uses: steps.map(({ uses }) =>
      uses.map(({ thing, through }) => ({ thing: names.indexOf(thing), through: through === 'wait' })),
    ),
    things: names.length,
  }
}

/** Needs that can be met: one that would close a circle is let go. */
function withoutCircles(needs: readonly (readonly number[])[]): readonly (readonly number[])[] {
  const kept: number[][] = needs.map(() => [])
  const leadsTo = (from: number, to: number, seen = new Set<number>()): boolean => {
    if (from === to) return true
    if (seen.has(from)) return false
    seen.add(from)
    return (kept[from] as number[]).some((next) => leadsTo(next, to, seen))
  }
  needs.forEach((needed, step) => {
    for (const other of needed) if (!leadsTo(other, step)) (kept[step] as number[]).push(other)
  })
  return kept
}

import { type Job, preemptiveEnd, sharedEnd } from './bounds.ts'
import type { Laid, Progress } from './problem.ts'

const NEAR = 1e-9

/** What a step took when it was placed, to be given back. */
interface Taken {
  readonly pair: number
  readonly pairFree: number
  readonly thingsFree: readonly number[]
}

/**
 * Looks for the soonest end, depth first. Steps are placed in the order of their starts, each as early as it can be but not
 * before the last one placed: among the timetables made so is one that ends soonest, since in any timetable the steps can be
 * gone through in the order of their starts and moved forward one by one.
 */
export class Search {
  bestEnd = Number.POSITIVE_INFINITY
  bestStarts: readonly number[] = []
  nodes = 0
  /** No timetable ends sooner. */
  readonly atLeast: number
  private readonly laid: Laid
  private readonly budget: number
  private readonly starts: number[]
  private readonly ends: number[]
  private readonly pairs: number[]
  private readonly thingFree: number[]
  private placed = 0n
  private count = 0
  private readonly seen = new Map<bigint, (readonly number[])[]>()
  private readonly order: readonly number[]
  private readonly begun: number
  private readonly latestBegun: number

  constructor(laid: Laid, pairs: number, progress: Progress, budget: number) {
    this.laid = laid
    this.budget = budget
    this.order = laid.steps.map((_, index) => index)
    this.starts = laid.steps.map(() => -1)
    this.ends = laid.steps.map(() => 0)
    this.pairs = Array.from({ length: pairs }, () => progress.now)
    this.thingFree = Array.from({ length: laid.things }, () => progress.now)
    this.begun = progress.now
    this.latestBegun = Math.max(progress.now, ...this.takeBegun(progress))
    this.atLeast = Math.max(this.latestBegun, this.boundFrom(progress.now))
  }

  /** Steps that are under way hold their hands and things as long as they will. */
  private takeBegun({ begun }: Progress): readonly number[] {
    return begun.flatMap(({ id, start, free, end }) => {
      const step = this.laid.steps.findIndex((one) => one.id === id)
      if (step < 0) return []
      this.starts[step] = start
      this.ends[step] = end
      const pair = this.pairs.indexOf(Math.min(...this.pairs))
      this.pairs[pair] = Math.max(this.pairs[pair] as number, free)
      for (const { thing, through } of this.laid.uses[step] ?? [])
        this.thingFree[thing] = Math.max(this.thingFree[thing] as number, through ? end : free)
      this.placed |= 1n << BigInt(step)
      this.count++
      return [end]
    })
  }

  run(): void {
    const size = this.order.length
    if (this.count === size) {
      this.bestEnd = this.latestBegun
      this.bestStarts = [...this.starts]
      return
    }
    this.byRules()
    this.place(this.begun, this.latestBegun)
  }

  get proved(): boolean {
    return this.nodes <= this.budget || this.bestEnd <= this.atLeast + NEAR
  }

  private earliest(step: number, last: number): number {
    const { before, steps, uses } = this.laid
    let at = last
    for (const needed of before[step] as readonly number[])
      at = Math.max(at, (this.starts[needed] as number) >= 0 ? (this.ends[needed] as number) : 0)
    if ((steps[step]?.hands ?? 0) > 0) at = Math.max(at, Math.min(...this.pairs))
    for (const { thing } of uses[step] ?? []) at = Math.max(at, this.thingFree[thing] as number)
    return at
  }

  /** The earliest start of every step that is open, needs that are open themselves included. */
  private heads(last: number): readonly number[] {
    const heads = this.order.map(() => -1)
    const headOf = (step: number): number => {
      if ((this.starts[step] as number) >= 0) return this.starts[step] as number
      if ((heads[step] as number) >= 0) return heads[step] as number
      let at = this.earliest(step, last)
      for (const needed of this.laid.before[step] as readonly number[])
        if ((this.starts[needed] as number) < 0) at = Math.max(at, headOf(needed) + (this.laid.length[needed] as number))
      heads[step] = at
      return at
    }
    for (const step of this.order) headOf(step)
    return heads
  }

  /** No timetable that goes on from here ends sooner. */
  private boundFrom(last: number): number {
    const { steps, way, length, uses, things } = this.laid
    const heads = this.heads(last)
    const open = this.order.filter((step) => (this.starts[step] as number) < 0)
    let bound = 0
    for (const step of open) bound = Math.max(bound, (heads[step] as number) + (way[step] as number))
    const job = (step: number, held: number): Job => ({
      head: heads[step] as number,
      length: held,
      tail: (way[step] as number) - held,
    })
    const hands = open.flatMap((step) => ((steps[step]?.hands ?? 0) > 0 ? [job(step, steps[step]?.hands ?? 0)] : []))
    bound = Math.max(bound, this.pairs.length === 1 ? preemptiveEnd(hands) : sharedEnd(hands, this.pairs.length))
    for (let thing = 0; thing < things; thing++) {
      const held = open.flatMap((step) => {
        const use = uses[step]?.find((one) => one.thing === thing)
        return use ? [job(step, use.through ? (length[step] as number) : (steps[step]?.hands ?? 0))] : []
      })
      if (held.length > 1) bound = Math.max(bound, preemptiveEnd(held))
    }
    return bound
  }

  private put(step: number, at: number): Taken {
    const { steps, length, uses } = this.laid
    const hands = steps[step]?.hands ?? 0
    const pair = this.pairs.indexOf(Math.min(...this.pairs))
    const own = uses[step] ?? []
    const taken = {
      pair,
      pairFree: this.pairs[pair] as number,
      thingsFree: own.map(({ thing }) => this.thingFree[thing] as number),
    }
    this.starts[step] = at
    this.ends[step] = at + (length[step] as number)
    if (hands > 0) this.pairs[pair] = at + hands
    for (const { thing, through } of own) this.thingFree[thing] = through ? (this.ends[step] as number) : at + hands
    this.placed |= 1n << BigInt(step)
    this.count++
    return taken
  }

  private takeBack(step: number, { pair, pairFree, thingsFree }: Taken): void {
    this.count--
    this.placed &= ~(1n << BigInt(step))
    this.laid.uses[step]?.forEach(({ thing }, index) => {
      this.thingFree[thing] = thingsFree[index] as number
    })
    this.pairs[pair] = pairFree
    this.starts[step] = -1
  }

  private ready(): readonly number[] {
    return this.order.filter(
      (step) =>
        (this.starts[step] as number) < 0 &&
        (this.laid.before[step] as readonly number[]).every((needed) => (this.starts[needed] as number) >= 0),
    )
  }

  private keep(end: number): void {
    if (end >= this.bestEnd - NEAR) return
    this.bestEnd = end
    this.bestStarts = [...this.starts]
  }

  /** Some timetables by rules of thumb to begin with: the earliest start, then the longest way to the end, mixed in several ways. */
  private byRules(): void {
    for (const weight of [1000, 1, 0.5, 2, 0.25, 0.75, 4]) {
      const done: (readonly [number, Taken])[] = []
      let last = this.begun
      let end = this.latestBegun
      while (this.count < this.order.length) {
        const [next] = this.ready().toSorted(
          (a, b) =>
            (this.earliest(a, last) - this.earliest(b, last)) * weight +
            (this.laid.way[b] as number) -
            (this.laid.way[a] as number),
        )
        if (next === undefined) break
        last = this.earliest(next, last)
        done.push([next, this.put(next, last)])
        end = Math.max(end, this.ends[next] as number)
      }
      if (this.count === this.order.length) this.keep(end)
      for (const [step, taken] of done.toReversed()) this.takeBack(step, taken)
    }
  }

  private place(last: number, latest: number): void {
    this.nodes++
    if (this.nodes > this.budget || this.bestEnd <= this.atLeast + NEAR) return
    if (this.count === this.order.length) {
      this.keep(latest)
      return
    }
    if (Math.max(latest, this.boundFrom(last)) >= this.bestEnd - NEAR || this.isDominated(last, latest)) return
    const ready = this.ready().toSorted(
      (a, b) => this.earliest(a, last) - this.earliest(b, last) || (this.laid.way[b] as number) - (this.laid.way[a] as number),
    )
    for (const step of ready) {
      const at = this.earliest(step, last)
      const taken = this.put(step, at)
      this.place(at, Math.max(latest, this.ends[step] as number))
      this.takeBack(step, taken)
    }
  }

  /** Whether the same steps have been placed before with nothing later: then what follows from here is no better. */
  private isDominated(last: number, latest: number): boolean {
    const state = [last, latest, ...this.pairs.toSorted((a, b) => a - b), ...this.thingFree]
    for (const step of this.order)
      if (
        (this.starts[step] as number) >= 0 &&
        (this.laid.later[step] as readonly number[]).some((other) => (this.starts[other] as number) < 0)
      )
        state.push(this.ends[step] as number)
    const known = this.seen.get(this.placed) ?? []
    if (known.some((one) => one.every((value, index) => value <= (state[index] as number) + NEAR))) return true
    this.seen.set(this.placed, [
      ...known.filter((one) => !state.every((value, index) => value <= (one[index] as number) + NEAR)),
      state,
    ])
    return false
  }
}

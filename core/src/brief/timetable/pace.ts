import type { Task } from '../../record/index.ts'
import type { RunStep } from '../steps/step.ts'

type Times = NonNullable<NonNullable<Task['brief']>['steps']>

/** Nobody is faster or slower than this against what is usual; what lies beyond was a break, or a clock that ran on. */
const FASTEST = 0.3
const SLOWEST = 4

const median = (values: readonly number[]): number => {
  const sorted = values.toSorted((a, b) => a - b)
  const middle = Math.floor(sorted.length / 2)
  return sorted.length % 2 === 1 ? (sorted[middle] as number) : ((sorted[middle - 1] as number) + (sorted[middle] as number)) / 2
}

const minutes = (from: string, to: string) => (Date.parse(to) - Date.parse(from)) / 60_000

/**
 * How fast the student works against what is usual, by kind of step, learned from the steps that were timed: 1.5 takes half as
 * long again. Kinds that were not done yet take the pace of all.
 */
export function paceOf(steps: readonly RunStep[], times: Times): (kind: RunStep['kind']) => number {
  const found = times.flatMap(({ id, started, free, ended }) => {
    const step = steps.find((one) => one.id === id)
    const over = free ?? ended
    if (!step || started === undefined || over === undefined || step.minutes.hands <= 0) return []
    // Where nobody said when the hands were free, the wait is taken to have been as long as it should.
    const hands = minutes(started, over) - (free === undefined ? step.minutes.wait : 0)
    const factor = hands / step.minutes.hands
    return factor >= FASTEST && factor <= SLOWEST ? [{ kind: step.kind, factor }] : []
  })
  const of = (kind?: RunStep['kind']) =>
    found.filter((one) => kind === undefined || one.kind === kind).map(({ factor }) => factor)
  return (kind) => {
    const own = of(kind)
    const all = of()
    return own.length > 0 ? median(own) : all.length > 0 ? median(all) : 1
  }
}

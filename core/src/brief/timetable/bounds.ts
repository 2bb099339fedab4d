/** Work that a single pair of hands, or a thing, has still to do: not before its head, and with its tail to follow. */
export interface Job {
  readonly head: number
  readonly length: number
  readonly tail: number
}

/**
 * The soonest that all jobs of one machine can have ended, tails included, if work could be broken off and taken up again:
 * always at the job with the longest tail (Jackson's preemptive schedule). No real schedule ends sooner.
 */
export function preemptiveEnd(jobs: readonly Job[]): number {
  const waiting = [...jobs].sort((a, b) => a.head - b.head)
  const open: { left: number; readonly tail: number }[] = []
  let at = 0
  let end = 0
  for (let next = 0; next < waiting.length || open.length > 0; ) {
    if (open.length === 0) at = Math.max(at, (waiting[next] as Job).head)
    while (next < waiting.length && (waiting[next] as Job).head <= at + 1e-9) {
      const { length, tail } = waiting[next] as Job
      open.push({ left: length, tail })
      next++
    }
    open.sort((a, b) => b.tail - a.tail)
    const first = open[0] as { left: number; readonly tail: number }
    const until = next < waiting.length ? Math.min(at + first.left, (waiting[next] as Job).head) : at + first.left
    first.left -= until - at
    at = until
    if (first.left > 1e-9) continue
    open.shift()
    end = Math.max(end, at + first.tail)
  }
  return end
}

/**
 * The soonest that several like machines can have done all jobs: for every head r and tail q, the jobs with no smaller head
 * and tail have their work shared among the machines between r and the end less q.
 */
export function sharedEnd(jobs: readonly Job[], machines: number): number {
  let end = 0
  const heads = [...new Set(jobs.map(({ head }) => head))]
  for (const head of heads) {
    const later = jobs.filter((job) => job.head >= head).sort((a, b) => b.tail - a.tail)
    let work = 0
    for (const { length, tail } of later) {
      work += length
      end = Math.max(end, head + work / machines + tail)
    }
  }
  return end
}

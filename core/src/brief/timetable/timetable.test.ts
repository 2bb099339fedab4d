import { describe, expect, it } from 'vitest'
import { uniformFrom } from '../../number/index.ts'
import { readSheet } from '../sheet/readSheet.ts'
import { duringWaits, nextIn } from './during.ts'
import { plannedSteps, progressOf } from './fromSheet.ts'
import type { PlannedStep, Progress } from './problem.ts'
import { timetable } from './timetable.ts'

const step = (
  id: string,
  hands: number,
  wait = 0,
  after: readonly string[] = [],
  uses: PlannedStep['uses'] = [],
): PlannedStep => ({ id, hands, wait, after, uses })

/** The soonest end, by looking at every minute at which every step could start: independent of how the search places them. */
function bruteForce(steps: readonly PlannedStep[], pairs: number, { now, begun }: Progress = { now: 0, begun: [] }): number {
  const horizon = now + steps.reduce((all, { hands, wait }) => all + hands + wait, 0)
  const starts = new Map<string, number>(begun.map(({ id, start }) => [id, start]))
  const spans = (id: string) => begun.find((one) => one.id === id)
  const endOf = (one: PlannedStep) => spans(one.id)?.end ?? (starts.get(one.id) ?? 0) + one.hands + one.wait
  const freeOf = (one: PlannedStep) => spans(one.id)?.free ?? (starts.get(one.id) ?? 0) + one.hands
  let best = Number.POSITIVE_INFINITY
  const fits = (one: PlannedStep, placed: readonly PlannedStep[]) => {
    const start = starts.get(one.id) ?? 0
    const overlaps = (from: number, to: number, other: number, until: number) => from < until && other < to
    if (one.hands > 0) {
      const moments = [start, ...placed.map(({ id }) => starts.get(id) ?? 0)].filter((at) => at >= start && at < freeOf(one))
      for (const at of moments)
        if (placed.filter((other) => other.hands > 0 && (starts.get(other.id) ?? 0) <= at && at < freeOf(other)).length >= pairs)
          return false
    }
    for (const { thing, through } of one.uses)
      for (const other of placed) {
        const use = other.uses.find((held) => held.thing === thing)
        if (
          use &&
          overlaps(
            start,
            through === 'wait' ? endOf(one) : freeOf(one),
            starts.get(other.id) ?? 0,
            use.through === 'wait' ? endOf(other) : freeOf(other),
          )
        )
          return false
      }
    return true
  }
  const free = steps.filter(({ id }) => spans(id) === undefined)
  const place = (left: readonly PlannedStep[], placed: readonly PlannedStep[]) => {
    const latest = Math.max(now, ...placed.map(endOf))
    if (latest >= best) return
    const next = left.find(({ after }) => after.every((id) => placed.some((one) => one.id === id)))
    if (!next) {
      if (left.length === 0) best = latest
      return
    }
    const from = Math.max(now, ...next.after.flatMap((id) => placed.filter((one) => one.id === id).map(endOf)))
    for (let at = from; at + next.hands + next.wait <= horizon; at++) {
      starts.set(next.id, at)
      if (fits(next, placed))
        place(
          left.filter((one) => one !== next),
          [...placed, next],
        )
    }
    starts.delete(next.id)
  }
  place(
    free,
    steps.filter(({ id }) => spans(id) !== undefined),
  )
  return best
}

/** A random small case: whole minutes, a few things, needs of earlier steps only. */
function randomCase(random: () => number, most: number): { readonly steps: readonly PlannedStep[]; readonly pairs: number } {
  const size = 2 + Math.floor(random() * (most - 1))
  const steps = Array.from({ length: size }, (_, index) => {
    const after = Array.from({ length: index }, (_unused, other) => `s${other}`).filter(() => random() < 0.25)
    const uses = ['burner', 'balance'].flatMap((thing) =>
      random() < 0.3 ? [{ thing, through: random() < 0.5 ? ('hands' as const) : ('wait' as const) }] : [],
    )
    return step(`s${index}`, Math.floor(random() * 4), Math.floor(random() * 4), after, uses)
  })
  return { steps, pairs: random() < 0.7 ? 1 : 2 }
}

/** Whether a timetable holds what it must: needs met, hands and things not taken twice. */
function faultsIn(steps: readonly PlannedStep[], pairs: number, starts: ReadonlyMap<string, number>): readonly string[] {
  const at = (id: string) => starts.get(id) ?? Number.NaN
  const faults: string[] = []
  for (const one of steps) {
    for (const id of one.after) {
      const needed = steps.find((other) => other.id === id)
      if (needed && at(id) + needed.hands + needed.wait > at(one.id) + 1e-9) faults.push(`${one.id} before ${id}`)
    }
    const busy = steps.filter((other) => other.hands > 0 && at(other.id) <= at(one.id) && at(one.id) < at(other.id) + other.hands)
    if (one.hands > 0 && busy.length > pairs) faults.push(`too few hands at ${one.id}`)
  }
  return faults
}

describe('a timetable', () => {
  it('uses the waits', () => {
    const steps = [step('settle', 2, 10), step('rinse', 4), step('fold', 1), step('filter', 3, 0, ['settle', 'fold'])]
    const { ends, starts, proved } = timetable(steps)
    expect([ends, proved]).toEqual([15, true])
    expect(starts.get('settle')).toBe(0)
    expect(starts.get('filter')).toBe(12)
  })

  it('shares what there is one of', () => {
    const burner = [{ thing: 'burner', through: 'wait' as const }]
    const steps = [step('heat A', 1, 5, [], burner), step('heat B', 1, 5, [], burner)]
    expect(timetable(steps).ends).toBe(12)
    expect(timetable(steps, 2).ends).toBe(12)
    expect(
      timetable(
        steps.map((one) => ({ ...one, uses: [] })),
        2,
      ).ends,
    ).toBe(6)
  })

  it('ends as soon as looking at every minute shows, in 1 000 cases', () => {
    const random = uniformFrom(14)
    for (let n = 0; n < 1000; n++) {
      const { steps, pairs } = randomCase(random, 5)
      const { ends, proved, starts } = timetable(steps, pairs)
      expect(proved).toBe(true)
      expect(faultsIn(steps, pairs, starts)).toEqual([])
      expect(ends, JSON.stringify({ steps, pairs })).toBe(bruteForce(steps, pairs))
    }
  })

  it('is made again from where the student is: what has begun stays, and nothing starts before now', () => {
    const random = uniformFrom(41)
    for (let n = 0; n < 300; n++) {
      const { steps, pairs } = randomCase(random, 5)
      const first = timetable(steps, pairs)
      const now = Math.floor(random() * first.ends)
      const late = Math.floor(random() * 3)
      const begun = steps.flatMap((one) => {
        const start = first.starts.get(one.id) ?? 0
        return start < now
          ? [{ id: one.id, start, free: Math.max(start + one.hands, 0), end: Math.max(start + one.hands + one.wait, start) }]
          : []
      })
      const again = timetable(steps, pairs, { now: now + late, begun })
      expect(again.ends, JSON.stringify({ steps, pairs, now, late })).toBe(bruteForce(steps, pairs, { now: now + late, begun }))
      if (late === 0) expect(again.ends).toBe(first.ends)
    }
  })

  it('says how far it may be from the best where it did not look at everything', () => {
    const random = uniformFrom(7)
    const steps = Array.from({ length: 24 }, (_, index) =>
      step(
        `s${index}`,
        1 + Math.floor(random() * 9),
        Math.floor(random() * 20),
        index > 3 ? [`s${Math.floor(random() * index)}`] : [],
        random() < 0.4 ? [{ thing: 'balance', through: 'hands' }] : [],
      ),
    )
    const { ends, atLeast, proved, starts } = timetable(steps, 2, undefined, 50)
    expect(atLeast).toBeLessThanOrEqual(ends)
    expect(proved).toBe(atLeast === ends)
    expect(faultsIn(steps, 2, starts)).toEqual([])
  })

  it('of needs that go in a circle, and of nothing', () => {
    expect(timetable([step('a', 1, 0, ['b']), step('b', 2, 0, ['a'])]).ends).toBe(3)
    expect(timetable([]).ends).toBe(0)
  })
})

describe('a sheet as a timetable', () => {
  const SHEET = `K1 is kelp ash. K2 is 0.100 mol dm-3 hydrochloric acid.
1. Weigh about 1.4 g of K1 into a beaker. Stir it with 100 cm3 of water. Let it settle for 6 minutes.
2. Rinse and fill the burette with K2.
3. Wash the solution into a 250 cm3 volumetric flask and make up to the mark. This is K3.
4. Pipette 25.0 cm3 of K3 into a conical flask, add methyl orange and titrate with K2.`
  const reading = readSheet(SHEET)
  const step = (words: RegExp) => reading.steps.find(({ text }) => words.test(text)) ?? expect.fail(String(words))
  const at = (minutes: number) => new Date(Date.UTC(2026, 10, 29, 9) + minutes * 60_000).toISOString()

  it('says what to do while it settles', () => {
    const planned = plannedSteps(reading)
    const settles = duringWaits(planned, timetable(planned)).find(({ id }) => id === step(/settle/).id)
    expect(settles?.minutes).toBe(6)
    expect(settles?.does).toContain(step(/Rinse and fill/).id)
  })

  it('counts the queue at a shared balance for every weighing', () => {
    const hands = (queue: number) => plannedSteps(reading, { queue }).find(({ id }) => id === step(/Weigh/).id)?.hands ?? 0
    expect(hands(4) - hands(0)).toBe(4)
  })

  it('leaves out what is done without', () => {
    const planned = plannedSteps(reading, { steps: [{ id: step(/Rinse/).id, skipped: true }] })
    expect(planned.map(({ id }) => id)).not.toContain(step(/Rinse/).id)
  })

  it('learns from the student’s own clock, and plans what is to come by it', () => {
    const weigh = step(/Weigh/)
    const took = weigh.minutes.hands * 2
    const slow = plannedSteps(reading, { steps: [{ id: weigh.id, started: at(0), ended: at(took) }] })
    const usual = plannedSteps(reading)
    const hands = (steps: typeof usual, words: RegExp) => steps.find(({ id }) => id === step(words).id)?.hands ?? 0
    expect(hands(slow, /Wash the solution/)).toBeCloseTo(2 * hands(usual, /Wash the solution/))
    // A clock that ran on over lunch teaches nothing.
    const lunch = plannedSteps(reading, { steps: [{ id: weigh.id, started: at(0), ended: at(90) }] })
    expect(hands(lunch, /Wash the solution/)).toBe(hands(usual, /Wash the solution/))
    // Minutes that the student has said himself stay.
    const said = plannedSteps(reading, {
      steps: [
        { id: weigh.id, started: at(0), ended: at(took) },
        { id: step(/Wash the solution/).id, hands: 3 },
      ],
    })
    expect(hands(said, /Wash the solution/)).toBe(3)
  })

  it('says what is under way and what comes next', () => {
    const times = [
      { id: step(/Weigh/).id, started: at(0), ended: at(3) },
      { id: step(/settle/).id, started: at(4), free: at(5) },
    ]
    const planned = plannedSteps(reading, { steps: times })
    const progress = progressOf(planned, times, at(6))
    const { underWay, next } = nextIn(planned, timetable(planned, 1, progress), progress)
    expect(underWay).toEqual([step(/settle/).id])
    expect([step(/Stir/).id, step(/Rinse/).id]).toContain(next)
  })
})

describe('what the record shows to be done', () => {
  const reading = readSheet(`A is 0.100 mol dm-3 hydrochloric acid. B is sodium hydroxide.
1. Fill a burette with A.
2. Pipette 25.0 cm3 of B into a conical flask, add methyl orange and titrate with A.
3. Repeat until two titres agree within 0.10 cm3.
(a) Calculate the concentration of sodium hydroxide in B.
(b) Why is the flask swirled?`)
  const left = (...recorded: string[]) => plannedSteps(reading, {}, new Set(recorded)).length

  it('is not planned any more: all that led to the readings, and the question that has its answer', () => {
    const all = left()
    expect(left('t1')).toBeLessThan(all)
    expect(left('t1', 'q1')).toBe(left('t1') - 1)
    expect(left('t1', 'q1', 'q2')).toBe(0)
  })

  it('is planned as long as nothing is read', () => {
    expect(left('q2')).toBeLessThan(left())
    expect(plannedSteps(reading).some(({ id }) => id.startsWith('pipette'))).toBe(true)
  })
})

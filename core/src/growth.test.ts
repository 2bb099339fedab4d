import { describe, expect, it, vi } from 'vitest'
import { checkTask } from './check/index.ts'
import { Exact } from './number/index.ts'
import { reckonTask } from './reckon/index.ts'
import { mergeTasks, readTask, type Task } from './record/index.ts'
import { titrations, weighedRuns } from './record/testing/longRecords.ts'
import { effectsOf } from './slips/index.ts'
import { stagesOf, summariseTask } from './stages/index.ts'
import { sureAnswers } from './uncertainty/index.ts'

const task = (rest: object) => readTask({ format: 'hop-lark/task', version: 1, id: 'growth', title: 'Growth', ...rest })
const list = <Item>(count: number, make: (index: number) => Item) => Array.from({ length: count }, (_, index) => make(index))
/** Records that grow in one way each. */
const RECORDS: Readonly<Record<string, (size: number) => Task>> = {
  'runs of one titration': (size) => titrations(1, size),
  'runs with a weighed solid each': weighedRuns,
  'titrations of ten runs': (size) => titrations(size / 10, 10),
  'points of a series': (size) =>
    task({
      materials: [],
      parts: [
        {
          id: 's1',
          kind: 'series',
          x: { name: 'volume', unit: 'cm3', step: '0.1' },
          y: { name: 'temperature', unit: '°C', step: '0.1' },
          reading: 'two-lines',
          points: list(size, (index) => [
            ((index * 50) / size).toFixed(2),
            (25 - Math.abs(index - size / 2) * (10 / size)).toFixed(1),
          ]),
        },
      ],
      questions: [{ id: 'q1', find: { quantity: 'crossing', in: 's1' } }],
    }),
  'tubes of a rack': (size) =>
    task({
      materials: [{ id: 'P', label: 'P', form: 'solution' }],
      parts: [
        {
          id: 'r1',
          kind: 'rack',
          samples: [
            {
              material: 'P',
              tubes: list(size / 5, (index) => ({
                id: `P${index + 1}`,
                steps: [{ do: 'add', reagent: 'NaOH(aq)', amount: 'drops', saw: 'white ppt' }],
              })),
            },
          ],
        },
      ],
      questions: [],
    }),
}

/** What is worked out of a record. */
const WORK: Readonly<Record<string, (record: Task) => unknown>> = {
  reckon: (record) => reckonTask(record),
  check: (record) => checkTask(record, reckonTask(record)),
  stages: (record) => stagesOf(record, reckonTask(record)),
  'the shelf’s line': (record) => summariseTask(record),
  slips: (record) => record.questions.map(({ id }) => effectsOf(record, id)),
  sureness: (record) => sureAnswers(record, reckonTask(record).answers),
}

const ARITHMETIC = ['add', 'sub', 'mul', 'div', 'cmp', 'eq', 'lt', 'lte', 'gt', 'gte', 'abs'] as const

/** Counts how often anything in a record is looked at: ten thousand looks at a thing of the record are a loop within a loop. */
function watched(record: Task): { readonly record: Task; readonly looks: () => number } {
  let looks = 0
  const known = new WeakMap<object, object>()
  const watch = <Thing>(thing: Thing): Thing => {
    if (typeof thing !== 'object' || thing === null) return thing
    const met = known.get(thing)
    if (met) return met as Thing
    const proxy = new Proxy(thing, {
      get: (of, key, receiver) => {
        looks++
        return watch(Reflect.get(of, key, receiver))
      },
    })
    known.set(thing, proxy)
    return proxy as Thing
  }
  return { record: watch(record), looks: () => looks }
}

/** Operations: looks at the record, and sums done with its readings. */
function operationsOf(work: (record: Task) => unknown, made: Task): number {
  const { record, looks } = watched(made)
  const spies = ARITHMETIC.map((name) => vi.spyOn(Exact.prototype, name))
  work(record)
  const sums = spies.reduce((total, spy) => total + spy.mock.calls.length, 0)
  for (const spy of spies) spy.mockRestore()
  return looks() + sums
}

/** Twice as long a record may take so many times as much, sorting included. */
const AS_MUCH = 2.3

describe('work grows with the record and not with its square', () => {
  for (const [grows, make] of Object.entries(RECORDS)) {
    for (const [name, work] of Object.entries(WORK)) {
      it(`${name}, by ${grows}`, () => {
        const [small, middle, large] = [250, 500, 1000].map((size) => operationsOf(work, make(size))) as [number, number, number]
        expect(middle / small).toBeLessThan(AS_MUCH)
        expect(large / middle).toBeLessThan(AS_MUCH)
      })
    }
  }

  it('merging two versions that both added and changed runs, at either end', () => {
    const merged = (size: number) => {
      const base = titrations(1, size)
      const changed = (at: number, value: string): Task => {
        const [part] = base.parts
        if (part?.kind !== 'titration') throw new Error('no titration')
        const runs = part.runs.map((one, index) => (index === at ? { ...one, final: value } : one))
        return {
          ...base,
          parts: [{ ...part, runs: [...runs, { id: value, kind: 'accurate', initial: '0.00', final: value }] }],
        }
      }
      let compared = 0
      const spy = vi.spyOn(Object, 'keys').mockImplementation((of: object) => {
        compared++
        return Reflect.ownKeys(of) as string[]
      })
      const { task: both } = mergeTasks(base, changed(0, '24.00'), changed(size - 1, '25.00'))
      spy.mockRestore()
      const [part] = both.parts
      expect(part?.kind === 'titration' && part.runs.length).toBe(size + 2)
      return compared
    }
    expect(merged(1000) / merged(500)).toBeLessThan(AS_MUCH)
    expect(merged(2000) / merged(1000)).toBeLessThan(AS_MUCH)
  })
})
